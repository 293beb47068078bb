package amberrail.app.shots;

import amberrail.app.shots.ShotRequests.BallRequest;
import amberrail.app.shots.ShotRequests.CircleRequest;
import amberrail.app.shots.ShotRequests.PotRequest;
import amberrail.app.shots.ShotRequests.StrokeRequest;
import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.recipe.AimSearch;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** A set-up in the engine's terms, and what can be asked of it. */
record ShotScene(TableSpec spec, TablePlan plan, ShotTable table, Physics physics, List<TableBall> balls, int cue) {

    /** Refuses balls that overlap or lie off the bed, and anything but one cue ball, by their names. */
    static ShotScene of(TableSpec spec, List<BallRequest> asked) {
        TablePlan plan = TablePlan.of(spec);
        List<TableBall> balls = asked.stream().map(ball -> toBall(ball, spec)).toList();
        ShotScene scene = new ShotScene(spec, plan, ShotTable.of(plan), spec.physics(), balls, cueIndex(asked));
        scene.runner();
        return scene;
    }

    ShotRunner runner() {
        return new ShotRunner(table, physics, balls, cue);
    }

    double cueRadiusMillimetres() {
        return spec.balls().cueBall().radiusMillimetres();
    }

    /** The engine's strike; squirt is left out, since the launch direction is what is asked for. */
    CueStrike strike(StrokeRequest stroke, double launchDegrees) {
        double radius = cueRadiusMillimetres();
        double offset = Math.hypot(stroke.tipHeightMillimetres(), stroke.tipSideMillimetres());
        double limit = physics.miscueLimit() * radius;
        if (!(offset <= limit)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "stroke.tipHeightMillimetres",
                    stroke.tipHeightMillimetres(),
                    "must leave the tip within " + Math.round(10 * limit) / 10.0
                            + " mm of the ball's centre, side included, or it slips off");
        }
        return new CueStrike(
                stroke.paceMetresPerSecond(),
                launchDegrees,
                stroke.tipSideMillimetres() / radius,
                stroke.tipHeightMillimetres() / radius,
                stroke.elevationDegrees(),
                OptionalDouble.empty());
    }

    /** Where to look for the aim of a pot; {@code NO_STRAIGHT_POT} where no straight line allows it. */
    AimSearch aimOf(PotRequest pot) {
        PotLine line = PotLine.of(
                plan,
                spec.balls(),
                millimetres(balls.get(cue)),
                millimetres(balls.get(objectIndex(pot))),
                plan.pocket(pot.pocket()));
        return AimSearch.about(line.aim().degrees(), line.aimWindow().widthDegrees());
    }

    Predicate<PlayedShot> potted(PotRequest pot) {
        int object = objectIndex(pot);
        return result -> result.isPottedIn(object, pot.pocket());
    }

    Predicate<PlayedShot> cueStaysUp() {
        return result -> !result.isPotted(cue);
    }

    Predicate<PlayedShot> lands(CircleRequest zone) {
        Circle circle = zone.toCircle();
        return result -> circle.contains(result.place(cue));
    }

    private int objectIndex(PotRequest pot) {
        for (int i = 0; i < balls.size(); i++) {
            if (i != cue && balls.get(i).id().equals(pot.ball())) {
                return i;
            }
        }
        throw new InvalidInputException(
                ProblemCode.UNKNOWN_ID, "pot.ball", pot.ball(), "must be an object ball of this set-up");
    }

    private static Point millimetres(TableBall ball) {
        return Point.ofMetres(ball.state().x(), ball.state().y());
    }

    private static int cueIndex(List<BallRequest> balls) {
        int found = -1;
        for (int i = 0; i < balls.size(); i++) {
            if (balls.get(i).cueBall()) {
                if (found >= 0) {
                    throw new InvalidInputException(
                            ProblemCode.CONTRADICTION, "balls", "two cue balls", "must have exactly one cue ball");
                }
                found = i;
            }
        }
        if (found < 0) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "balls", "no cue ball", "must have exactly one cue ball");
        }
        return found;
    }

    private static TableBall toBall(BallRequest ball, TableSpec spec) {
        BallSpec size = ball.cueBall() ? spec.balls().cueBall() : spec.balls().objectBall();
        return TableBall.atRest(ball.label(), new Point(ball.xMillimetres(), ball.yMillimetres()), size);
    }
}
