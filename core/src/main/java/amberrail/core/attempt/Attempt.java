package amberrail.core.attempt;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.PottingResult;
import java.util.Objects;
import java.util.Optional;

/**
 * What was seen of one shot. An in-off has no landing ({@code CONTRADICTION}); a foul may have one.
 *
 * @param landing empty if the cue ball dropped or nobody saw where it stopped
 */
public record Attempt(PotOutcome outcome, boolean foul, boolean inOff, Optional<Landing> landing) {
    public Attempt {
        Objects.requireNonNull(outcome);
        if (inOff && landing.isPresent()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "landing", landing.get().place(), "must be absent after an in-off");
        }
    }

    /** The part that statistics need. */
    public PottingResult result() {
        return new PottingResult(outcome.pot(), inOff, foul, landing.map(Landing::place));
    }
}
