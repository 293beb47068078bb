package amberrail.core.geometry;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;

/** A polygon by its vertices in order; concave is allowed, crossing itself is not. Inside by the even-odd rule. */
public record Polygon(List<Point> vertices) implements Zone {
    private static final double SMALLEST_AREA_SQUARE_MILLIMETRES = 1e-6;

    /** {@code INVALID_ZONE} for fewer than 3 vertices, an area under 1e-6 mm², or sides that cross. */
    public Polygon {
        vertices = List.copyOf(vertices);
        if (vertices.size() < 3) {
            throw invalid(vertices.size() + " vertices", "must have at least 3");
        }
        if (crossesItself(vertices)) {
            throw invalid(vertices, "must not cross itself");
        }
        if (Math.abs(signedArea(vertices)) < SMALLEST_AREA_SQUARE_MILLIMETRES) {
            throw invalid(vertices, "must enclose an area");
        }
    }

    @Override
    public boolean contains(double xMillimetres, double yMillimetres) {
        Point point = new Point(xMillimetres, yMillimetres);
        boolean inside = false;
        for (int i = 0; i < vertices.size(); i++) {
            Segment side = side(vertices, i);
            if (side.distanceMillimetres(point) <= EDGE_MILLIMETRES) {
                return true;
            }
            if (side.isCrossedByRayEastFrom(point)) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The centroid, or where that lies outside, the point of the outline nearest to it. */
    @Override
    public Point targetPoint() {
        Point centroid = centroid();
        if (contains(centroid)) {
            return centroid;
        }
        Point nearest = vertices.get(0);
        for (int i = 0; i < vertices.size(); i++) {
            Point candidate = side(vertices, i).nearestTo(centroid);
            if (candidate.distanceMillimetres(centroid) < nearest.distanceMillimetres(centroid)) {
                nearest = candidate;
            }
        }
        return nearest;
    }

    @Override
    public List<Point> outline() {
        return vertices;
    }

    @Override
    public Polygon mirrored(double widthMillimetres) {
        List<Point> images = new ArrayList<>();
        for (Point vertex : vertices) {
            images.add(new Point(vertex.xMillimetres(), widthMillimetres - vertex.yMillimetres()));
        }
        return new Polygon(images);
    }

    private Point centroid() {
        double sumX = 0;
        double sumY = 0;
        for (int i = 0; i < vertices.size(); i++) {
            Segment side = side(vertices, i);
            double weight = cross(side.start(), side.end());
            sumX += weight * (side.start().xMillimetres() + side.end().xMillimetres());
            sumY += weight * (side.start().yMillimetres() + side.end().yMillimetres());
        }
        double sixAreas = 6 * signedArea(vertices);
        return new Point(sumX / sixAreas, sumY / sixAreas);
    }

    private static double signedArea(List<Point> vertices) {
        double twice = 0;
        for (int i = 0; i < vertices.size(); i++) {
            Segment side = side(vertices, i);
            twice += cross(side.start(), side.end());
        }
        return twice / 2;
    }

    private static double cross(Point a, Point b) {
        return a.xMillimetres() * b.yMillimetres() - a.yMillimetres() * b.xMillimetres();
    }

    private static Segment side(List<Point> vertices, int index) {
        return new Segment(vertices.get(index), vertices.get((index + 1) % vertices.size()));
    }

    private static boolean crossesItself(List<Point> vertices) {
        int count = vertices.size();
        for (int i = 0; i < count; i++) {
            for (int j = i + 1; j < count; j++) {
                boolean neighbours = j == i + 1 || (i == 0 && j == count - 1);
                if (!neighbours && side(vertices, i).meets(side(vertices, j))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static InvalidInputException invalid(Object value, String rule) {
        return new InvalidInputException(ProblemCode.INVALID_ZONE, "vertices", value, rule);
    }
}
