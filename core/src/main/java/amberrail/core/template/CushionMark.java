package amberrail.core.template;

import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.LandingSimulation;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.statistics.MeanAndSpread;
import amberrail.core.statistics.Proportion;
import amberrail.core.table.Cushion;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where a stroke's cue ball first meets a cushion, with somebody's own errors, on a table as it is known.
 *
 * @param cushion              that the stroke without errors meets first
 * @param sights               along it, the mean of strokes that meet this one first
 * @param spreadSights         their standard deviation
 * @param sightsPerMillimetre  how the place moves with the tip's height
 * @param sightsPerPercent     how it moves with the pace
 */
public record CushionMark(
        Cushion cushion, double sights, double spreadSights, double sightsPerMillimetre, double sightsPerPercent) {
    private static final long SEED = 20_251_129;
    private static final int STROKES = 240;
    private static final int FEWEST = 40;
    /** Steps of the derivatives: small next to what people err by, large next to the engine's rounding. */
    private static final double TIP_STEP_MILLIMETRES = 0.5;

    private static final double PACE_STEP = 0.01;
    private static final double PERCENT = 100;

    /** Empty where the stroke meets no cushion, or with these errors hardly ever this one. */
    public static Optional<CushionMark> of(ShotTask task, PlannedStroke stroke, ExecutionErrors errors) {
        Optional<Met> met = met(task, stroke);
        if (met.isEmpty()) {
            return Optional.empty();
        }
        Cushion cushion = met.get().cushion();
        List<Double> places = places(task, stroke, errors, cushion);
        OptionalDouble perTip = slope(
                task,
                cushion,
                stroke.withTip(stroke.tipHeightMillimetres() + TIP_STEP_MILLIMETRES, stroke.tipSideMillimetres()),
                stroke.withTip(stroke.tipHeightMillimetres() - TIP_STEP_MILLIMETRES, stroke.tipSideMillimetres()));
        OptionalDouble perPace = slope(
                task,
                cushion,
                stroke.withPace(stroke.paceMetresPerSecond() * (1 + PACE_STEP)),
                stroke.withPace(stroke.paceMetresPerSecond() * (1 - PACE_STEP)));
        if (places.size() < FEWEST || perTip.isEmpty() || perPace.isEmpty()) {
            return Optional.empty();
        }
        MeanAndSpread spread = MeanAndSpread.of(places, Proportion.DEFAULT_LEVEL);
        return Optional.of(new CushionMark(
                cushion,
                spread.mean().orElseThrow(),
                spread.sd().orElse(0.0),
                perTip.getAsDouble() / (2 * TIP_STEP_MILLIMETRES),
                perPace.getAsDouble() / (2 * PACE_STEP * PERCENT)));
    }

    private record Met(Cushion cushion, double sights) {}

    private static Optional<Met> met(ShotTask task, PlannedStroke stroke) {
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        double radius = 1000 * task.balls().get(task.cueBall()).radiusMetres();
        runner.play(stroke.onBall(radius), stroke.launchDegrees());
        return firstCushion(runner.result(), task.cueBall());
    }

    private static Optional<Met> firstCushion(PlayedShot shot, int cueBall) {
        for (int event = 0; event < shot.events(); event++) {
            if (shot.kind(event) == PlayedShot.Kind.MEETS_CUSHION && shot.ball(event) == cueBall) {
                return Optional.of(new Met(shot.cushion(event), shot.sights(event)));
            }
        }
        return Optional.empty();
    }

    private static List<Double> places(ShotTask task, PlannedStroke stroke, ExecutionErrors errors, Cushion cushion) {
        int cue = task.cueBall();
        double radius = 1000 * task.balls().get(cue).radiusMetres();
        return new LandingSimulation(task.table(), task.physics(), task.balls(), cue, task.level())
                        .landings(
                                stroke.onBall(radius),
                                task.errors(errors),
                                StrokeNoise.of(STROKES, SEED),
                                shot -> firstCushion(shot, cue)
                                        .filter(met -> met.cushion() == cushion)
                                        .map(met -> new Point(met.sights(), 0)))
                        .stream()
                        .map(Point::xMillimetres)
                        .toList();
    }

    private static OptionalDouble slope(ShotTask task, Cushion cushion, PlannedStroke more, PlannedStroke less) {
        Optional<Met> far = met(task, more).filter(met -> met.cushion() == cushion);
        Optional<Met> near = met(task, less).filter(met -> met.cushion() == cushion);
        return far.isPresent() && near.isPresent()
                ? OptionalDouble.of(far.get().sights() - near.get().sights())
                : OptionalDouble.empty();
    }
}
