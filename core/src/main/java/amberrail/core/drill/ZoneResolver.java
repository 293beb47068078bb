package amberrail.core.drill;

import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Ellipse;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Polygon;
import amberrail.core.geometry.Rectangle;
import amberrail.core.geometry.Zone;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.Optional;

/** Puts anchored zones on a table. A band begins where a ball touches the cushion, since no centre gets nearer. */
final class ZoneResolver {
    private final PositionResolver positions;
    private final TableSpec table;
    private final double scale;

    /** {@code scale} stretches every size: 1, or the table's length over the home table's where sizes count in sights. */
    ZoneResolver(PositionResolver positions, TableSpec table, double scale) {
        this.positions = positions;
        this.table = table;
        this.scale = scale;
    }

    /** The zone for the centre of a ball of this size. */
    Zone zone(ZonePlan plan, BallSpec ball) {
        if (plan instanceof ZonePlan.CircleZone circle) {
            return new Circle(positions.point(circle.centre(), ball), scale * circle.radiusMillimetres());
        }
        if (plan instanceof ZonePlan.EllipseZone ellipse) {
            return new Ellipse(
                    positions.point(ellipse.centre(), ball),
                    scale * ellipse.semiMajorMillimetres(),
                    scale * ellipse.semiMinorMillimetres(),
                    ellipse.angleDegrees());
        }
        if (plan instanceof ZonePlan.RectangleZone rectangle) {
            return new Rectangle(
                    positions.point(rectangle.centre(), ball),
                    scale * rectangle.lengthMillimetres(),
                    scale * rectangle.widthMillimetres(),
                    rectangle.angleDegrees());
        }
        if (plan instanceof ZonePlan.PolygonZone polygon) {
            return new Polygon(polygon.corners().stream()
                    .map(corner -> positions.point(corner, ball))
                    .toList());
        }
        if (plan instanceof ZonePlan.BandZone band) {
            return band(band.cushion(), scale * band.depthMillimetres(), band.fromSights(), band.toSights(), ball);
        }
        if (plan instanceof ZonePlan.CorridorZone corridor) {
            Point from = positions.point(corridor.from(), ball);
            Point to = positions.point(corridor.to(), ball);
            Point middle = new Point(
                    (from.xMillimetres() + to.xMillimetres()) / 2, (from.yMillimetres() + to.yMillimetres()) / 2);
            return new Rectangle(
                    middle,
                    from.distanceMillimetres(to),
                    scale * corridor.widthMillimetres(),
                    from.towards(to).degrees());
        }
        ZonePlan.NearCushionZone near = (ZonePlan.NearCushionZone) plan;
        double end = near.cushion().isLong() ? SightPosition.SIGHTS_ALONG : SightPosition.SIGHTS_ACROSS;
        return band(near.cushion(), scale * near.withinMillimetres(), 0, end, ball);
    }

    List<ZonePlan.Ring> rings(ZonePlan plan) {
        return Optional.of(plan)
                .filter(ZonePlan.CircleZone.class::isInstance)
                .map(circle -> ((ZonePlan.CircleZone) circle)
                        .rings().stream()
                                .map(ring -> new ZonePlan.Ring(scale * ring.radiusMillimetres(), ring.points()))
                                .toList())
                .orElse(List.of());
    }

    private Zone band(Cushion cushion, double depth, double fromSights, double toSights, BallSpec ball) {
        double along = cushion.isLong()
                ? table.lengthMillimetres() / SightPosition.SIGHTS_ALONG
                : table.widthMillimetres() / SightPosition.SIGHTS_ACROSS;
        double middle = along * (fromSights + toSights) / 2;
        // From the nose line itself: a ball on the cushion lies at its nose distance, give or take rounding.
        double reach = table.noseDistanceMillimetres(ball) + depth;
        Point foot = switch (cushion) {
            case S -> new Point(middle, 0);
            case N -> new Point(middle, table.widthMillimetres());
            case W -> new Point(0, middle);
            case E -> new Point(table.lengthMillimetres(), middle);
        };
        Direction inward = cushion.inward();
        double length = along * (toSights - fromSights);
        return new Rectangle(foot.moved(inward, reach / 2), length, reach, cushion.isLong() ? 0 : 90);
    }
}
