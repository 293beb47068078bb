package amberrail.core.kit;

import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.setup.CleanLandings;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import java.util.List;
import java.util.Optional;

/**
 * Where one called stroke's clean landings fall and how their mean moves with the cloth and with the student's pace: simulated with the student's
 * own errors, the same random numbers for each of the cloths, so that what the pot lets through is in it.
 *
 * @param mean       x, y (mm)
 * @param covariance of a landing about it (mm²), what a tap on a screen errs by included
 * @param slopes     of the mean (mm) for each unknown of {@link PlayLearning}
 */
record LandingModel(double[] mean, double[][] covariance, double[][] slopes) {
    private static final long SEED = 20_251_128;
    private static final int STROKES = 96;
    /** Fewer say too little of where they fall. */
    private static final int FEWEST = 24;
    /** A finger on a screen (mm). */
    private static final double TAP = 12;

    /** How far each unknown is moved to see what it does: about the spread that play leaves. */
    private static final double[] STEPS = {0.3, 0.6, 0.4, 0.04};

    /** Empty where hardly anything is potted. */
    static Optional<LandingModel> of(
            ShotLayout layout,
            ShotTask task,
            PlannedStroke stroke,
            ExecutionErrors errors,
            ClothScale scale,
            double[] at) {
        Simulated simulated = new Simulated(layout, task, errors, scale, StrokeNoise.of(STROKES, SEED));
        List<Point> clean = simulated.landings(stroke, at);
        if (clean.size() < FEWEST) {
            return Optional.empty();
        }
        double[][] slopes = new double[2][PlayLearning.OF_A_STROKE];
        for (int unknown = 0; unknown < PlayLearning.OF_A_STROKE; unknown++) {
            Optional<double[]> more = simulated.mean(stroke, moved(at, unknown, STEPS[unknown]));
            Optional<double[]> less = simulated.mean(stroke, moved(at, unknown, -STEPS[unknown]));
            if (more.isEmpty() || less.isEmpty()) {
                return Optional.empty();
            }
            for (int axis = 0; axis < 2; axis++) {
                slopes[axis][unknown] = (more.get()[axis] - less.get()[axis]) / (2 * STEPS[unknown]);
            }
        }
        double[] mean = mean(clean);
        return Optional.of(new LandingModel(mean, covariance(clean, mean), slopes));
    }

    private static double[] moved(double[] at, int unknown, double by) {
        double[] moved = at.clone();
        moved[unknown] += by;
        return moved;
    }

    private record Simulated(
            ShotLayout layout, ShotTask task, ExecutionErrors errors, ClothScale scale, StrokeNoise noise) {
        /** {@code at}: rolling, sliding, restitution in the scale of the preset; the logarithm of the student's pace. */
        List<Point> landings(PlannedStroke stroke, double[] at) {
            double[] z = new double[ClothScale.SIZE];
            System.arraycopy(at, 0, z, 0, PlayLearning.OF_CLOTH);
            Physics level = scale.physics(z, 0);
            Physics there =
                    level.withDrift(task.physics().driftX(), task.physics().driftY());
            return CleanLandings.of(
                    layout,
                    task.on(there),
                    stroke.withPace(stroke.paceMetresPerSecond() * Math.exp(at[PlayLearning.PACE])),
                    errors,
                    noise);
        }

        Optional<double[]> mean(PlannedStroke stroke, double[] at) {
            List<Point> clean = landings(stroke, at);
            return clean.size() < FEWEST ? Optional.empty() : Optional.of(LandingModel.mean(clean));
        }
    }

    private static double[] mean(List<Point> points) {
        return new double[] {
            points.stream().mapToDouble(Point::xMillimetres).average().orElseThrow(),
            points.stream().mapToDouble(Point::yMillimetres).average().orElseThrow()
        };
    }

    private static double[][] covariance(List<Point> points, double[] mean) {
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (Point point : points) {
            double dx = point.xMillimetres() - mean[0];
            double dy = point.yMillimetres() - mean[1];
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
        }
        int n = points.size() - 1;
        return new double[][] {{xx / n + TAP * TAP, xy / n}, {xy / n, yy / n + TAP * TAP}};
    }
}
