package amberrail.app.drills;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Ellipse;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Polygon;
import amberrail.core.geometry.Rectangle;
import amberrail.core.geometry.Zone;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;

/**
 * An area to draw.
 *
 * @param centre            what landings are measured from
 * @param radiusMillimetres of a circle
 * @param outline           of anything else
 * @param rings             of a circle that is worth points
 */
public record ZoneView(
        PlaceView centre,
        @MayBeMissing Double radiusMillimetres,
        @MayBeMissing List<PointView> outline,
        @MayBeMissing List<RingView> rings) {
    private static final int ELLIPSE_CORNERS = 72;

    /** A ring and its points. */
    public record RingView(double radiusMillimetres, int points) {}

    static ZoneView of(Zone zone, List<ZonePlan.Ring> rings, TableSpec table) {
        PlaceView centre = PlaceView.of(zone.targetPoint(), table);
        if (zone instanceof Circle circle) {
            return new ZoneView(
                    centre,
                    circle.radiusMillimetres(),
                    null,
                    rings.stream()
                            .map(ring -> new RingView(ring.radiusMillimetres(), ring.points()))
                            .toList());
        }
        return new ZoneView(
                centre, null, outline(zone).stream().map(PointView::of).toList(), null);
    }

    private static List<Point> outline(Zone zone) {
        if (zone instanceof Polygon polygon) {
            return polygon.vertices();
        }
        if (zone instanceof Rectangle r) {
            Direction along = Direction.ofDegrees(r.angleDegrees());
            List<Point> corners = new ArrayList<>();
            for (int[] sign : new int[][] {{1, 1}, {-1, 1}, {-1, -1}, {1, -1}}) {
                corners.add(r.centre()
                        .moved(along, sign[0] * r.widthMillimetres() / 2)
                        .moved(along.left(), sign[1] * r.heightMillimetres() / 2));
            }
            return corners;
        }
        Ellipse ellipse = (Ellipse) zone;
        Direction major = Direction.ofDegrees(ellipse.angleDegrees());
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ELLIPSE_CORNERS; i++) {
            double angle = 2 * Math.PI * i / ELLIPSE_CORNERS;
            points.add(ellipse.centre()
                    .moved(major, ellipse.semiMajorMillimetres() * Math.cos(angle))
                    .moved(major.left(), ellipse.semiMinorMillimetres() * Math.sin(angle)));
        }
        return points;
    }
}
