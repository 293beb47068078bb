package amberrail.core.diagnosis;

import amberrail.core.attempt.PotOutcome;
import amberrail.core.statistics.MapCause;
import java.util.Optional;

/** What became of the pot, as bounds on the aim (methods.md, mapCause, step 2). */
final class PotBounds {
    private PotBounds() {}

    /**
     * @param leavesLeft whether the object ball leaves to the left of the aim: then a ball that goes to the right of its pocket was hit thick
     */
    static Optional<MapCause.Bounds> of(PotOutcome outcome, StrokeModel model, boolean leavesLeft) {
        double thick = model.toleranceThick();
        double thin = model.toleranceThin();
        if (!(thick + thin > 0)) {
            return Optional.empty();
        }
        return switch (outcome) {
            case POTTED_CLEAN, OFF_THICK_JAW, OFF_THIN_JAW, OFF_LEFT_JAW, OFF_RIGHT_JAW ->
                Optional.of(bounds(-thin, thick));
            case MISSED_THICK -> Optional.of(tooThick(thick));
            case MISSED_THIN -> Optional.of(tooThin(thin));
            case MISSED_RIGHT -> Optional.of(leavesLeft ? tooThick(thick) : tooThin(thin));
            case MISSED_LEFT -> Optional.of(leavesLeft ? tooThin(thin) : tooThick(thick));
            default -> Optional.empty();
        };
    }

    private static MapCause.Bounds tooThick(double tolerance) {
        return bounds(tolerance, Double.POSITIVE_INFINITY);
    }

    private static MapCause.Bounds tooThin(double tolerance) {
        return bounds(Double.NEGATIVE_INFINITY, -tolerance);
    }

    private static MapCause.Bounds bounds(double low, double high) {
        return new MapCause.Bounds(Cause.AIM.ordinal(), low, high);
    }
}
