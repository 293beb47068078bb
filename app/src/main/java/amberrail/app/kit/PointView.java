package amberrail.app.kit;

import amberrail.core.geometry.Point;

/** A place on the table: mm from the SW corner, x along the length, y along the width. */
public record PointView(double xMillimetres, double yMillimetres) {
    public static PointView of(Point point) {
        return new PointView(point.xMillimetres(), point.yMillimetres());
    }

    public Point point() {
        return new Point(xMillimetres, yMillimetres);
    }
}
