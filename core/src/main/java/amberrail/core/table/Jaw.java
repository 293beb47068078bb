package amberrail.core.table;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;

/**
 * One side of a pocket: the nose ends in T1, an arc about J leads to T2, a straight facing from there to E.
 *
 * <p>With e along the cushion towards the pocket and n its inward normal: T1 = V - t·e, t = rj·tan(delta/2); J = T1 -
 * rj·n; facing f = cos(delta)·e - sin(delta)·n; T2 = V + t·f; E = T2 + lf·f; facing normal nf = cos(delta)·n +
 * sin(delta)·e.
 *
 * @param virtualPoint V, where nose line and facing line meet
 * @param noseEnd      T1
 * @param arcCentre    J, inside the cushion
 * @param arcEnd       T2
 * @param facingEnd    E
 * @param alongCushion e
 * @param inward       n
 * @param facing       f
 * @param facingNormal nf, towards the opening
 * @see "physics/model.md, section 6"
 */
public record Jaw(
        Cushion cushion,
        Point virtualPoint,
        Point noseEnd,
        Point arcCentre,
        Point arcEnd,
        Point facingEnd,
        Direction alongCushion,
        Direction inward,
        Direction facing,
        Direction facingNormal,
        double arcRadiusMillimetres,
        double facingTurnDegrees) {

    static Jaw at(Cushion cushion, Point virtualPoint, Direction towardsPocket, PocketShape shape) {
        Direction inward = cushion.inward();
        double delta = Math.toRadians(shape.facingTurnDegrees());
        double cos = Math.cos(delta);
        double sin = Math.sin(delta);
        Direction facing =
                new Direction(cos * towardsPocket.x() - sin * inward.x(), cos * towardsPocket.y() - sin * inward.y());
        Direction facingNormal =
                new Direction(cos * inward.x() + sin * towardsPocket.x(), cos * inward.y() + sin * towardsPocket.y());
        double tangent = shape.jawRadiusMillimetres() * Math.tan(delta / 2);
        Point noseEnd = virtualPoint.moved(towardsPocket, -tangent);
        Point arcEnd = virtualPoint.moved(facing, tangent);
        return new Jaw(
                cushion,
                virtualPoint,
                noseEnd,
                noseEnd.moved(inward, -shape.jawRadiusMillimetres()),
                arcEnd,
                arcEnd.moved(facing, shape.facingLengthMillimetres()),
                towardsPocket,
                inward,
                facing,
                facingNormal,
                shape.jawRadiusMillimetres(),
                shape.facingTurnDegrees());
    }

    /** Whether a direction away from the arc's centre points to the arc itself: 0 to delta, from n towards e. */
    public boolean arcFaces(Direction fromArcCentre) {
        double along = fromArcCentre.x() * alongCushion.x() + fromArcCentre.y() * alongCushion.y();
        double inwards = fromArcCentre.x() * inward.x() + fromArcCentre.y() * inward.y();
        double degrees = Math.toDegrees(Math.atan2(along, inwards));
        return degrees >= 0 && degrees <= facingTurnDegrees;
    }
}
