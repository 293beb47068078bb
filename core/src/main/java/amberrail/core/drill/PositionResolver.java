package amberrail.core.drill;

import amberrail.core.aiming.PocketWindow;
import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.Markings;
import amberrail.core.table.Pocket;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TablePlan;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Turns anchored positions into points on one table, in order of dependence; a ring of them is a {@code CYCLE}. */
final class PositionResolver {
    private final TablePlan table;
    private final BallSet balls;
    private final Map<String, BallPlacement> placements = new LinkedHashMap<>();
    private final Map<String, Point> resolved = new LinkedHashMap<>();
    private final Deque<String> underway = new ArrayDeque<>();

    PositionResolver(TablePlan table, BallSet balls, List<BallPlacement> placements) {
        this.table = table;
        this.balls = balls;
        placements.forEach(placement -> this.placements.put(placement.label(), placement));
    }

    Point ball(String label) {
        Point known = resolved.get(label);
        if (known != null) {
            return known;
        }
        BallPlacement placement = placements.get(label);
        if (placement == null) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID, "ball", label, "must be one of " + placements.keySet());
        }
        if (underway.contains(label)) {
            throw new InvalidInputException(
                    ProblemCode.CYCLE, "ball", label, "must not depend on itself (by way of " + underway + ")");
        }
        underway.push(label);
        Point point = point(placement.position(), spec(placement));
        underway.pop();
        resolved.put(label, point);
        return point;
    }

    /** The point of a position for a ball of this size. */
    Point point(Position position, BallSpec ball) {
        if (position instanceof Position.AtSights at) {
            return new SightPosition(at.along(), at.across()).onTable(table.spec());
        }
        if (position instanceof Position.OnSpot on) {
            return Markings.of(table.spec())
                    .spot(on.spot())
                    .place()
                    .plus(new Point(on.dxMillimetres(), on.dyMillimetres()));
        }
        if (position instanceof Position.OffCushion off) {
            return offCushion(off, ball);
        }
        if (position instanceof Position.OffPocket off) {
            Pocket pocket = table.pocket(off.pocket());
            Point left = pocket.leftJaw().virtualPoint();
            Point right = pocket.rightJaw().virtualPoint();
            Point mouth = new Point(
                    (left.xMillimetres() + right.xMillimetres()) / 2, (left.yMillimetres() + right.yMillimetres()) / 2);
            return mouth.moved(
                    pocket.axis().opposite().turnedDegrees(off.bearingDegrees()),
                    off.ballWidths() * balls.objectBall().diameterMillimetres());
        }
        if (position instanceof Position.TouchingBall touching) {
            Point other = ball(touching.ball());
            BallSpec otherSpec = spec(placements.get(touching.ball()));
            double distance = 2 * Math.sqrt(ball.radiusMillimetres() * otherSpec.radiusMillimetres());
            return other.moved(Direction.ofDegrees(touching.bearingDegrees()), distance);
        }
        Position.ForPot pot = (Position.ForPot) position;
        return onAimLine(pot);
    }

    private Point offCushion(Position.OffCushion off, BallSpec ball) {
        Cushion cushion = off.cushion();
        boolean isLong = cushion.isLong();
        Point foot = isLong
                ? new SightPosition(off.sightsAlong(), cushion == Cushion.S ? 0 : SightPosition.SIGHTS_ACROSS)
                        .onTable(table.spec())
                : new SightPosition(cushion == Cushion.W ? 0 : SightPosition.SIGHTS_ALONG, off.sightsAlong())
                        .onTable(table.spec());
        double distance = table.spec().noseDistanceMillimetres(ball)
                + off.ballWidths() * balls.objectBall().diameterMillimetres();
        return foot.moved(cushion.inward(), distance);
    }

    private Point onAimLine(Position.ForPot pot) {
        Point object = ball(pot.ball());
        PocketWindow window = PocketWindow.of(table, table.pocket(pot.pocket()), balls.objectBall(), object);
        if (window.used().isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.NO_STRAIGHT_POT, "pocket", pot.pocket(), "must show an opening to ball " + pot.ball());
        }
        Direction objectDirection = window.used().middle();
        Point ghost = PotLine.ghostBall(object, objectDirection, balls.touchingMillimetres());
        return ghost.moved(objectDirection.turnedDegrees(-pot.cutDegrees()), -pot.distanceMillimetres());
    }

    private BallSpec spec(BallPlacement placement) {
        return placement.role() == BallPlacement.Role.CUE ? balls.cueBall() : balls.objectBall();
    }
}
