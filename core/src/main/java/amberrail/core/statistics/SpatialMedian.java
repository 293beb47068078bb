package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import java.util.List;

/** The point with the least sum of distances: Weiszfeld's iteration in the form of Vardi and Zhang (2000). */
final class SpatialMedian {
    private static final double STOP_MILLIMETRES = 1e-10;
    private static final int MOST_STEPS = 100_000;
    private static final double AT_THE_POINT = 1e-12;

    private SpatialMedian() {}

    /** Of one point or more. Two: their midpoint. All on one line: the median along it. */
    static Point of(List<Point> points) {
        int n = points.size();
        if (n == 1) {
            return points.get(0);
        }
        if (n == 2) {
            Point a = points.get(0);
            Point b = points.get(1);
            return new Point((a.xMillimetres() + b.xMillimetres()) / 2, (a.yMillimetres() + b.yMillimetres()) / 2);
        }
        Covariance spread = Covariance.of(points, Point::xMillimetres, Point::yMillimetres);
        if (spread.major() <= 1e-12) {
            return points.get(0);
        }
        if (spread.minor() <= 1e-9 * spread.major()) {
            return alongTheLine(points, spread.majorAngleDegrees());
        }
        Point y = new Point(
                Medians.of(points.stream().mapToDouble(Point::xMillimetres).toArray()),
                Medians.of(points.stream().mapToDouble(Point::yMillimetres).toArray()));
        for (int step = 0; step < MOST_STEPS; step++) {
            Point next = stepped(points, y);
            if (next.distanceMillimetres(y) < STOP_MILLIMETRES) {
                return next;
            }
            y = next;
        }
        return y;
    }

    private static Point alongTheLine(List<Point> points, double degrees) {
        double ux = Math.cos(Math.toRadians(degrees));
        double uy = Math.sin(Math.toRadians(degrees));
        Point origin = points.get(0);
        double along = Medians.of(points.stream()
                .mapToDouble(p -> (p.xMillimetres() - origin.xMillimetres()) * ux
                        + (p.yMillimetres() - origin.yMillimetres()) * uy)
                .toArray());
        return new Point(origin.xMillimetres() + along * ux, origin.yMillimetres() + along * uy);
    }

    private static Point stepped(List<Point> points, Point y) {
        double weight = 0;
        double tx = 0;
        double ty = 0;
        double rx = 0;
        double ry = 0;
        int here = 0;
        for (Point point : points) {
            double d = point.distanceMillimetres(y);
            if (d < AT_THE_POINT) {
                here++;
                continue;
            }
            weight += 1 / d;
            tx += point.xMillimetres() / d;
            ty += point.yMillimetres() / d;
            rx += (point.xMillimetres() - y.xMillimetres()) / d;
            ry += (point.yMillimetres() - y.yMillimetres()) / d;
        }
        if (weight == 0) {
            return y;
        }
        double pull = Math.hypot(rx, ry);
        double stay = here == 0 ? 0 : pull == 0 ? 1 : Math.min(1, here / pull);
        return new Point(
                (1 - stay) * tx / weight + stay * y.xMillimetres(), (1 - stay) * ty / weight + stay * y.yMillimetres());
    }
}
