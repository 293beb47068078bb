package amberrail.core.table;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;

/**
 * A table constructed: six pockets and the six nose segments between them, counter-clockwise from the SW corner.
 *
 * @see "physics/model.md, section 6"
 */
public record TablePlan(TableSpec spec, List<Pocket> pockets, List<NoseSegment> noseSegments) {

    private static final Direction EAST = new Direction(1, 0);
    private static final Direction NORTH = new Direction(0, 1);

    public TablePlan {
        pockets = List.copyOf(pockets);
        noseSegments = List.copyOf(noseSegments);
    }

    /** {@code INVALID_PARAMETER} if a ball could leave between a facing's end and the capture circle. */
    public static TablePlan of(TableSpec spec) {
        List<Pocket> pockets = pockets(spec);
        pockets.forEach(pocket -> requireClosed(pocket, spec));
        return new TablePlan(spec, pockets, noseSegments(pockets));
    }

    /** Counter-clockwise from the SW corner, as {@link PocketName} has them. */
    private static List<Pocket> pockets(TableSpec spec) {
        double length = spec.lengthMillimetres();
        double width = spec.widthMillimetres();
        double inset = spec.corner().mouthMillimetres() / Math.sqrt(2);
        double half = spec.side().mouthMillimetres() / 2;
        Direction west = EAST.opposite();
        Direction south = NORTH.opposite();
        return List.of(
                corner(
                        PocketName.SW,
                        spec,
                        new Point(0, inset),
                        Cushion.W,
                        south,
                        new Point(inset, 0),
                        Cushion.S,
                        west),
                side(PocketName.S, spec, new Point(length / 2 - half, 0), new Point(length / 2 + half, 0), Cushion.S),
                corner(
                        PocketName.SE,
                        spec,
                        new Point(length - inset, 0),
                        Cushion.S,
                        EAST,
                        new Point(length, inset),
                        Cushion.E,
                        south),
                corner(
                        PocketName.NE,
                        spec,
                        new Point(length, width - inset),
                        Cushion.E,
                        NORTH,
                        new Point(length - inset, width),
                        Cushion.N,
                        EAST),
                side(
                        PocketName.N,
                        spec,
                        new Point(length / 2 - half, width),
                        new Point(length / 2 + half, width),
                        Cushion.N),
                corner(
                        PocketName.NW,
                        spec,
                        new Point(inset, width),
                        Cushion.N,
                        west,
                        new Point(0, width - inset),
                        Cushion.W,
                        NORTH));
    }

    private static List<NoseSegment> noseSegments(List<Pocket> pockets) {
        List<NoseSegment> segments = new ArrayList<>();
        for (int i = 0; i < pockets.size(); i++) {
            // Going round counter-clockwise, a pocket is left over the jaw on the left of its axis.
            Jaw from = pockets.get(i).leftJaw();
            Jaw to = pockets.get((i + 1) % pockets.size()).rightJaw();
            segments.add(new NoseSegment(from.cushion(), from, to));
        }
        return segments;
    }

    public Pocket pocket(PocketName name) {
        return pockets.get(name.ordinal());
    }

    /** Whether a ball's centre can lie here at rest: c or more from every nose line, and not dropped. */
    public boolean holds(Point ballCentre, BallSpec ball) {
        double nearest = spec.noseDistanceMillimetres(ball);
        for (Cushion cushion : Cushion.values()) {
            // A hand-placed ball "touching" is typed to a tenth of a millimetre at best.
            if (cushion.distanceMillimetres(ballCentre, spec) < nearest - 0.05) {
                return false;
            }
        }
        return pockets.stream().noneMatch(pocket -> pocket.captures(ballCentre));
    }

    private static Pocket corner(
            PocketName name,
            TableSpec spec,
            Point one,
            Cushion oneCushion,
            Direction oneAlong,
            Point other,
            Cushion otherCushion,
            Direction otherAlong) {
        PocketShape shape = spec.corner();
        Direction axis = Direction.of(new Point(oneAlong.x() + otherAlong.x(), oneAlong.y() + otherAlong.y()));
        return Pocket.of(
                name,
                shape,
                axis,
                Jaw.at(oneCushion, one, oneAlong, shape),
                Jaw.at(otherCushion, other, otherAlong, shape));
    }

    private static Pocket side(PocketName name, TableSpec spec, Point west, Point east, Cushion cushion) {
        PocketShape shape = spec.side();
        return Pocket.of(
                name,
                shape,
                cushion.inward().opposite(),
                Jaw.at(cushion, west, EAST, shape),
                Jaw.at(cushion, east, EAST.opposite(), shape));
    }

    private static void requireClosed(Pocket pocket, TableSpec spec) {
        for (BallSpec ball : List.of(spec.balls().cueBall(), spec.balls().objectBall())) {
            double clear = spec.noseDistanceMillimetres(ball);
            for (Jaw jaw : List.of(pocket.leftJaw(), pocket.rightJaw())) {
                boolean startOutside = !pocket.captures(jaw.arcEnd().moved(jaw.facingNormal(), clear));
                boolean endInside = pocket.captures(jaw.facingEnd().moved(jaw.facingNormal(), clear));
                if (!startOutside || !endInside) {
                    throw new InvalidInputException(
                            ProblemCode.INVALID_PARAMETER,
                            "pockets." + pocket.name(),
                            pocket.shape(),
                            "must have its facing end inside the capture circle and the facing's start outside it");
                }
            }
        }
    }
}
