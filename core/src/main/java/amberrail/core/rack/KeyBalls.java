package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The ball to leave for the last but one. Each is potted from good places with a few strokes, with the student's errors and nothing else on the table but the last ball; counted is how
 * often the cue ball then lies where the last ball's chance is nearly its best.
 */
final class KeyBalls {
    /** A good place has at least this share of the last ball's best chance. */
    private static final double NEARLY = 0.8;

    private static final int LISTED = 3;
    private static final int POCKETS = 2;
    private static final double DISTANCE = 350;
    private static final double[] CUTS = {Math.toRadians(-28), Math.toRadians(-8), Math.toRadians(8), Math.toRadians(28)
    };
    private static final List<RackStroke> STROKES = List.of(
            new RackStroke(1.2, -0.3, 0),
            new RackStroke(1.2, 0.3, 0),
            new RackStroke(1.8, 0, 0),
            new RackStroke(2.2, -0.36, 0),
            new RackStroke(2.2, 0.32, 0));
    private static final double[][] DRAWS = RackDraws.balanced(6, 0x4B4559);

    private KeyBalls() {}

    static List<LayoutSurvey.KeyBall> of(RackPosition position, ExecutionErrors errors) {
        int[] balls = position.onTable();
        List<Shots> shots = Arrays.stream(balls)
                .parallel()
                .filter(position.game()::isAsked)
                .mapToObj(key -> shots(only(position, key), key, errors))
                .toList();
        List<LayoutSurvey.KeyBall> keys = new ArrayList<>();
        for (int last : balls) {
            if (position.game().isAsked(last) && mayBeLast(position, last)) {
                keys.addAll(keysOf(position, last, shots, errors));
            }
        }
        return List.copyOf(keys);
    }

    /** Every other ball that must go may go before it. */
    private static boolean mayBeLast(RackPosition position, int last) {
        return Arrays.stream(position.onTable())
                .filter(ball -> ball != last && position.game().isAsked(ball))
                .allMatch(ball -> position.game().mayGoBefore(ball, last));
    }

    /** No ball has to go between the two. */
    private static boolean mayBeJustBefore(RackPosition position, int key, int last) {
        return key != last
                && position.game().mayGoBefore(key, last)
                && Arrays.stream(position.onTable())
                        .filter(ball ->
                                ball != last && ball != key && position.game().isAsked(ball))
                        .allMatch(ball -> position.game().mayGoBefore(ball, key));
    }

    /** Where the cue ball came to rest, for one stroke from one place; null where the ball was not potted clean of an in-off. */
    private record Shot(PocketName pocket, Point[] landings) {}

    private record Shots(int key, List<Shot> played) {}

    private static RackPosition only(RackPosition position, int ball) {
        Point[] places = new Point[position.game().balls().size()];
        places[ball] = position.place(ball);
        return position.after(position.stage(), places, Optional.empty());
    }

    private static Shots shots(RackPosition alone, int key, ExecutionErrors errors) {
        List<Opening> openings = new ArrayList<>();
        Openings.of(alone, key, openings);
        openings.sort(Comparator.comparingDouble(Opening::half).reversed());
        List<Shot> played = new ArrayList<>();
        for (Opening opening : openings.subList(0, Math.min(POCKETS, openings.size()))) {
            for (double cut : CUTS) {
                from(alone, opening, cut, errors, played);
            }
        }
        return new Shots(key, played);
    }

    private static void from(
            RackPosition alone, Opening opening, double cut, ExecutionErrors errors, List<Shot> played) {
        RackTable table = alone.table();
        Point ball = alone.place(opening.ball());
        double back = opening.bearing() - cut;
        Point cue = new Point(
                ball.xMillimetres() - table.touching * Math.cos(opening.bearing()) - DISTANCE * Math.cos(back),
                ball.yMillimetres() - table.touching * Math.sin(opening.bearing()) - DISTANCE * Math.sin(back));
        if (!CuePlaces.isFree(alone, cue, HouseRules.USUAL)) {
            return;
        }
        PotLook look = PotLook.of(alone, cue.xMillimetres(), cue.yMillimetres(), opening, errors);
        if (look == null) {
            return;
        }
        List<TableBall> balls = table.balls(alone, cue);
        ShotRunner runner = ShotRunner.goingOn(table.shots, table.physics, balls, 0, Accuracy.SCAN);
        for (RackStroke stroke : STROKES) {
            AimedStroke.of(table, balls, look, stroke)
                    .ifPresent(aimed -> played.add(new Shot(
                            opening.pocket().name(),
                            landings(
                                    runner,
                                    aimed,
                                    errors,
                                    table,
                                    opening.pocket().name()))));
        }
    }

    private static Point[] landings(
            ShotRunner runner, AimedStroke aimed, ExecutionErrors errors, RackTable table, PocketName pocket) {
        Point[] landings = new Point[DRAWS.length];
        for (int i = 0; i < DRAWS.length; i++) {
            boolean moved =
                    runner.playStraying(aimed.strike(), aimed.launchDegrees(), errors, table.spec.level(), DRAWS[i]);
            boolean good = moved
                    && runner.result().isPottedIn(1, pocket)
                    && !runner.result().isPotted(0);
            landings[i] = good ? runner.result().place(0) : null;
        }
        return landings;
    }

    private static List<LayoutSurvey.KeyBall> keysOf(
            RackPosition position, int last, List<Shots> shots, ExecutionErrors errors) {
        RackPosition alone = only(position, last);
        double best = alone.openings().stream()
                .flatMap(opening -> PotPlaces.looks(alone, opening, errors).stream())
                .mapToDouble(PotLook::chance)
                .max()
                .orElse(1);
        return shots.stream()
                .filter(one -> mayBeJustBefore(position, one.key(), last))
                .flatMap(one -> best(one, alone, NEARLY * best, errors).stream())
                .sorted(Comparator.comparingDouble(LayoutSurvey.KeyBall::chance).reversed())
                .limit(LISTED)
                .toList();
    }

    /** The stroke that reaches the good places most often. */
    private static Optional<LayoutSurvey.KeyBall> best(
            Shots shots, RackPosition alone, double enough, ExecutionErrors errors) {
        RackGame game = alone.game();
        String last = game.balls().get(alone.onTable()[0]).id();
        String key = game.balls().get(shots.key()).id();
        return shots.played().stream()
                .map(shot -> new LayoutSurvey.KeyBall(last, key, shot.pocket(), share(shot, alone, enough, errors)))
                .max(Comparator.comparingDouble(LayoutSurvey.KeyBall::chance));
    }

    private static double share(Shot shot, RackPosition alone, double enough, ExecutionErrors errors) {
        int good = 0;
        for (Point landing : shot.landings()) {
            good += landing != null && isGood(alone, landing, enough, errors) ? 1 : 0;
        }
        return (double) good / shot.landings().length;
    }

    private static boolean isGood(RackPosition alone, Point cue, double enough, ExecutionErrors errors) {
        for (Opening opening : alone.openings()) {
            PotLook look = PotLook.of(alone, cue.xMillimetres(), cue.yMillimetres(), opening, errors);
            if (look != null && look.chance() >= enough) {
                return true;
            }
        }
        return false;
    }
}
