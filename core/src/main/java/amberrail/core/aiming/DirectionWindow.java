package amberrail.core.aiming;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Direction;

/**
 * The directions between two bounds (degrees); empty when upper is not above lower.
 *
 * @param lowerDegrees right bound
 * @param upperDegrees left bound, less than a half turn counter-clockwise of the right one
 */
public record DirectionWindow(double lowerDegrees, double upperDegrees) {

    /** Bounds are bearings that may lie on both sides of the ±180 seam; the upper one is brought next to the lower. */
    static DirectionWindow between(double lowerDegrees, double upperDegrees) {
        return new DirectionWindow(lowerDegrees, lowerDegrees + Angles.normalDegrees(upperDegrees - lowerDegrees));
    }

    public boolean isEmpty() {
        return upperDegrees <= lowerDegrees;
    }

    public double widthDegrees() {
        return upperDegrees - lowerDegrees;
    }

    public Direction middle() {
        return Direction.ofDegrees((lowerDegrees + upperDegrees) / 2);
    }

    public boolean contains(Direction direction) {
        double fromLower = Angles.normalDegrees(direction.degrees() - lowerDegrees);
        return fromLower >= 0 && fromLower <= widthDegrees();
    }
}
