package amberrail.core.recipe;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.ShotRunner;

/**
 * How the landing moves with the stroke, in line and speed of the arrival direction (line positive left, speed positive long).
 *
 * @param pace      for 1 % of launch speed
 * @param tipHeight for 1 mm of tip height
 * @param aim       for 1 mrad of launch direction, counter-clockwise
 */
public record LandingJacobian(Effect pace, Effect tipHeight, Effect aim) {
    /** By how much (mm) a landing moves to the left of the way of travel, and along it. */
    public record Effect(double lineMillimetres, double speedMillimetres) {}

    private static final double PACE_STEP_FRACTION = 0.005;
    private static final double TIP_STEP_MILLIMETRES = 0.5;
    private static final double AIM_STEP_MILLIRADIANS = 0.2;

    /**
     * By central differences in the full simulation about a stroke: half a per cent, half a millimetre, a fifth of a
     * milliradian to each side.
     */
    static LandingJacobian of(ShotRunner runner, ShotTask task, PlannedStroke stroke, double arrivalDegrees) {
        Direction arrival = Direction.ofDegrees(arrivalDegrees);
        return new LandingJacobian(
                effect(
                        landing(runner, task, stroke.moved(-PACE_STEP_FRACTION, 0, 0)),
                        landing(runner, task, stroke.moved(PACE_STEP_FRACTION, 0, 0)),
                        arrival,
                        100 * 2 * PACE_STEP_FRACTION),
                effect(
                        landing(runner, task, stroke.moved(0, -TIP_STEP_MILLIMETRES, 0)),
                        landing(runner, task, stroke.moved(0, TIP_STEP_MILLIMETRES, 0)),
                        arrival,
                        2 * TIP_STEP_MILLIMETRES),
                effect(
                        landing(runner, task, stroke.moved(0, 0, -AIM_STEP_MILLIRADIANS)),
                        landing(runner, task, stroke.moved(0, 0, AIM_STEP_MILLIRADIANS)),
                        arrival,
                        2 * AIM_STEP_MILLIRADIANS));
    }

    private static Effect effect(Point low, Point high, Direction arrival, double span) {
        Point change = high.minus(low);
        return new Effect(change.leftOf(arrival) / span, change.along(arrival) / span);
    }

    /** Where the cue ball ends (mm); for one that drops, where it dropped. */
    private static Point landing(ShotRunner runner, ShotTask task, PlannedStroke stroke) {
        runner.play(stroke.onBall(task.cueRadiusMillimetres()), stroke.launchDegrees());
        return new Point(
                1000 * runner.result().xMetres(task.cueBall()),
                1000 * runner.result().yMetres(task.cueBall()));
    }
}
