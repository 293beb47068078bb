package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rack as it was played: where everything lay before each shot follows from the layout and from what was written down of the shots before.
 *
 * @param before the positions before each shot, and one more: how it lies now
 * @param end    empty where it goes on
 * @param potted balls that went down and stayed there
 * @param points scored
 */
public record RecordedRack(List<RackPosition> before, Optional<RackEnd> end, int potted, int points) {
    /** So deep in one another balls that were tapped may lie (mm): they touch. */
    private static final double BY_HAND = 0.3;

    public RecordedRack {
        before = List.copyOf(before);
    }

    /** How it lies now. */
    public RackPosition now() {
        return before.get(before.size() - 1);
    }

    /**
     * @throws InvalidInputException {@code CONTRADICTION} where a shot follows one that ended the rack, or a pot of which no ball dropped; {@code UNKNOWN_ID} for a ball that is not in
     *     the game or not on the table any more; as {@link RackLayout#on} for balls that were moved
     */
    public static RecordedRack of(RackLayout layout, RackTable table, HouseRules rules, List<RecordedShot> shots) {
        RackPosition now = layout.on(table);
        List<RackPosition> before = new ArrayList<>();
        Optional<RackEnd> end = Optional.empty();
        int points = 0;
        for (RecordedShot shot : shots) {
            if (end.isPresent()) {
                throw new InvalidInputException(
                        ProblemCode.CONTRADICTION, "shots", shots.size(), "must not go on after the rack has ended");
            }
            RackPosition from = placed(now, shot);
            before.add(from);
            points += points(from, shot);
            Step step = step(from, rules, shot);
            now = step.next();
            end = step.end();
        }
        before.add(now);
        return new RecordedRack(before, end, before.get(0).ballsLeft() - now.ballsLeft(), points);
    }

    private static RackPosition placed(RackPosition now, RecordedShot shot) {
        if (shot.from().isEmpty()) {
            return now;
        }
        Point from = shot.from().get();
        if (!now.table().plan.holds(from, now.table().cueBall)) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE, "from", from, "must lie on the bed of the table");
        }
        return now.withCue(from);
    }

    private record Step(RackPosition next, Optional<RackEnd> end) {}

    private static int points(RackPosition from, RecordedShot shot) {
        if (shot.outcome() != RecordedShot.Outcome.POTTED) {
            return 0;
        }
        int points = 0;
        for (String id : shot.down()) {
            points += from.game().balls().get(from.game().ballIndex(id)).points();
        }
        return points;
    }

    private static Step step(RackPosition from, HouseRules rules, RecordedShot shot) {
        RackGame game = from.game();
        Point[] places = from.places();
        for (RackLayout.Laid moved : shot.moved()) {
            places[onTable(from, moved.id())] = moved.place();
        }
        boolean pot = shot.outcome() == RecordedShot.Outcome.POTTED;
        if (pot && shot.down().isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "down", shot.down(), "must name the ball that was potted");
        }
        boolean wins = false;
        for (String id : shot.down()) {
            int ball = onTable(from, id);
            places[ball] = null;
            wins |= game.isLast(ball) && game.others() == RackGame.Others.STAY_DOWN_AND_THE_LAST_WINS;
        }
        if (from.stageNow().comeBack()) {
            for (String id : shot.down()) {
                int ball = game.ballIndex(id);
                places[ball] = Referee.spot(from, ball, places, shot.landing());
            }
        }
        requireRoom(from.table(), places, shot);
        return ended(from, rules, shot, places, pot, wins);
    }

    /** Where the cue ball stopped, and balls that were moved: on the bed, and in no other ball. */
    private static void requireRoom(RackTable table, Point[] places, RecordedShot shot) {
        shot.landing().ifPresent(landing -> requireRoom(table, places, -1, "landing", landing, table.touching));
        for (RackLayout.Laid moved : shot.moved()) {
            for (int i = 0; i < places.length; i++) {
                if (places[i] == moved.place()) {
                    requireRoom(table, places, i, "moved." + moved.id(), moved.place(), table.touchingObjects);
                }
            }
        }
    }

    private static void requireRoom(
            RackTable table, Point[] places, int except, String field, Point place, double touching) {
        if (!table.plan.holds(place, except < 0 ? table.cueBall : table.objectBall)) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE, field, place, "must lie on the bed of the table");
        }
        for (int i = 0; i < places.length; i++) {
            if (i != except && places[i] != null && places[i].distanceMillimetres(place) < touching - BY_HAND) {
                throw new InvalidInputException(
                        ProblemCode.BALLS_OVERLAP, field, place, "must not lie in another ball");
            }
        }
    }

    private static Step ended(
            RackPosition from, HouseRules rules, RecordedShot shot, Point[] places, boolean pot, boolean wins) {
        boolean[] left = new boolean[places.length];
        for (int i = 0; i < places.length; i++) {
            left[i] = places[i] != null;
        }
        boolean costs = !rules.foulEnds()
                && (shot.outcome() == RecordedShot.Outcome.IN_OFF || shot.outcome() == RecordedShot.Outcome.WRONG_BALL);
        if (!pot && !costs) {
            return new Step(
                    from.after(from.stage(), places, shot.landing()),
                    shot.outcome().end());
        }
        int next = costs ? from.stage() : from.game().after(from.stage(), left);
        if (wins || next < 0) {
            return new Step(from.after(from.stage(), places, shot.landing()), Optional.of(RackEnd.CLEARED));
        }
        Optional<Point> cue = costs ? Optional.empty() : shot.landing();
        return new Step(from.after(next, places, cue), Optional.empty());
    }

    private static int onTable(RackPosition from, String id) {
        int ball = from.game().ballIndex(id);
        if (!from.isOnTable(ball)) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "ball", id, "must be on the table at that moment");
        }
        return ball;
    }
}
