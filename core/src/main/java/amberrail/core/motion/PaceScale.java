package amberrail.core.motion;

import amberrail.core.problem.Require;

/** Pace 1 to 10 as launch speed, linear between the steps (answers.md, "Strike and pace"). */
public final class PaceScale {
    private static final double[] METRES_PER_SECOND = {0.6, 1.0, 1.5, 2.0, 2.7, 3.4, 4.2, 5.0, 6.0, 7.0};

    private PaceScale() {}

    /** The pace of a launch speed; the scale's ends outside it. Example: 1.75 m/s is 3.5. */
    public static double pace(double metresPerSecond) {
        Require.positive("paceMetresPerSecond", metresPerSecond);
        int above = 0;
        while (above < METRES_PER_SECOND.length && METRES_PER_SECOND[above] < metresPerSecond) {
            above++;
        }
        if (above == 0) {
            return 1;
        }
        if (above == METRES_PER_SECOND.length) {
            return METRES_PER_SECOND.length;
        }
        double from = METRES_PER_SECOND[above - 1];
        return above + (metresPerSecond - from) / (METRES_PER_SECOND[above] - from);
    }

    /** The launch speed of a whole step, 1 to 10. */
    public static double metresPerSecond(int pace) {
        Require.between("pace", pace, 1, METRES_PER_SECOND.length);
        return METRES_PER_SECOND[pace - 1];
    }

    /** How many per cent of this launch speed one step of the scale is, there where it lies. */
    public static double stepPercent(double metresPerSecond) {
        int below = Math.min(METRES_PER_SECOND.length - 2, (int) pace(metresPerSecond) - 1);
        return 100 * (METRES_PER_SECOND[below + 1] - METRES_PER_SECOND[below]) / metresPerSecond;
    }
}
