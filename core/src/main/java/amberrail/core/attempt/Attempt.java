package amberrail.core.attempt;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.PottingResult;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What was seen of one shot. An in-off has no landing ({@code CONTRADICTION}); a foul may have one.
 *
 * @param landing empty if the cue ball dropped or nobody saw where it stopped
 * @param facts   what a landing cannot show, at most one for each demand ({@code DUPLICATE_ID})
 */
public record Attempt(PotOutcome outcome, boolean foul, boolean inOff, Optional<Landing> landing, List<Fact> facts) {
    public Attempt {
        Objects.requireNonNull(outcome);
        facts = List.copyOf(facts);
        if (inOff && landing.isPresent()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "landing", landing.get().place(), "must be absent after an in-off");
        }
        for (int i = 0; i < facts.size(); i++) {
            Fact fact = facts.get(i);
            if (facts.subList(0, i).stream().anyMatch(earlier -> earlier.demand() == fact.demand())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "facts.demand", fact.demand(), "must have one fact only");
            }
        }
    }

    /** Without facts: every demand that a landing cannot show counts as met. */
    public Attempt(PotOutcome outcome, boolean foul, boolean inOff, Optional<Landing> landing) {
        this(outcome, foul, inOff, landing, List.of());
    }

    Optional<Fact> fact(int demand) {
        return facts.stream().filter(fact -> fact.demand() == demand).findFirst();
    }

    /** The part that statistics need. */
    public PottingResult result() {
        return new PottingResult(outcome.pot(), inOff, foul, landing.map(Landing::place));
    }
}
