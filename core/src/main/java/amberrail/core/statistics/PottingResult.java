package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.Objects;
import java.util.Optional;

/**
 * What statistics need of one attempt. An in-off has no landing: {@code CONTRADICTION}.
 *
 * @param inOff the cue ball dropped
 * @param foul  any other foul
 * @param landing where the cue ball stopped, if seen
 */
public record PottingResult(Pot pot, boolean inOff, boolean foul, Optional<Point> landing) {
    /** How the pot went. */
    public enum Pot {
        MADE,
        THICK,
        THIN,
        OTHER
    }

    public PottingResult {
        Objects.requireNonNull(pot);
        if (inOff && landing.isPresent()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "landing", landing.get(), "must be absent when the cue ball dropped");
        }
    }

    boolean made() {
        return pot == Pot.MADE;
    }

    boolean unrecorded() {
        return landing.isEmpty() && !inOff;
    }

    boolean anyFoul() {
        return foul || inOff;
    }
}
