package amberrail.core.table;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;

/**
 * One pocket: its two jaws as seen looking into it, and the circle that captures a ball.
 *
 * @param axis          from the table into the pocket
 * @param leftJaw       on the counter-clockwise side of the axis
 * @param captureCentre C = middle of the mouth + (shelf + rc)·axis
 */
public record Pocket(
        PocketName name, PocketShape shape, Direction axis, Jaw leftJaw, Jaw rightJaw, Point captureCentre) {

    static Pocket of(PocketName name, PocketShape shape, Direction axis, Jaw one, Jaw other) {
        Point middle = new Point(
                (one.virtualPoint().xMillimetres() + other.virtualPoint().xMillimetres()) / 2,
                (one.virtualPoint().yMillimetres() + other.virtualPoint().yMillimetres()) / 2);
        boolean oneIsLeft = one.virtualPoint().minus(middle).leftOf(axis) > 0;
        Point captureCentre = middle.moved(axis, shape.shelfMillimetres() + shape.captureRadiusMillimetres());
        return new Pocket(name, shape, axis, oneIsLeft ? one : other, oneIsLeft ? other : one, captureCentre);
    }

    /** Whether a ball with its centre here has dropped. */
    public boolean captures(Point ballCentre) {
        return captureCentre.distanceMillimetres(ballCentre) <= shape.captureRadiusMillimetres();
    }
}
