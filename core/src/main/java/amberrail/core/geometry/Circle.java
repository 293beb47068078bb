package amberrail.core.geometry;

import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** All points within {@code radiusMillimetres} of {@code centre}. */
public record Circle(Point centre, double radiusMillimetres) implements Zone {
    public Circle {
        Objects.requireNonNull(centre);
        Require.positive("radiusMillimetres", radiusMillimetres);
    }

    @Override
    public boolean contains(double xMillimetres, double yMillimetres) {
        return Math.hypot(xMillimetres - centre.xMillimetres(), yMillimetres - centre.yMillimetres())
                <= radiusMillimetres + EDGE_MILLIMETRES;
    }

    @Override
    public Point targetPoint() {
        return centre;
    }

    @Override
    public List<Point> outline() {
        return new Ellipse(centre, radiusMillimetres, radiusMillimetres, 0).outline();
    }

    @Override
    public Optional<Circle> circle() {
        return Optional.of(this);
    }

    @Override
    public Circle mirrored(double widthMillimetres) {
        return new Circle(
                new Point(centre.xMillimetres(), widthMillimetres - centre.yMillimetres()), radiusMillimetres);
    }
}
