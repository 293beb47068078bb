package amberrail.core.recipe;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import java.util.Optional;

/**
 * How the landing moves with the stroke, in line and speed of the arrival direction (line positive left, speed positive long).
 *
 * @param pace      for 1 % of launch speed
 * @param tipHeight for 1 mm of tip height
 * @param aim       for 1 mrad of launch direction, counter-clockwise
 * @param holdsUpTo for errors of how many times the reference student's these still foretell the landing, and the pot still stands twice as
 *     much: beyond it a cushion or a change of path comes in between, or the made ones are those with small errors, and nothing may be read back
 *     from such landings; 0 to 2
 * @see "central differences on the engine (physics/model.md); statistics/methods.md, advice"
 */
public record LandingJacobian(Effect pace, Effect tipHeight, Effect aim, double holdsUpTo) {
    /** By how much (mm) a landing moves to the left of the way of travel, and along it. */
    public record Effect(double lineMillimetres, double speedMillimetres) {}

    private static final double PACE_STEP_FRACTION = 0.005;
    private static final double TIP_STEP_MILLIMETRES = 0.5;
    private static final double AIM_STEP_MILLIRADIANS = 0.2;
    /** A landing within this share of the move, or this far of where it is foretold, is foretold well enough. */
    private static final double ROOM_SHARE = 0.4;

    private static final double ROOM_MILLIMETRES = 40;
    /** Multiples of the reference student's errors. */
    private static final double[] HELD_AGAINST = {0.25, 0.5, 0.75, 1, 1.5, 2};

    /**
     * By central differences in the full simulation about a stroke: half a per cent, half a millimetre, a fifth of a
     * milliradian to each side.
     */
    static LandingJacobian of(ShotRunner runner, ShotTask task, PlannedStroke stroke, double arrivalDegrees) {
        Direction arrival = Direction.ofDegrees(arrivalDegrees);
        Move pace = size -> stroke.moved(size / 100, 0, 0);
        Move height = size -> stroke.moved(0, size, 0);
        Move aim = size -> stroke.moved(0, 0, size);
        Landings landings = new Landings(runner, task, arrival);
        Effect ofPace = landings.effect(pace, 100 * PACE_STEP_FRACTION);
        Effect ofHeight = landings.effect(height, TIP_STEP_MILLIMETRES);
        Effect ofAim = landings.effect(aim, AIM_STEP_MILLIRADIANS);
        Point meant = landings.played(stroke);
        double holds = 0;
        for (double times : HELD_AGAINST) {
            ExecutionErrors errors = task.errors(ExecutionErrors.REFERENCE)
                    .at(stroke.paceMetresPerSecond())
                    .times(times);
            boolean foretold = landings.foretold(meant, pace, 100 * errors.paceFraction(), ofPace)
                    && landings.foretold(meant, height, errors.tipHeightMillimetres(), ofHeight)
                    && landings.foretold(meant, aim, errors.aimMilliradians(), ofAim)
                    && landings.potsWithin(pace, 2 * 100 * errors.paceFraction())
                    && landings.potsWithin(height, 2 * errors.tipHeightMillimetres());
            if (!foretold) {
                break;
            }
            holds = times;
        }
        return new LandingJacobian(ofPace, ofHeight, ofAim, holds);
    }

    /** A stroke with one thing off by this much, in that thing's unit. */
    private interface Move {
        PlannedStroke by(double size);
    }

    /** Where strokes about the meant one end. */
    private record Landings(ShotRunner runner, ShotTask task, Direction arrival) {
        /** By central differences. */
        Effect effect(Move move, double step) {
            Point change = played(move.by(step)).minus(played(move.by(-step)));
            return new Effect(change.leftOf(arrival) / (2 * step), change.along(arrival) / (2 * step));
        }

        /** Whether the effect foretells where an error of this size to either side ends. */
        boolean foretold(Point meant, Move move, double size, Effect effect) {
            for (double off : new double[] {-size, size}) {
                Optional<Point> landed = of(move.by(off));
                if (landed.isEmpty()) {
                    return false;
                }
                Point change = landed.get().minus(meant);
                double line = change.leftOf(arrival) - off * effect.lineMillimetres();
                double speed = change.along(arrival) - off * effect.speedMillimetres();
                double room = Math.max(
                        ROOM_MILLIMETRES,
                        ROOM_SHARE * Math.abs(off) * Math.hypot(effect.lineMillimetres(), effect.speedMillimetres()));
                if (Math.hypot(line, speed) > room) {
                    return false;
                }
            }
            return true;
        }

        /** Whether the pot stands errors of this size to either side: else the made ones are those with small errors. */
        boolean potsWithin(Move move, double size) {
            for (double off : new double[] {-size, size}) {
                if (of(move.by(off)).isEmpty() || !task.aimTest().test(runner.result())) {
                    return false;
                }
            }
            return true;
        }

        /** Where the cue ball ends (mm), or where it dropped; empty where the cue slips off the ball. */
        Optional<Point> of(PlannedStroke stroke) {
            if (!runner.play(stroke.onBall(task.cueRadiusMillimetres()), stroke.launchDegrees())) {
                return Optional.empty();
            }
            return Optional.of(runner.result().place(task.cueBall()));
        }

        /** Of a stroke that is inside the range of recipes, where no cue slips off. */
        Point played(PlannedStroke stroke) {
            return of(stroke)
                    .orElseThrow(() -> new IllegalStateException("a recipe at the edge of the ball: " + stroke));
        }
    }
}
