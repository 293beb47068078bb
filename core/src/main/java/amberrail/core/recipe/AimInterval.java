package amberrail.core.recipe;

import amberrail.core.geometry.Units;

/**
 * The launch directions that pot, at one pace and spin, in the full simulation: throw, swerve and jaws included.
 *
 * @param lowerDegrees  right end
 * @param upperDegrees  left end, counter-clockwise of the right one
 */
public record AimInterval(double lowerDegrees, double upperDegrees) {
    /** What a recipe aims at. */
    public double middleDegrees() {
        return (lowerDegrees + upperDegrees) / 2;
    }

    /** Room to each side of the middle (mrad). */
    public double halfWidthMilliradians() {
        return Units.milliradians(upperDegrees - lowerDegrees) / 2;
    }
}
