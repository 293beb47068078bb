package amberrail.core.geometry;

import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** A rectangle whose width runs along {@code angleDegrees} from +x, counter-clockwise. */
public record Rectangle(Point centre, double widthMillimetres, double heightMillimetres, double angleDegrees)
        implements Zone {
    public Rectangle {
        Objects.requireNonNull(centre);
        Require.positive("widthMillimetres", widthMillimetres);
        Require.positive("heightMillimetres", heightMillimetres);
        Require.finite("angleDegrees", angleDegrees);
    }

    @Override
    public boolean contains(double xMillimetres, double yMillimetres) {
        Point offset = new Point(xMillimetres - centre.xMillimetres(), yMillimetres - centre.yMillimetres());
        Direction along = Direction.ofDegrees(angleDegrees);
        return Math.abs(offset.along(along)) <= widthMillimetres / 2 + EDGE_MILLIMETRES
                && Math.abs(offset.leftOf(along)) <= heightMillimetres / 2 + EDGE_MILLIMETRES;
    }

    @Override
    public Point targetPoint() {
        return centre;
    }

    @Override
    public List<Point> outline() {
        Direction along = Direction.ofDegrees(angleDegrees);
        return Stream.of(new int[] {1, 1}, new int[] {-1, 1}, new int[] {-1, -1}, new int[] {1, -1})
                .map(sign -> centre.moved(along, sign[0] * widthMillimetres / 2)
                        .moved(along.left(), sign[1] * heightMillimetres / 2))
                .toList();
    }

    @Override
    public Rectangle mirrored(double tableWidthMillimetres) {
        Point image = new Point(centre.xMillimetres(), tableWidthMillimetres - centre.yMillimetres());
        return new Rectangle(image, widthMillimetres, heightMillimetres, -angleDegrees);
    }
}
