package amberrail.core.recipe;

import amberrail.core.problem.Require;

/**
 * Where to look for the launch directions that pot.
 *
 * @param aroundDegrees the geometric aim, from which the search goes out to both sides
 * @param windowDegrees width of the geometric aim window
 * @param reachDegrees  how far from there it still makes sense to look
 * @param finestDegrees how well the ends are wanted
 */
public record AimSearch(double aroundDegrees, double windowDegrees, double reachDegrees, double finestDegrees) {
    /** Throw, squirt and swerve together stay below this for any shot that is played on purpose. */
    private static final double USUAL_REACH_DEGREES = 6;

    private static final double FINE_DEGREES = 1e-4;
    private static final double QUICK_DEGREES = 2e-3;

    public AimSearch {
        Require.finite("aroundDegrees", aroundDegrees);
        Require.notNegative("windowDegrees", windowDegrees);
        Require.between("reachDegrees", reachDegrees, 0, 180);
        Require.positive("finestDegrees", finestDegrees);
    }

    /** About the geometric aim, to a ten-thousandth of a degree. */
    public static AimSearch about(double aroundDegrees, double windowDegrees) {
        return new AimSearch(aroundDegrees, windowDegrees, USUAL_REACH_DEGREES, FINE_DEGREES);
    }

    /** The same, for scans that throw most of it away. */
    AimSearch quick() {
        return new AimSearch(aroundDegrees, windowDegrees, reachDegrees, QUICK_DEGREES);
    }

    /** Begins in a known interval; its own width sets the step, so both ends are found in few shots. */
    AimSearch from(AimInterval known) {
        double half = (known.upperDegrees() - known.lowerDegrees()) / 2;
        return new AimSearch(known.middleDegrees(), 6.6 * Math.max(half, 0.002), reachDegrees, finestDegrees);
    }

    /** The same, but giving up sooner. */
    AimSearch within(double degrees) {
        return new AimSearch(aroundDegrees, windowDegrees, degrees, finestDegrees);
    }
}
