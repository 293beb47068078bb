package amberrail.core.geometry;

import java.util.List;
import java.util.Optional;

/**
 * An area on the table: a circle, an ellipse, a rectangle or a polygon. Its edge belongs to it (to 1e-9 mm).
 *
 * <p>Source: statistics/methods.md, {@code zoneShare}; target points: answers.md, "Target and arrival".
 */
public sealed interface Zone permits Circle, Ellipse, Rectangle, Polygon {
    /** How far outside still counts as on the edge (mm): rounding, not generosity. */
    double EDGE_MILLIMETRES = 1e-9;

    /** Whether a ball whose centre rests at {@code point} lies in the zone. */
    default boolean contains(Point point) {
        return contains(point.xMillimetres(), point.yMillimetres());
    }

    /** The same for plain coordinates: thousands of simulated shots ask, and make no points for it. */
    boolean contains(double xMillimetres, double yMillimetres);

    /** The point that landings are measured from unless the coach moved it. */
    Point targetPoint();

    /** Its corners, or enough points of a curve to draw it by, counter-clockwise. */
    List<Point> outline();

    /** This zone, where it is a circle: only that has a radius. */
    default Optional<Circle> circle() {
        return Optional.empty();
    }

    /** The zone's image in the table's long axis: y becomes {@code widthMillimetres} - y. */
    Zone mirrored(double widthMillimetres);
}
