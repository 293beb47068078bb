package amberrail.core.geometry;

import amberrail.core.problem.Require;

/** A place in plan (mm), or the offset from one place to another. */
public record Point(double xMillimetres, double yMillimetres) {
    public Point {
        Require.finite("xMillimetres", xMillimetres);
        Require.finite("yMillimetres", yMillimetres);
    }

    /** From the engine's metres. */
    public static Point ofMetres(double x, double y) {
        return new Point(Units.millimetres(x), Units.millimetres(y));
    }

    public Point plus(Point offset) {
        return new Point(xMillimetres + offset.xMillimetres, yMillimetres + offset.yMillimetres);
    }

    public Point minus(Point other) {
        return new Point(xMillimetres - other.xMillimetres, yMillimetres - other.yMillimetres);
    }

    /** This point moved by {@code distanceMillimetres} along {@code direction}; negative goes back. */
    public Point moved(Direction direction, double distanceMillimetres) {
        return new Point(
                xMillimetres + distanceMillimetres * direction.x(), yMillimetres + distanceMillimetres * direction.y());
    }

    /** How far this offset reaches along {@code direction} (mm, signed). */
    public double along(Direction direction) {
        return xMillimetres * direction.x() + yMillimetres * direction.y();
    }

    /** How far this offset lies to the left of {@code direction} (mm, right is negative). */
    public double leftOf(Direction direction) {
        return -xMillimetres * direction.y() + yMillimetres * direction.x();
    }

    public Point middle(Point other) {
        return new Point((xMillimetres + other.xMillimetres) / 2, (yMillimetres + other.yMillimetres) / 2);
    }

    public double lengthMillimetres() {
        return Math.hypot(xMillimetres, yMillimetres);
    }

    public double distanceMillimetres(Point other) {
        return minus(other).lengthMillimetres();
    }

    /** Direction from this point to {@code other}; {@code ZERO_DIRECTION} if they coincide. */
    public Direction towards(Point other) {
        return Direction.of(other.minus(this));
    }
}
