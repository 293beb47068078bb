package amberrail.app.lab;

import amberrail.app.lab.LabViews.DragRow;
import amberrail.app.lab.LabViews.DragTable;
import amberrail.app.lab.LabViews.HeightAndPace;
import amberrail.app.lab.LabViews.StopCurve;
import amberrail.app.lab.LabViews.StopRow;
import amberrail.app.lab.LabViews.StopTable;
import amberrail.core.aiming.StopStroke;
import amberrail.core.aiming.StraightPath;
import amberrail.core.geometry.Units;
import amberrail.core.recipe.StopChance;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.GradeScale;
import amberrail.core.table.BallSet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Struck low: how hard for a stop, and how firm for a slow arrival. */
@Service
class StopLab {
    /** A stop is compared over these distances. */
    private static final List<Double> STOPS_MILLIMETRES = List.of(500.0, 1000.0, 1500.0, 2000.0);

    private static final int CURVE_STEPS = 40;
    /** Nearer the centre than a tenth of the way nobody can mean it. */
    private static final double NEAREST_CENTRE_SHARE = 0.1;

    private static final double FIRMEST_DRAWN_METRES_PER_SECOND = 7;
    /** b/R of a ball that rolls from the tip on: 2/5. */
    private static final double ROLLS_AT_ONCE = 0.4;

    /** Below the centre in steps of half a half tip, to the lowest that does not slip off. */
    private static DoubleStream lowHeights(LabKit kit) {
        double step = kit.tipDiameterMillimetres() / 4;
        return IntStream.rangeClosed(1, kit.steps(step)).mapToDouble(n -> -n * step);
    }

    StopTable stop(LabKit kit, double distanceMillimetres, double grade) {
        ExecutionErrors errors = ExecutionErrors.ofAbility(GradeScale.logits(grade));
        List<StopRow> rows = lowHeights(kit)
                .mapToObj(height -> stopRow(kit, distanceMillimetres, height, errors))
                .toList();
        StopRow forgiving =
                rows.stream().max(Comparator.comparingDouble(StopRow::chance)).orElseThrow();
        TreeSet<Double> distances = new TreeSet<>(STOPS_MILLIMETRES);
        distances.add(distanceMillimetres);
        return new StopTable(
                rows,
                rows.get(rows.size() - 1),
                forgiving,
                distances.stream()
                        .map(distance -> new StopCurve(distance, stopCurve(kit, distance)))
                        .toList());
    }

    private static StopRow stopRow(LabKit kit, double distance, double height, ExecutionErrors errors) {
        double pace = stopPace(kit, distance, height);
        double nearer = stopPace(kit, distance, height + 1);
        BallSet balls = kit.balls();
        double chance = StopChance.of(
                new StopChance.Stroke(pace, height / kit.radiusMillimetres(), kit.elevationDegrees()),
                Units.metres(distance),
                Units.metres(balls.cueBall().diameterMillimetres()),
                errors,
                balls,
                kit.physics());
        return new StopRow(height, pace, 100 * (nearer / pace - 1), chance);
    }

    private static List<HeightAndPace> stopCurve(LabKit kit, double distance) {
        double lowest = -LabKit.FARTHEST_STRUCK * kit.radiusMillimetres();
        double step = (lowest - NEAREST_CENTRE_SHARE * lowest) / CURVE_STEPS;
        return IntStream.rangeClosed(0, CURVE_STEPS)
                .mapToDouble(i -> lowest - i * step)
                .mapToObj(height -> new HeightAndPace(height, stopPace(kit, distance, height)))
                .takeWhile(one -> one.paceMetresPerSecond() <= FIRMEST_DRAWN_METRES_PER_SECOND)
                .toList();
    }

    private static double stopPace(LabKit kit, double distanceMillimetres, double height) {
        return StopStroke.paceMetresPerSecond(
                Units.metres(distanceMillimetres), -height / kit.radiusMillimetres(), kit.physics());
    }

    DragTable drag(LabKit kit, double distanceMillimetres, double arrivalMetresPerSecond) {
        double distance = Units.metres(distanceMillimetres);
        OptionalDouble rolled = OptionalDouble.of(
                StopStroke.rolledPaceMetresPerSecond(distance, arrivalMetresPerSecond, kit.physics()));
        List<DragRow> rows = new ArrayList<>();
        rows.add(dragRow(kit, distance, ROLLS_AT_ONCE * kit.radiusMillimetres(), rolled, true));
        DoubleStream.concat(DoubleStream.of(0), lowHeights(kit))
                .mapToObj(height -> dragRow(
                        kit,
                        distance,
                        height,
                        StopStroke.dragPaceMetresPerSecond(
                                distance, -height / kit.radiusMillimetres(), arrivalMetresPerSecond, kit.physics()),
                        false))
                .forEach(rows::add);
        return new DragTable(rows);
    }

    private static DragRow dragRow(LabKit kit, double distance, double height, OptionalDouble pace, boolean rolled) {
        if (pace.isEmpty()) {
            return new DragRow(rolled, height, null, null, null);
        }
        Optional<StraightPath.Time> time = StraightPath.of(
                        pace.getAsDouble(), height / kit.radiusMillimetres(), 0, kit.physics())
                .timeTo(distance);
        // What is not known of the slope and what is: a slow ball is drawn aside by both.
        double unlevel = Math.hypot(
                kit.table().level().unknownDriftMetresPerSecondSquared(),
                Math.hypot(kit.physics().driftX(), kit.physics().driftY()));
        return new DragRow(
                rolled,
                height,
                pace.getAsDouble(),
                time.map(one -> one.slidingSeconds() + one.rollingSeconds()).orElse(null),
                time.map(one -> Units.millimetres(one.asideMetres(unlevel))).orElse(null));
    }
}
