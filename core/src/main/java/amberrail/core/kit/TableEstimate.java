package amberrail.core.kit;

import amberrail.core.motion.Physics;
import java.util.List;

/**
 * What a table check has found so far.
 *
 * @param suspicions readings that do not go with the others, worst first
 */
public record TableEstimate(
        Estimated rollingFriction,
        Estimated slidingFriction,
        Estimated cushionRestitution,
        Estimated driftX,
        Estimated driftY,
        List<Suspicion> suspicions,
        Posterior posterior) {
    public TableEstimate {
        suspicions = List.copyOf(suspicions);
    }

    public ClothNumbers numbers() {
        return new ClothNumbers(
                rollingFriction.value(),
                slidingFriction.value(),
                cushionRestitution.value(),
                driftX.value(),
                driftY.value());
    }

    /** The engine's numbers, all that was not measured as in the preset. */
    public Physics on(Physics preset) {
        return numbers().on(preset);
    }

    /** Mode and precision in the scale of the preset: what a cue check goes on from. */
    public record Posterior(double[] mode, double[][] precision) {}
}
