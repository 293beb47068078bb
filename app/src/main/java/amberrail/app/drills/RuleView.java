package amberrail.app.drills;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.AdvancingRule;

/** An advancing rule to be put in words by whoever shows it. */
public record RuleView(
        Kind kind, int successes, @MayBeMissing Integer outOf, int capTries) {
    /** Which words; {@code successes} are points for a total of points, and 1 for a whole run. */
    public enum Kind {
        IN_A_ROW,
        OF_A_BLOCK,
        OF_THE_LAST,
        WHOLE_RUN,
        POINTS_TOTAL
    }

    static RuleView of(AdvancingRule rule) {
        if (rule instanceof AdvancingRule.OfABlock block) {
            return new RuleView(Kind.OF_A_BLOCK, block.successes(), block.outOf(), block.capTries());
        }
        if (rule instanceof AdvancingRule.OfTheLast last) {
            return new RuleView(Kind.OF_THE_LAST, last.successes(), last.outOf(), last.capTries());
        }
        if (rule instanceof AdvancingRule.PointsTotal total) {
            return new RuleView(Kind.POINTS_TOTAL, total.points(), total.outOf(), total.capTries());
        }
        if (rule instanceof AdvancingRule.InARow row) {
            return new RuleView(Kind.IN_A_ROW, row.successes(), null, row.capTries());
        }
        return new RuleView(Kind.WHOLE_RUN, 1, null, rule.capTries());
    }
}
