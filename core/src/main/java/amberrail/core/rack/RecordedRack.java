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
            Played played = after(from, rules, shot);
            points += played.points();
            now = played.next();
            end = played.end();
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

    private static Played after(RackPosition from, HouseRules rules, RecordedShot shot) {
        Point[] places = from.places();
        for (RackLayout.Laid moved : shot.moved()) {
            places[onTable(from, moved.id())] = moved.place();
        }
        if (shot.outcome() == RecordedShot.Outcome.POTTED && shot.down().isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "down", shot.down(), "must name the ball that was potted");
        }
        boolean[] dropped = new boolean[places.length];
        for (String id : shot.down()) {
            int ball = onTable(from, id);
            dropped[ball] = true;
            places[ball] = null;
        }
        requireRoom(from.table(), places, shot);
        return told(from, new Aftermath(rules), new Aftermath.Fallen(places, dropped, shot.landing()), shot);
    }

    /** By the rules, whatever was tapped: a ball that dropped beside the one that was missed may let the player go on, the last one too early loses. */
    private static Played told(RackPosition from, Aftermath aftermath, Aftermath.Fallen fallen, RecordedShot shot) {
        RackEnd said = shot.outcome().end().orElse(RackEnd.MISSED);
        if (said == RackEnd.IN_OFF || said == RackEnd.WRONG_BALL) {
            return aftermath.foul(from, fallen, said);
        }
        if (!shot.outcome().isPlayed()) {
            return Aftermath.over(from, fallen, said, 0);
        }
        int struck = shot.ball().map(from.game()::ballIndex).orElse(-1);
        Played played = aftermath.of(from, fallen, struck);
        return played.end().equals(Optional.of(RackEnd.MISSED)) ? Aftermath.over(from, fallen, said, 0) : played;
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

    private static int onTable(RackPosition from, String id) {
        int ball = from.game().ballIndex(id);
        if (!from.isOnTable(ball)) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "ball", id, "must be on the table at that moment");
        }
        return ball;
    }
}
