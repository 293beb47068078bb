package amberrail.core.kit;

import amberrail.core.motion.Physics;

/**
 * Cloth numbers as five unknowns of size one each about the preset: friction as logarithms with spread 0.3, restitution with 0.05, drift
 * with 0.005 m/s² (kit/README.md, Estimation).
 */
final class ClothScale {
    static final int SIZE = 5;
    static final int ROLLING = 0;
    static final int SLIDING = 1;
    static final int RESTITUTION = 2;
    static final int DRIFT_X = 3;
    static final int DRIFT_Y = 4;
    static final double LOG_SPREAD = 0.3;
    static final double RESTITUTION_SPREAD = 0.05;
    static final double DRIFT_SPREAD = 0.005;

    /** Keeps a wild step of the optimiser within what an engine can play. */
    private static final double FARTHEST = 8;

    private final Physics preset;

    ClothScale(Physics preset) {
        this.preset = preset;
    }

    double rolling(double z) {
        return preset.rollingFriction() * Math.exp(LOG_SPREAD * bounded(z));
    }

    double sliding(double z) {
        return preset.slidingFriction() * Math.exp(LOG_SPREAD * bounded(z));
    }

    /** Above 1 where the optimiser looks there; the engine is asked at 1 at most. */
    double restitution(double z) {
        return preset.cushionRestitution() + RESTITUTION_SPREAD * z;
    }

    double drift(double z) {
        return DRIFT_SPREAD * bounded(z);
    }

    private static double bounded(double z) {
        return Math.max(-FARTHEST, Math.min(FARTHEST, z));
    }

    /** With this restitution, which is at most 1. */
    Physics physics(double[] z, int from, double restitution) {
        return new ClothNumbers(
                        rolling(z[from + ROLLING]),
                        sliding(z[from + SLIDING]),
                        Math.max(0, Math.min(1, restitution)),
                        drift(z[from + DRIFT_X]),
                        drift(z[from + DRIFT_Y]))
                .on(preset);
    }

    Physics physics(double[] z, int from) {
        return physics(z, from, restitution(z[from + RESTITUTION]));
    }

    double zOf(int unknown, double value) {
        return switch (unknown) {
            case ROLLING -> Math.log(value / preset.rollingFriction()) / LOG_SPREAD;
            case SLIDING -> Math.log(value / preset.slidingFriction()) / LOG_SPREAD;
            case RESTITUTION -> (value - preset.cushionRestitution()) / RESTITUTION_SPREAD;
            default -> value / DRIFT_SPREAD;
        };
    }
}
