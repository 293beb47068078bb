package amberrail.core.table;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;

/** The four cushions by compass; the two long ones are each cut by a side pocket. */
public enum Cushion {
    W(new Direction(1, 0)),
    E(new Direction(-1, 0)),
    S(new Direction(0, 1)),
    N(new Direction(0, -1));

    private final Direction inward;

    Cushion(Direction inward) {
        this.inward = inward;
    }

    /** Unit normal of the nose line, pointing over the cloth. */
    public Direction inward() {
        return inward;
    }

    /** Whether it runs along the table's length. */
    public boolean isLong() {
        return this == S || this == N;
    }

    /** Distance of a point from this cushion's nose line (mm); negative behind it. */
    public double distanceMillimetres(Point point, TableSpec table) {
        return switch (this) {
            case W -> point.xMillimetres();
            case E -> table.lengthMillimetres() - point.xMillimetres();
            case S -> point.yMillimetres();
            case N -> table.widthMillimetres() - point.yMillimetres();
        };
    }

    /** How many sights it is long. */
    public int sights() {
        return isLong() ? SightPosition.SIGHTS_ALONG : SightPosition.SIGHTS_ACROSS;
    }

    /** From one of its sights to the next. */
    public double sightMillimetres(TableSpec table) {
        return (isLong() ? table.lengthMillimetres() : table.widthMillimetres()) / sights();
    }

    /** A point of the nose line, counted in this cushion's own sights from the SW corner's side. */
    public Point nosePoint(double sights, TableSpec table) {
        double along = sights * sightMillimetres(table);
        return switch (this) {
            case W -> new Point(0, along);
            case E -> new Point(table.lengthMillimetres(), along);
            case S -> new Point(along, 0);
            case N -> new Point(along, table.widthMillimetres());
        };
    }

    /** The cushion's image in the table's long axis. */
    public Cushion mirrored() {
        return switch (this) {
            case W -> W;
            case E -> E;
            case S -> N;
            case N -> S;
        };
    }
}
