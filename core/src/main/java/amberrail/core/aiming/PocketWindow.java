package amberrail.core.aiming;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Jaw;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.TablePlan;

/**
 * How wide a pocket looks to an object ball: the directions that touch no jaw, and those that clear both jaw points.
 *
 * @param clean directions whose straight path reaches the capture circle touching no jaw
 * @param mouth directions whose straight path passes both virtual jaw points at the ball's nose distance c
 * @param approachDegrees beta, the used direction against the pocket's axis
 * @param cleanOpeningMillimetres parallel-beam opening at that angle, 0 if closed
 * @param mouthOpeningMillimetres M·cos(beta) - 2c
 * @see "physics/model.md, section 9"
 */
public record PocketWindow(
        DirectionWindow clean,
        DirectionWindow mouth,
        double approachDegrees,
        double cleanOpeningMillimetres,
        double mouthOpeningMillimetres) {

    public static PocketWindow of(TablePlan table, Pocket pocket, BallSpec ball, Point object) {
        return of(table, pocket, PocketHalf.ANY, ball, object);
    }

    /**
     * Of one half of the pocket: the ball must also drop on that side of the axis, so the point where the axis enters the capture circle bounds
     * the directions like a jaw does. Both windows are empty where no straight path drops there.
     */
    public static PocketWindow of(TablePlan table, Pocket pocket, PocketHalf half, BallSpec ball, Point object) {
        double clear = table.spec().noseDistanceMillimetres(ball);
        DirectionWindow clean = inHalf(
                pocket,
                half,
                object,
                bearingPastJaw(pocket, pocket.rightJaw(), object, clear, -1),
                bearingPastJaw(pocket, pocket.leftJaw(), object, clear, 1));
        DirectionWindow mouth = inHalf(
                pocket,
                half,
                object,
                bearingPastPoint(object, pocket.rightJaw().virtualPoint(), clear, -1),
                bearingPastPoint(object, pocket.leftJaw().virtualPoint(), clear, 1));
        Direction used = (clean.isEmpty() ? mouth : clean).middle();
        double approach = Angles.normalDegrees(used.degrees() - pocket.axis().degrees());
        double middle = dropOnAxis(pocket).leftOf(used);
        double left = leftReach(pocket, pocket.leftJaw(), used, clear, 1);
        double right = leftReach(pocket, pocket.rightJaw(), used, clear, -1);
        double cleanOpening = opening(half, middle, left, right);
        double mouthOpening = opening(
                half,
                middle,
                pocket.leftJaw().virtualPoint().leftOf(used) - clear,
                -pocket.rightJaw().virtualPoint().leftOf(used) - clear);
        return new PocketWindow(clean, mouth, approach, Math.max(0, cleanOpening), mouthOpening);
    }

    /** The clean window, or the mouth where that is empty: along a cushion a ball always touches the far facing. */
    public DirectionWindow used() {
        return clean.isEmpty() ? mouth : clean;
    }

    public boolean isClean() {
        return !clean.isEmpty();
    }

    private static DirectionWindow inHalf(
            Pocket pocket, PocketHalf half, Point object, double lowerDegrees, double upperDegrees) {
        double middle = bearing(object, dropOnAxis(pocket));
        double reference = pocket.axis().degrees();
        return DirectionWindow.between(
                half == PocketHalf.LEFT ? tighter(lowerDegrees, middle, reference, -1) : lowerDegrees,
                half == PocketHalf.RIGHT ? tighter(upperDegrees, middle, reference, 1) : upperDegrees);
    }

    /** Of parallel paths (mm): what lies between the bounds, or between one of them and the axis. */
    private static double opening(PocketHalf half, double middle, double left, double right) {
        double toTheLeft = half == PocketHalf.RIGHT ? Math.min(left, middle) : left;
        double toTheRight = half == PocketHalf.LEFT ? Math.min(right, -middle) : right;
        return toTheLeft + toTheRight;
    }

    /** Where the axis enters the capture circle: a ball that passes left of it drops in the left half. */
    private static Point dropOnAxis(Pocket pocket) {
        return pocket.captureCentre().moved(pocket.axis(), -pocket.shape().captureRadiusMillimetres());
    }

    /** Bound set by one jaw; {@code side} is +1 for the left jaw (smallest bearing wins), -1 for the right. */
    private static double bearingPastJaw(Pocket pocket, Jaw jaw, Point object, double clear, int side) {
        Point facingStart = jaw.arcEnd().moved(jaw.facingNormal(), clear);
        double reference = pocket.axis().degrees();
        double bound =
                tighter(bearing(object, facingStart), bearing(object, drop(pocket, jaw, clear)), reference, side);
        double reach = jaw.arcRadiusMillimetres() + clear;
        double distance = object.distanceMillimetres(jaw.arcCentre());
        if (distance > reach) {
            double past = bearing(object, jaw.arcCentre()) - side * Math.toDegrees(Math.asin(reach / distance));
            Direction toTangentPoint = Direction.ofDegrees(past - side * 90);
            if (jaw.arcFaces(toTangentPoint)) {
                return tighter(bound, past, reference, side);
            }
        }
        return bound;
    }

    private static double bearingPastPoint(Point object, Point jawPoint, double clear, int side) {
        double distance = object.distanceMillimetres(jawPoint);
        double turn = distance > clear ? Math.toDegrees(Math.asin(clear / distance)) : 90;
        return bearing(object, jawPoint) - side * turn;
    }

    /** The same three limits for parallel paths: projections on the left normal of the direction. */
    private static double leftReach(Pocket pocket, Jaw jaw, Direction used, double clear, int side) {
        Point facingStart = jaw.arcEnd().moved(jaw.facingNormal(), clear);
        double reach = Math.min(
                side * facingStart.leftOf(used), side * drop(pocket, jaw, clear).leftOf(used));
        Direction toTangentPoint = used.turnedDegrees(-side * 90);
        if (jaw.arcFaces(toTangentPoint)) {
            return Math.min(reach, side * jaw.arcCentre().leftOf(used) - jaw.arcRadiusMillimetres() - clear);
        }
        return reach;
    }

    /** Q: the first point along the offset facing that lies on the capture circle. */
    private static Point drop(Pocket pocket, Jaw jaw, double clear) {
        Point start = jaw.arcEnd().moved(jaw.facingNormal(), clear);
        Point toCentre = pocket.captureCentre().minus(start);
        double along = toCentre.along(jaw.facing());
        double aside = toCentre.leftOf(jaw.facing());
        double radius = pocket.shape().captureRadiusMillimetres();
        return start.moved(jaw.facing(), along - Math.sqrt(radius * radius - aside * aside));
    }

    private static double bearing(Point from, Point to) {
        return from.towards(to).degrees();
    }

    /** The bound nearer to the inside: bearings are compared as turns from the pocket's axis. */
    private static double tighter(double a, double b, double referenceDegrees, int side) {
        double turnA = Angles.normalDegrees(a - referenceDegrees);
        double turnB = Angles.normalDegrees(b - referenceDegrees);
        return side * turnA <= side * turnB ? a : b;
    }
}
