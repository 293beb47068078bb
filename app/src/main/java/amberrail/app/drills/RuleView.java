package amberrail.app.drills;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.AdvancingRule;

/** An advancing rule to be put in words by whoever shows it. */
public record RuleView(
        Kind kind, int successes, @MayBeMissing Integer outOf, int capTries) {
    /** Which words. */
    public enum Kind {
        IN_A_ROW,
        OF_A_BLOCK
    }

    static RuleView of(AdvancingRule rule) {
        if (rule instanceof AdvancingRule.OfABlock block) {
            return new RuleView(Kind.OF_A_BLOCK, block.successes(), block.outOf(), block.capTries());
        }
        AdvancingRule.InARow row = (AdvancingRule.InARow) rule;
        return new RuleView(Kind.IN_A_ROW, row.successes(), null, row.capTries());
    }
}
