package amberrail.core.aiming;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Direction;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the cue ball can go after a straight pot, for drawing while a shot is designed: straight lines from the ghost ball. How far it gets and how
 * its way bends is the simulator's business.
 *
 * @param tangent     without spin: square to the line of centres if both balls weigh the same; empty for a straight pot, which has none
 * @param naturalRoll with the spin of a rolling ball
 * @param fullDraw    with the most backspin a tip can give, if none of it were lost on the way
 * @param fullFollow  with the most topspin likewise
 * @param dangers     pockets that the cue ball could drop in, the likeliest line of each
 */
public record CueBallLines(
        Optional<Line> tangent, Line naturalRoll, Line fullDraw, Line fullFollow, List<InOffDanger> dangers) {
    /** Under this cut the tangent has no side to lie on. */
    public static final double NO_TANGENT_BELOW_DEGREES = 0.5;

    /** A direction and where it meets its first cushion. */
    public record Line(Direction way, CushionReach reach) {}

    /** Which stroke leads into a pocket. */
    public enum Leads {
        /** The tangent line does: a stun shot drops. */
        STUN,
        /** The natural-roll line does: a rolling cue ball drops. */
        ROLL,
        /** Something between full draw and full follow does. */
        SOME_SPIN
    }

    /** A pocket whose mouth, as the cue ball sees it from the ghost ball, holds one of the lines. */
    public record InOffDanger(PocketName pocket, Leads leads) {}

    public static CueBallLines of(TablePlan table, Physics physics, PotLine pot) {
        double most = 2.5 * physics.miscueLimit();
        Direction draw = settled(table, physics, pot, -most);
        Direction follow = settled(table, physics, pot, most);
        Direction roll = settled(table, physics, pot, 1);
        Optional<Direction> tangent = tangent(table, pot);
        List<InOffDanger> dangers = new ArrayList<>();
        for (Pocket pocket : table.pockets()) {
            lead(table, pocket, pot, tangent, roll, draw, follow)
                    .ifPresent(leads -> dangers.add(new InOffDanger(pocket.name(), leads)));
        }
        return new CueBallLines(
                tangent.map(way -> line(table, pot, way)),
                line(table, pot, roll),
                line(table, pot, draw),
                line(table, pot, follow),
                List.copyOf(dangers));
    }

    private static Direction settled(TablePlan table, Physics physics, PotLine pot, double rollingShare) {
        return NaturalRoll.settled(
                pot.aim(),
                pot.cutDegrees(),
                rollingShare,
                physics.ballRestitution(),
                table.spec().balls());
    }

    /** Where a ball without spin goes after a lossless meeting: square to the line of centres for balls of one mass, further on for a heavier cue ball. */
    private static Optional<Direction> tangent(TablePlan table, PotLine pot) {
        if (Math.abs(pot.cutDegrees()) < NO_TANGENT_BELOW_DEGREES) {
            return Optional.empty();
        }
        return Optional.of(NaturalRoll.settled(
                pot.aim(), pot.cutDegrees(), 0, 1, table.spec().balls()));
    }

    private static Line line(TablePlan table, PotLine pot, Direction way) {
        BallSpec cueBall = table.spec().balls().cueBall();
        return new Line(way, CushionReach.of(table.spec(), cueBall, pot.ghostBall(), way));
    }

    private static Optional<Leads> lead(
            TablePlan table,
            Pocket pocket,
            PotLine pot,
            Optional<Direction> tangent,
            Direction roll,
            Direction draw,
            Direction follow) {
        DirectionWindow mouth = PocketWindow.of(
                        table, pocket, table.spec().balls().cueBall(), pot.ghostBall())
                .mouth();
        if (mouth.isEmpty()) {
            return Optional.empty();
        }
        if (mouth.contains(roll)) {
            return Optional.of(Leads.ROLL);
        }
        if (tangent.filter(mouth::contains).isPresent()) {
            return Optional.of(Leads.STUN);
        }
        // A straight pot has no fan: the cue ball goes on or comes back.
        boolean some = tangent.isPresent()
                ? isBetween(mouth.middle(), follow, draw)
                : mouth.contains(follow) || mouth.contains(draw);
        return some ? Optional.of(Leads.SOME_SPIN) : Optional.empty();
    }

    /** Whether a way lies on the shorter turn from one to the other. */
    private static boolean isBetween(Direction way, Direction from, Direction to) {
        double whole = Angles.normalDegrees(to.degrees() - from.degrees());
        double part = Angles.normalDegrees(way.degrees() - from.degrees());
        return whole >= 0 ? part >= 0 && part <= whole : part <= 0 && part >= whole;
    }
}
