package amberrail.core.recipe;

import amberrail.core.aiming.FullHit;
import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.Quantile;
import amberrail.core.table.BallSet;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * How often a stop shot stops, in hands that stray: which of the two schools, low and soft or higher and firmer, forgives more.
 *
 * @see "grading.md, errors of a stroke; physics/model.md, sections 2 to 4"
 */
public final class StopChance {
    /** Equally likely values of each error: a stop's travel is smooth in both, and forty by forty settle the share to half a point. */
    private static final int VALUES = 40;

    private static final double[] NORMALS = IntStream.range(0, VALUES)
            .mapToDouble(i -> Quantile.normal((i + 0.5) / VALUES))
            .toArray();

    private static final double FARTHEST_STRUCK = 0.55;

    private StopChance() {}

    /**
     * Share of strokes after which the cue ball rests within a distance of where it hit.
     *
     * @param stroke           pace (m/s), height (b/R), elevation (degrees) that are meant
     * @param distanceMetres   to the ghost ball
     * @param withinMetres     on or back
     * @param errors           of the student, at the reference pace
     */
    public static double of(
            Stroke stroke,
            double distanceMetres,
            double withinMetres,
            ExecutionErrors errors,
            BallSet balls,
            Physics physics) {
        Require.positive("withinMetres", withinMetres);
        ExecutionErrors here = errors.at(stroke.paceMetresPerSecond());
        double heightSd = here.tipHeightMillimetres() / balls.cueBall().radiusMillimetres();
        int stops = 0;
        for (int i = 0; i < VALUES; i++) {
            double pace = stroke.paceMetresPerSecond() * Math.max(0.02, 1 + here.paceFraction() * NORMALS[i]);
            for (int j = 0; j < VALUES; j++) {
                double height = stroke.heightOverRadius() + heightSd * NORMALS[j];
                if (Math.abs(height) > FARTHEST_STRUCK) {
                    continue;
                }
                OptionalDouble travel =
                        FullHit.travelMetres(pace, height, stroke.elevationDegrees(), distanceMetres, balls, physics);
                stops += travel.isPresent() && Math.abs(travel.getAsDouble()) <= withinMetres ? 1 : 0;
            }
        }
        return (double) stops / (VALUES * VALUES);
    }

    /** A straight stroke: pace (m/s), height (b/R), elevation of the cue (degrees). */
    public record Stroke(double paceMetresPerSecond, double heightOverRadius, double elevationDegrees) {}
}
