package amberrail.core.setup;

import amberrail.core.attempt.Judge;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.LandingSimulation;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.TableLevel;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Where a stroke's clean landings fall for a student in the middle of a band: those of strokes that do what the pot asks and leave the cue ball up.
 *
 * @param cleanShare share of all strokes that are clean, 0 to 1
 * @param mean       of the clean landings (mm)
 * @param xx         variance along the table (mm²)
 * @param xy         covariance (mm²)
 * @param yy         variance across it (mm²)
 */
public record PredictedLandings(Band band, double cleanShare, Point mean, double xx, double xy, double yy) {
    private static final int STROKES = 1000;
    private static final long SEED = 20_246;
    private static final int FEWEST_TO_TELL = 20;

    private static final class Noise {
        static final StrokeNoise COMMON = StrokeNoise.of(STROKES, SEED);
    }

    /** One for each band in which at least twenty of a thousand strokes are clean. */
    static List<PredictedLandings> of(ShotLayout layout, ShotTask task, PlannedStroke stroke) {
        return Stream.of(Band.values())
                .flatMap(band -> of(band, layout, task, stroke).stream())
                .toList();
    }

    private static Optional<PredictedLandings> of(Band band, ShotLayout layout, ShotTask task, PlannedStroke stroke) {
        int cue = task.cueBall();
        Predicate<PlayedShot> pots = layout.pocket().isPresent() ? Judge.pots(layout) : played -> true;
        double radius = 1000 * task.balls().get(cue).radiusMetres();
        List<Point> landings = new LandingSimulation(
                        task.table(), task.physics(), task.balls(), cue, TableLevel.NEVER_CHECKED)
                .landings(
                        stroke.onBall(radius),
                        ExecutionErrors.ofAbility(band.middleLogits()),
                        Noise.COMMON,
                        played -> pots.test(played) && !played.isPotted(cue)
                                ? Optional.of(new Point(1000 * played.xMetres(cue), 1000 * played.yMetres(cue)))
                                : Optional.empty());
        return landings.size() < FEWEST_TO_TELL ? Optional.empty() : Optional.of(of(band, landings));
    }

    private static PredictedLandings of(Band band, List<Point> landings) {
        double x = landings.stream().mapToDouble(Point::xMillimetres).average().orElseThrow();
        double y = landings.stream().mapToDouble(Point::yMillimetres).average().orElseThrow();
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (Point landing : landings) {
            double dx = landing.xMillimetres() - x;
            double dy = landing.yMillimetres() - y;
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
        }
        int freedom = landings.size() - 1;
        return new PredictedLandings(
                band, (double) landings.size() / STROKES, new Point(x, y), xx / freedom, xy / freedom, yy / freedom);
    }
}
