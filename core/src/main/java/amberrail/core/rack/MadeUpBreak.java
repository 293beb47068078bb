package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.Markings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A break that the engine plays, by a seed: racked with gaps of hundredths of a millimetre, struck with the student's errors.
 *
 * <p>The model pots too few on a break and spreads the balls too little (physics/model.md): such a layout is made up, and tells nothing about anybody's break.
 */
public final class MadeUpBreak {
    private static final double PACE = 8.5;
    private static final double HEIGHT = 0.05;
    private static final double ELEVATION = 4;
    private static final double LOOSEST_GAP = 0.05;
    private static final int TRIES = 30;
    private static final double ROOM = 0.5;

    private MadeUpBreak() {}

    /** The cue ball is in hand afterwards. A break after which nothing is on is played again. */
    public static RackLayout of(RackGame game, RackTable table, RackStudent student, long seed) {
        for (int attempt = 0; attempt < TRIES; attempt++) {
            RackLayout layout = broken(game, table, student, RackDraws.mixed(seed, attempt));
            boolean anyLeft = layout.balls().stream().anyMatch(ball -> game.isAsked(game.ballIndex(ball.id())));
            if (anyLeft) {
                return layout;
            }
        }
        return MadeUpLayouts.scattered(game, table, seed);
    }

    private static RackLayout broken(RackGame game, RackTable table, RackStudent student, long seed) {
        Random random = new Random(seed);
        List<RackLayout.Laid> racked = racked(game, table, random);
        List<TableBall> balls = new ArrayList<>();
        Point head = Markings.of(table.spec).headLine().start();
        Point cue = new Point(
                head.xMillimetres() - 60, table.spec.widthMillimetres() * (0.5 + 0.3 * (random.nextDouble() - 0.5)));
        balls.add(TableBall.atRest("cue", cue, table.cueBall));
        racked.forEach(ball -> balls.add(TableBall.atRest(ball.id(), ball.place(), table.objectBall)));
        ShotRunner runner = ShotRunner.goingOn(table.shots, table.physics, balls, 0, Accuracy.FULL);
        double aim = cue.towards(racked.get(0).place()).degrees();
        CueStrike strike = new CueStrike(PACE, 0, 0, HEIGHT, ELEVATION, OptionalDouble.empty());
        ExecutionErrors errors = student.errors();
        runner.playStraying(strike, aim, errors, table.spec.level(), RackDraws.ofShot(seed, 0));
        return afterBreak(game, table, student.rules(), racked, runner.result());
    }

    private static RackLayout afterBreak(
            RackGame game, RackTable table, HouseRules rules, List<RackLayout.Laid> racked, PlayedShot shot) {
        List<RackLayout.Laid> laid = new ArrayList<>();
        List<String> back = new ArrayList<>();
        for (int i = 0; i < racked.size(); i++) {
            String id = racked.get(i).id();
            Point place = shot.place(i + 1);
            boolean lost = shot.isPotted(i + 1) || !table.plan.holds(place, table.objectBall);
            if (!lost) {
                laid.add(new RackLayout.Laid(id, place));
            } else if (!rules.breakPotsCount() || game.isLast(game.ballIndex(id)) || !shot.isPotted(i + 1)) {
                back.add(id);
            }
        }
        back.forEach(id -> laid.add(new RackLayout.Laid(id, footSpot(table, laid))));
        return new RackLayout(game, laid, Optional.empty());
    }

    /** The foot spot, or as near behind or before it as there is room. */
    private static Point footSpot(RackTable table, List<RackLayout.Laid> laid) {
        Point spot = foot(table);
        for (int i = 0; i < 400; i++) {
            double away = (i % 2 == 0 ? 1 : -1) * (i / 2) * 5.0;
            Point place = new Point(spot.xMillimetres() + away, spot.yMillimetres());
            boolean free = table.plan.holds(place, table.objectBall)
                    && laid.stream()
                            .allMatch(ball -> ball.place().distanceMillimetres(place) > table.touchingObjects + ROOM);
            if (free) {
                return place;
            }
        }
        throw new IllegalStateException("there is no room for a ball on the table's middle line");
    }

    private static Point foot(RackTable table) {
        return new Point(0.75 * table.spec.lengthMillimetres(), table.spec.widthMillimetres() / 2);
    }

    /** The balls in rows from the foot spot: lowest in front where numbers count, the last in the middle, the rest by lot. */
    private static List<RackLayout.Laid> racked(RackGame game, RackTable table, Random random) {
        List<Point> places = rows(game.balls().size(), table, random);
        List<RackBall> order = new ArrayList<>(game.balls());
        Collections.shuffle(order, random);
        int middle = places.size() > 4 ? 4 : places.size() - 1;
        boolean byNumber = game.stages().get(0).pick() == RackStage.Pick.LOWEST;
        for (int i = 0; i < order.size(); i++) {
            boolean last = game.isLast(game.ballIndex(order.get(i).id()))
                    && !game.key().startsWith("anyOrder");
            if (last) {
                Collections.swap(order, i, middle);
                break;
            }
        }
        if (byNumber) {
            for (int i = 0; i < order.size(); i++) {
                if (order.get(i).order() == 1) {
                    Collections.swap(order, i, 0);
                    break;
                }
            }
        }
        List<RackLayout.Laid> racked = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            racked.add(new RackLayout.Laid(order.get(i).id(), places.get(i)));
        }
        return racked;
    }

    /** Nine make a diamond, other numbers rows of one, two, three and so on. */
    private static List<Point> rows(int count, RackTable table, Random random) {
        int[] widths = count == 9 ? new int[] {1, 2, 3, 2, 1} : new int[] {1, 2, 3, 4, 5};
        Point foot = foot(table);
        double apart = table.touchingObjects + LOOSEST_GAP;
        List<Point> places = new ArrayList<>();
        for (int row = 0; row < widths.length; row++) {
            for (int i = 0; i < widths[row] && places.size() < count; i++) {
                double loose = LOOSEST_GAP / 3 * random.nextDouble();
                places.add(new Point(
                        foot.xMillimetres() + row * apart * Math.sqrt(3) / 2 + loose,
                        foot.yMillimetres() + (i - (widths[row] - 1) / 2.0) * apart + loose));
            }
        }
        return places;
    }
}
