package amberrail.core.diagnosis;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Point;
import java.util.Optional;

/**
 * One attempt with the model of the stroke that was called.
 *
 * @param placed where the cue ball stopped and how surely that was placed; empty where nobody saw it
 */
public record SeenShot(StrokeModel model, PotOutcome outcome, boolean cleanPot, Optional<Landing> placed) {

    /** A pot off a jaw is no clean one; a foul spoils it too. */
    public static SeenShot of(StrokeModel model, Attempt attempt) {
        boolean clean = attempt.outcome() == PotOutcome.POTTED_CLEAN && !attempt.foul() && !attempt.inOff();
        return new SeenShot(model, attempt.outcome(), clean, attempt.landing());
    }

    Optional<Point> place() {
        return placed.map(Landing::place);
    }

    /** Variance of placing the mark (mm²), on each axis. */
    double placingVariance() {
        double sd = placed.map(Landing::placingSdMillimetres).orElse(5.0);
        return Math.max(1, sd * sd);
    }
}
