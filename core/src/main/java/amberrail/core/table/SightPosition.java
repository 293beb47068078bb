package amberrail.core.table;

import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;

/**
 * A position counted in sights from the SW corner: eighths of the length and quarters of the width.
 *
 * @param along  0 to 8; x = along·L/8
 * @param across 0 to 4; y = across·W/4
 * @see "answers.md, Positions"
 */
public record SightPosition(double along, double across) {
    public static final int SIGHTS_ALONG = 8;
    public static final int SIGHTS_ACROSS = 4;

    public SightPosition {
        Require.between("along", along, 0, SIGHTS_ALONG);
        Require.between("across", across, 0, SIGHTS_ACROSS);
    }

    public Point onTable(TableSpec table) {
        return new Point(
                along * table.lengthMillimetres() / SIGHTS_ALONG, across * table.widthMillimetres() / SIGHTS_ACROSS);
    }

    /** The sights of a point on the bed; {@code INVALID_PARAMETER} outside it. */
    public static SightPosition of(Point point, TableSpec table) {
        return new SightPosition(
                point.xMillimetres() * SIGHTS_ALONG / table.lengthMillimetres(),
                point.yMillimetres() * SIGHTS_ACROSS / table.widthMillimetres());
    }
}
