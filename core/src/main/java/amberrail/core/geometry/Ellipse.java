package amberrail.core.geometry;

import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/** An ellipse whose semi-major axis points along {@code angleDegrees} from +x, counter-clockwise. */
public record Ellipse(Point centre, double semiMajorMillimetres, double semiMinorMillimetres, double angleDegrees)
        implements Zone {
    private static final int OUTLINE_POINTS = 72;

    public Ellipse {
        Objects.requireNonNull(centre);
        Require.positive("semiMajorMillimetres", semiMajorMillimetres);
        Require.positive("semiMinorMillimetres", semiMinorMillimetres);
        Require.finite("angleDegrees", angleDegrees);
    }

    @Override
    public boolean contains(double xMillimetres, double yMillimetres) {
        Point offset = new Point(xMillimetres - centre.xMillimetres(), yMillimetres - centre.yMillimetres());
        Direction major = Direction.ofDegrees(angleDegrees);
        double along = offset.along(major) / semiMajorMillimetres;
        double across = offset.leftOf(major) / semiMinorMillimetres;
        return Math.hypot(along, across) <= 1 + EDGE_MILLIMETRES / semiMinorMillimetres;
    }

    @Override
    public Point targetPoint() {
        return centre;
    }

    @Override
    public List<Point> outline() {
        Direction major = Direction.ofDegrees(angleDegrees);
        return IntStream.range(0, OUTLINE_POINTS)
                .mapToDouble(i -> 2 * Math.PI * i / OUTLINE_POINTS)
                .mapToObj(angle -> centre.moved(major, semiMajorMillimetres * Math.cos(angle))
                        .moved(major.left(), semiMinorMillimetres * Math.sin(angle)))
                .toList();
    }

    @Override
    public Ellipse mirrored(double widthMillimetres) {
        Point image = new Point(centre.xMillimetres(), widthMillimetres - centre.yMillimetres());
        return new Ellipse(image, semiMajorMillimetres, semiMinorMillimetres, -angleDegrees);
    }
}
