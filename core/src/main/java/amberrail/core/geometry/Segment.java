package amberrail.core.geometry;

/** The straight line between two points, ends included. */
public record Segment(Point start, Point end) {

    /** The point of the segment nearest to {@code point}. */
    public Point nearestTo(Point point) {
        Point whole = end.minus(start);
        double squared = whole.xMillimetres() * whole.xMillimetres() + whole.yMillimetres() * whole.yMillimetres();
        if (squared == 0) {
            return start;
        }
        Point offset = point.minus(start);
        double share =
                (offset.xMillimetres() * whole.xMillimetres() + offset.yMillimetres() * whole.yMillimetres()) / squared;
        double clipped = Math.min(1, Math.max(0, share));
        return new Point(
                start.xMillimetres() + clipped * whole.xMillimetres(),
                start.yMillimetres() + clipped * whole.yMillimetres());
    }

    public double distanceMillimetres(Point point) {
        return nearestTo(point).distanceMillimetres(point);
    }

    /** Whether the two segments have a point in common, touching included. */
    public boolean meets(Segment other) {
        double side1 = turn(start, end, other.start);
        double side2 = turn(start, end, other.end);
        double side3 = turn(other.start, other.end, start);
        double side4 = turn(other.start, other.end, end);
        if (side1 * side2 < 0 && side3 * side4 < 0) {
            return true;
        }
        return side1 == 0 && holds(other.start)
                || side2 == 0 && holds(other.end)
                || side3 == 0 && other.holds(start)
                || side4 == 0 && other.holds(end);
    }

    /** The even-odd test's step: a ray from {@code point} towards +x crosses, counting the lower end and not the upper. */
    boolean isCrossedByRayEastFrom(Point point) {
        double y = point.yMillimetres();
        if (start.yMillimetres() > y == end.yMillimetres() > y) {
            return false;
        }
        double share = (y - start.yMillimetres()) / (end.yMillimetres() - start.yMillimetres());
        return point.xMillimetres() < start.xMillimetres() + share * (end.xMillimetres() - start.xMillimetres());
    }

    private boolean holds(Point pointOnLine) {
        return Math.min(start.xMillimetres(), end.xMillimetres()) <= pointOnLine.xMillimetres()
                && pointOnLine.xMillimetres() <= Math.max(start.xMillimetres(), end.xMillimetres())
                && Math.min(start.yMillimetres(), end.yMillimetres()) <= pointOnLine.yMillimetres()
                && pointOnLine.yMillimetres() <= Math.max(start.yMillimetres(), end.yMillimetres());
    }

    private static double turn(Point a, Point b, Point c) {
        return (b.xMillimetres() - a.xMillimetres()) * (c.yMillimetres() - a.yMillimetres())
                - (b.yMillimetres() - a.yMillimetres()) * (c.xMillimetres() - a.xMillimetres());
    }
}
