package amberrail.core.simulation;

/**
 * How the errors of a stroke grow with its pace (grading.md, version 2; assumptions, in one place, to be corrected by data).
 *
 * <p>{@link ExecutionErrors} hold at 2 m/s. Power costs accuracy; and a very soft stroke is hard to dose.
 */
final class PaceGrowth {
    private static final double REFERENCE_METRES_PER_SECOND = 2;
    private static final double POWER_METRES_PER_SECOND = 4;
    private static final double SOFT_METRES_PER_SECOND = 0.6;
    private static final double AT_REFERENCE = power(REFERENCE_METRES_PER_SECOND);

    private PaceGrowth() {}

    /** By how much aim and tip errors are larger at this launch speed than at 2 m/s: 0.91 at 0.7 m/s, 1.26 at 4, 1.8 at 7. */
    static double ofAimAndTip(double speedMetresPerSecond) {
        return power(speedMetresPerSecond) / AT_REFERENCE;
    }

    /** By how much the launch speed's relative error is larger: 1.04 at 2 m/s, 1.32 at 0.7 m/s. */
    static double ofPace(double speedMetresPerSecond) {
        double share = SOFT_METRES_PER_SECOND / speedMetresPerSecond;
        return Math.sqrt(1 + share * share);
    }

    private static double power(double speed) {
        double share = speed / POWER_METRES_PER_SECOND;
        return Math.sqrt(1 + share * share);
    }
}
