package amberrail.bench.engine;

import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.AimSearch;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** The shots that are timed, all on the 9 ft table. */
final class Scenes {
    static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    static final ShotTable TABLE = ShotTable.of(PLAN);
    static final Physics PHYSICS = Physics.POOL;
    private static final BallSpec BALL = TablePresets.POOL_9FT.balls().cueBall();
    private static final double ROOM_MILLIMETRES = 0.01;

    private Scenes() {}

    /** A set-up and a stroke with its launch direction. */
    record Scene(List<TableBall> balls, CueStrike strike) {
        ShotRunner runner() {
            return new ShotRunner(TABLE, PHYSICS, balls, 0);
        }
    }

    /** Straight into the NE pocket, spin gone at contact: cue ball and object ball lie 0.7 m and 0.9 m apart. */
    static Scene stopShot() {
        Direction line = new Point(100, 60).towards(new Point(2495, 1225));
        Point object = new Point(2495, 1225).moved(line, -900);
        PotLine pot = pot(object.moved(line, -700), object);
        Point cue = pot.ghostBall().moved(pot.objectDirection(), -700);
        double k = 0.3;
        double pace = Math.sqrt(2 * 0.2 * 9.81 * 0.7 / (k * (2 - k)));
        return new Scene(
                List.of(ball("cue", cue), ball("object", object)),
                new CueStrike(pace, pot.objectDirection().degrees(), 0, -k, 0, OptionalDouble.empty()));
    }

    /** The first firm follow shot that pots into the NE pocket and brings the cue ball off three cushions. */
    static Scene threeCushions() {
        Point cue = new Point(1500, 450);
        Point object = new Point(2000, 900);
        double aim = pot(cue, object).aim().degrees();
        List<TableBall> balls = List.of(ball("cue", cue), ball("object", object));
        ShotRunner runner = new ShotRunner(TABLE, PHYSICS, balls, 0);
        for (double pace = 2; pace < 6; pace += 0.05) {
            for (double off = -0.5; off < 0.5; off += 0.02) {
                CueStrike strike = new CueStrike(pace, aim + off, 0, 0.2, 3, OptionalDouble.empty());
                runner.play(strike, aim + off);
                PlayedShot shot = runner.result();
                if (shot.isPottedIn(1, PocketName.NE)
                        && !shot.isPotted(0)
                        && shot.cushions(0) == 3
                        && jaws(shot) == 0) {
                    return new Scene(balls, strike);
                }
            }
        }
        throw new IllegalStateException("no three-cushion shot found");
    }

    private static int jaws(PlayedShot shot) {
        int jaws = 0;
        for (int e = 0; e < shot.events(); e++) {
            jaws += shot.kind(e) == PlayedShot.Kind.MEETS_JAW ? 1 : 0;
        }
        return jaws;
    }

    /** Cue ball and fifteen balls with a hair of room between them, 9 m/s. */
    static Scene fullRackBreak() {
        List<TableBall> balls = new ArrayList<>();
        balls.add(ball("cue", new Point(550, 600)));
        double step = BALL.diameterMillimetres() + ROOM_MILLIMETRES;
        for (int row = 0; row < 5; row++) {
            for (int i = 0; i <= row; i++) {
                balls.add(ball(
                        "b" + balls.size(),
                        new Point(1905 + row * step * Math.sqrt(0.75), 635 + (i - row / 2.0) * step)));
            }
        }
        return new Scene(balls, new CueStrike(9, 1.5, 0, 0.05, 3, OptionalDouble.empty()));
    }

    /** A cut with a landing zone, as a drill station asks it. */
    static ShotTask station(boolean sideAllowed) {
        Point cue = new Point(1500, 500);
        Point object = new Point(2000, 900);
        Point target = new Point(1900, 350);
        PotLine line = pot(cue, object);
        Predicate<PlayedShot> pots = shot -> shot.isPottedIn(1, PocketName.NE);
        return new ShotTask(
                TABLE,
                PHYSICS,
                TableLevel.KNOWN,
                List.of(ball("cue", cue), ball("object", object)),
                0,
                Optional.of(
                        AimSearch.about(line.aim().degrees(), line.aimWindow().widthDegrees())),
                pots,
                pots.and(shot -> !shot.isPotted(0)
                        && Math.hypot(1000 * shot.xMetres(0) - 1900, 1000 * shot.yMetres(0) - 350) <= 150),
                Optional.of(target),
                sideAllowed,
                Teaching.NOTHING,
                Bridge.HAND);
    }

    private static PotLine pot(Point cue, Point object) {
        return PotLine.of(PLAN, TablePresets.POOL_9FT.balls(), cue, object, PLAN.pocket(PocketName.NE));
    }

    private static TableBall ball(String id, Point at) {
        return new TableBall(
                id,
                BallState.atRest(at.xMillimetres() / 1000, at.yMillimetres() / 1000),
                BALL.radiusMillimetres() / 1000,
                BALL.massKilograms());
    }
}
