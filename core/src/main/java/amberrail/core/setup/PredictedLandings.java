package amberrail.core.setup;

import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.statistics.Covariance;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where a stroke's {@link CleanLandings} fall for a student in the middle of a band.
 *
 * @param cleanShare share of all strokes that are clean, 0 to 1
 * @param mean       of the clean landings (mm)
 * @param covariance of theirs, along the table and across it (mm²)
 */
public record PredictedLandings(Band band, double cleanShare, Point mean, Covariance covariance) {
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
        ExecutionErrors errors = ExecutionErrors.ofAbility(band.middleLogits());
        List<Point> landings = CleanLandings.of(layout, task, stroke, errors, Noise.COMMON);
        if (landings.size() < FEWEST_TO_TELL) {
            return Optional.empty();
        }
        Point sum = landings.stream().reduce(Point::plus).orElseThrow();
        return Optional.of(new PredictedLandings(
                band,
                (double) landings.size() / STROKES,
                new Point(sum.xMillimetres() / landings.size(), sum.yMillimetres() / landings.size()),
                Covariance.of(landings, Point::xMillimetres, Point::yMillimetres)));
    }
}
