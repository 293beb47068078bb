package amberrail.core.statistics;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;

/**
 * One landing against its target, split along the way the cue ball arrives.
 *
 * <p>With u the arrival direction and d = landing - target: speed = u·d and line = -u_y d_x + u_x d_y. Example: target
 * (1000, 500), arriving along +x, landing (1040, 530): 40 mm long, 30 mm left.
 *
 * @param lineMillimetres  positive left of the way of travel
 * @param speedMillimetres positive long
 * @see "methods.md, decompose"
 */
public record ArrivalError(double lineMillimetres, double speedMillimetres) {

    public static ArrivalError of(Point target, Direction arrival, Point landing) {
        Point offset = landing.minus(target);
        return new ArrivalError(offset.leftOf(arrival), offset.along(arrival));
    }

    /** Distance from the target, whichever way. */
    public double radialMillimetres() {
        return Math.hypot(lineMillimetres, speedMillimetres);
    }
}
