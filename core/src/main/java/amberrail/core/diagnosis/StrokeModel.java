package amberrail.core.diagnosis;

import amberrail.core.aiming.PotLine;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.LandingJacobian;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.statistics.ArrivalError;

/**
 * How a stroke's errors move the landing, as the diagnosis wants it (methods.md, section 6).
 *
 * @param stroke             what was called, or the usual stroke
 * @param landing            where it should have come to rest (mm)
 * @param arrival            the way it travels when it gets there
 * @param jacobian           rows line and speed; columns mm for 1 % of pace, 1 mm of tip height, 1 mrad of aim, thicker positive
 * @param toleranceThick     how far the aim may be too thick and still pot (mrad)
 * @param toleranceThin      the same too thin
 * @param holdsUpTo          for errors of how many times the reference student's the jacobian holds
 * @param potSpread          how many times larger than the aim's own error that of the pot is: unwanted side and height throw
 * @param assumed            nobody called a stroke: it is the usual one
 */
public record StrokeModel(
        PlannedStroke stroke,
        Point landing,
        Direction arrival,
        double[][] jacobian,
        double toleranceThick,
        double toleranceThin,
        double holdsUpTo,
        double potSpread,
        boolean assumed) {

    /**
     * Of a recipe found on the original side; on the mirror, line and aim change sign, and thick stays thick.
     *
     * @param original the original's layout, whose cut says which way is thicker
     * @param widthMillimetres of the bed
     */
    public static StrokeModel of(
            Recipe recipe, ShotLayout original, boolean mirrored, double widthMillimetres, boolean assumed) {
        double thick = thickSign(original);
        LandingJacobian j = recipe.jacobian();
        double line = mirrored ? -1 : 1;
        double[][] jacobian = {
            {
                line * j.pace().lineMillimetres(),
                line * j.tipHeight().lineMillimetres(),
                line * thick * j.aim().lineMillimetres()
            },
            {
                j.pace().speedMillimetres(),
                j.tipHeight().speedMillimetres(),
                thick * j.aim().speedMillimetres()
            }
        };
        double up = milliradians(recipe.aim().upperDegrees() - recipe.stroke().launchDegrees());
        double down =
                milliradians(recipe.stroke().launchDegrees() - recipe.aim().lowerDegrees());
        Point landing = recipe.landing();
        return new StrokeModel(
                recipe.stroke(),
                mirrored ? new Point(landing.xMillimetres(), widthMillimetres - landing.yMillimetres()) : landing,
                Direction.ofDegrees(mirrored ? -recipe.arrivalDegrees() : recipe.arrivalDegrees()),
                jacobian,
                thick > 0 ? up : down,
                thick > 0 ? down : up,
                j.holdsUpTo(),
                recipe.potShift().timesTheAim(),
                assumed);
    }

    /** A greater launch angle turns the cue ball to its left: for an object ball that leaves to the left that is thicker. */
    static double thickSign(ShotLayout layout) {
        return layout.potLine().map(PotLine::cutDegrees).orElse(0.0) < 0 ? -1 : 1;
    }

    /** The jacobian for errors of the size that they have at the reference pace: those of this stroke are larger or smaller. */
    double[][] jacobianAtReference() {
        StrokeErrors unit = new StrokeErrors(1, 1, 1);
        double[] grown = unit.at(stroke.paceMetresPerSecond()).sds();
        double[][] scaled = new double[jacobian.length][grown.length];
        for (int row = 0; row < jacobian.length; row++) {
            for (int cause = 0; cause < grown.length; cause++) {
                scaled[row][cause] = grown[cause] * jacobian[row][cause];
            }
        }
        return scaled;
    }

    /** What the aim may be off (mrad), counted in aim errors at the reference pace: the pot spreads by what the tip throws, too. */
    double toleranceAtReference(double tolerance) {
        double grown =
                new StrokeErrors(1, 1, 1).at(stroke.paceMetresPerSecond()).aimMilliradians();
        return tolerance / (grown * potSpread);
    }

    /** Against the predicted landing, not the target. */
    public ArrivalError error(Point seen) {
        return ArrivalError.of(landing, arrival, seen);
    }

    private static double milliradians(double degrees) {
        return 1000 * Math.toRadians(Math.max(0.0, degrees));
    }
}
