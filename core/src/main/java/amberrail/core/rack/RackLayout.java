package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the balls of a game lie before the first shot; in mm from the SW corner.
 *
 * @param game  whose balls they are
 * @param balls each at most once; those that dropped on the break are left out
 * @param cue   where the cue ball lies; empty: in hand
 */
public record RackLayout(RackGame game, List<Laid> balls, Optional<Point> cue) {
    /** Balls may be this deep in one another when they were placed by hand (mm): they are touching. */
    public static final double TOUCHING_MILLIMETRES = 0.05;

    /** One ball and its place. */
    public record Laid(String id, Point place) {}

    public RackLayout {
        balls = List.copyOf(balls);
    }

    /**
     * Ready to be played on a table.
     *
     * @throws InvalidInputException {@code UNKNOWN_ID}, {@code DUPLICATE_ID}, {@code OFF_THE_TABLE}, {@code BALLS_OVERLAP}; {@code NOTHING_ON} where no ball that
     *     is on lies on the table
     */
    public RackPosition on(RackTable table) {
        Point[] places = new Point[game.balls().size()];
        List<Laid> before = new ArrayList<>();
        for (Laid ball : balls) {
            int index = game.ballIndex(ball.id());
            if (places[index] != null) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "balls.id", ball.id(), "must lie in one place only");
            }
            requireOnBed(table, ball.id(), ball.place());
            for (Laid other : before) {
                requireApart(ball.id(), ball.place(), other, table.touchingObjects);
            }
            before.add(ball);
            places[index] = ball.place();
        }
        if (cue.isPresent()) {
            requireOnBed(table, "cue ball", cue.get());
            before.forEach(other -> requireApart("cue ball", cue.get(), other, table.touching));
        }
        RackPosition position =
                new RackPosition(table, game, firstStage(places), places, cue, new BallWindows[places.length]);
        if (position.on().length == 0) {
            throw new InvalidInputException(
                    ProblemCode.NOTHING_ON, "balls", balls.size(), "must have a ball that may be struck first");
        }
        return position;
    }

    /** The same in the middle of a rack, with this stage on; {@code UNKNOWN_ID} for one that the game does not have. */
    public RackPosition on(RackTable table, Optional<String> stage) {
        RackPosition start = on(table);
        return stage.map(id -> start.after(game.stageIndex(id), start.places(), cue))
                .orElse(start);
    }

    /** A group that dropped on the break is done with: then the stage after it is on. */
    private int firstStage(Point[] places) {
        boolean[] onTable = new boolean[places.length];
        for (int i = 0; i < places.length; i++) {
            onTable[i] = places[i] != null;
        }
        for (int stage = 0; stage < game.stages().size(); stage++) {
            if (game.on(stage, onTable).length > 0) {
                boolean comesBack = game.stages().get(stage).comeBack();
                return comesBack ? stage + 1 : stage;
            }
        }
        return 0;
    }

    private static void requireOnBed(RackTable table, String id, Point place) {
        if (!table.plan.holds(place, id.equals("cue ball") ? table.cueBall : table.objectBall)) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE, "balls." + id, place, "must lie on the bed of the table");
        }
    }

    private static void requireApart(String id, Point place, Laid other, double touching) {
        double apart = place.distanceMillimetres(other.place());
        if (apart < touching - TOUCHING_MILLIMETRES) {
            throw new InvalidInputException(
                    ProblemCode.BALLS_OVERLAP,
                    "balls." + id,
                    Math.round(apart * 10) / 10.0,
                    "must be " + touching + " mm or more from " + other.id());
        }
    }
}
