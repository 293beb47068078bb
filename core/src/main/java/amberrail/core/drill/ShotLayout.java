package amberrail.core.drill;

import amberrail.core.aiming.NaturalRoll;
import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.BallSet;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;

/**
 * A shot put on one table, original or mirrored: every ball, the pot, the zone, the target and the line of arrival.
 *
 * @param pocket  the pocket asked for, where a pot is asked
 * @param potLine the straight pot, where one is asked
 * @param zone    where the cue ball shall rest, if that is asked
 * @param conditions every demand put on this table, in the demands' order
 * @param arrival the way the cue ball travels when it gets to the target
 */
public record ShotLayout(
        List<PlacedBall> balls,
        Optional<PocketName> pocket,
        Optional<PotLine> potLine,
        Optional<Zone> zone,
        List<Condition> conditions,
        Direction arrival,
        boolean mirrored) {

    /** Restitution used for the natural-roll line; physics/model.md section 8, pool. */
    private static final double BALL_RESTITUTION = 0.95;

    private static final double SAME_MILLIMETRES = 1e-6;

    /** Rounding room when balls are set up touching. */
    private static final double TOUCHING_SLACK_MILLIMETRES = 1e-6;

    public ShotLayout {
        balls = List.copyOf(balls);
        conditions = List.copyOf(conditions);
    }

    /**
     * {@code OFF_THE_TABLE}, {@code BALLS_OVERLAP}, {@code CYCLE}, {@code UNKNOWN_ID} or {@code NO_STRAIGHT_POT} where the
     * shot cannot be set up on this table.
     */
    public static ShotLayout of(Shot shot, TablePlan table, BallSet set, boolean mirrored) {
        return of(shot, table, set, mirrored, 1);
    }

    /** As above, every zone's size times {@code zoneScale}. */
    public static ShotLayout of(Shot shot, TablePlan table, BallSet set, boolean mirrored, double zoneScale) {
        PositionResolver resolver = new PositionResolver(table, set, shot.balls());
        double width = table.spec().widthMillimetres();
        List<PlacedBall> balls = new ArrayList<>();
        for (BallPlacement placement : shot.balls()) {
            Point place = mirror(resolver.ball(placement.label()), width, mirrored);
            boolean isCue = placement.role() == BallPlacement.Role.CUE;
            balls.add(new PlacedBall(
                    placement.label(), placement.role(), place, isCue ? set.cueBall() : set.objectBall()));
        }
        requireOnTable(balls, table);
        requireApart(balls);
        Optional<PocketName> pocket =
                shot.pot().map(pot -> mirrored ? pot.pocket().mirrored() : pot.pocket());
        Optional<PotLine> potLine = shot.pot()
                .filter(pot -> pot.via().isEmpty())
                .map(pot -> PotLine.of(
                        table,
                        set,
                        place(balls, shot.cueBall().label()),
                        place(balls, pot.ball()),
                        table.pocket(pocket.orElseThrow()),
                        mirrored ? pot.half().mirrored() : pot.half()));
        List<Condition> conditions = new ConditionResolver(
                        resolver, new ZoneResolver(resolver, table.spec(), zoneScale), table.spec(), balls, mirrored)
                .all(shot.demands());
        int cueIndex = indexOf(balls, shot.cueBall().label());
        Optional<Zone> zone = conditions.stream()
                .filter(c -> c instanceof Condition.Landing landing && landing.ball() == cueIndex)
                .map(c -> ((Condition.Landing) c).zone())
                .findFirst();
        Point cue = place(balls, shot.cueBall().label());
        Direction arrival = arrival(shot.arrival(), potLine, zone, cue, set);
        return new ShotLayout(balls, pocket, potLine, zone, conditions, arrival, mirrored);
    }

    public PlacedBall cueBall() {
        return balls.get(cueIndex());
    }

    /** What landings are measured from: the zone's target point, else the ghost ball, else the cue ball's own place. */
    public Point target() {
        return zone.map(Zone::targetPoint)
                .or(() -> potLine.map(PotLine::ghostBall))
                .orElseGet(() -> cueBall().place());
    }

    /** Whether the cue ball has somewhere to go: where it has not, nothing is long or short. */
    public boolean hasTarget() {
        return zone.isPresent();
    }

    private static Direction arrival(
            ArrivalLine line, Optional<PotLine> potLine, Optional<Zone> zone, Point cue, BallSet set) {
        if (potLine.isPresent()) {
            PotLine pot = potLine.get();
            return line == ArrivalLine.AIM
                    ? pot.aim()
                    : NaturalRoll.after(pot.aim(), pot.cutDegrees(), BALL_RESTITUTION, set);
        }
        return zone.map(Zone::targetPoint)
                .filter(target -> target.distanceMillimetres(cue) > 1)
                .map(cue::towards)
                .orElse(new Direction(1, 0));
    }

    /** The same set-up with another line of arrival: the usual recipe's, once that is known. */
    public ShotLayout arriving(Direction newArrival) {
        return new ShotLayout(balls, pocket, potLine, zone, conditions, newArrival, mirrored);
    }

    /** Whether the other side of this shot is laid out the same, so that there is no mirror to play. */
    public boolean isLaidOutAs(ShotLayout other) {
        return asksTheSamePotAs(other) && target().distanceMillimetres(other.target()) < SAME_MILLIMETRES;
    }

    /** Whether every ball lies in the same place and is to go into the same pocket, wherever the cue ball shall go. */
    public boolean asksTheSamePotAs(ShotLayout other) {
        boolean sameBalls = balls.size() == other.balls.size();
        for (int i = 0; sameBalls && i < balls.size(); i++) {
            sameBalls =
                    balls.get(i).place().distanceMillimetres(other.balls.get(i).place()) < SAME_MILLIMETRES;
        }
        return sameBalls && pocket.equals(other.pocket);
    }

    /** Index of the cue ball in {@link #balls}. */
    public int cueIndex() {
        for (int i = 0; i < balls.size(); i++) {
            if (balls.get(i).role() == BallPlacement.Role.CUE) {
                return i;
            }
        }
        throw new NoSuchElementException("a set-up without a cue ball");
    }

    static int indexOf(List<PlacedBall> balls, String label) {
        for (int i = 0; i < balls.size(); i++) {
            if (balls.get(i).label().equals(label)) {
                return i;
            }
        }
        throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "ball", label, "must be a ball of this set-up");
    }

    private static Point place(List<PlacedBall> balls, String label) {
        return balls.get(indexOf(balls, label)).place();
    }

    static Point mirror(Point point, double widthMillimetres, boolean mirrored) {
        return mirrored ? new Point(point.xMillimetres(), widthMillimetres - point.yMillimetres()) : point;
    }

    private static void requireOnTable(List<PlacedBall> balls, TablePlan table) {
        for (PlacedBall ball : balls) {
            if (!table.holds(ball.place(), ball.spec())) {
                throw WrongPlace.offTheBed(ball, table);
            }
        }
    }

    private static void requireApart(List<PlacedBall> balls) {
        for (int i = 0; i < balls.size(); i++) {
            for (int j = i + 1; j < balls.size(); j++) {
                PlacedBall one = balls.get(i);
                PlacedBall other = balls.get(j);
                double touching = 2
                        * Math.sqrt(
                                one.spec().radiusMillimetres() * other.spec().radiusMillimetres());
                double depth = touching - one.place().distanceMillimetres(other.place());
                if (depth > TOUCHING_SLACK_MILLIMETRES) {
                    throw WrongPlace.inAnother(other, one, depth);
                }
            }
        }
    }
}
