package amberrail.core.drill;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Rectangle;
import amberrail.core.geometry.Zone;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.TableSpec;
import java.util.List;

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
        return plan.on(new ZonePlan.Ground() {
            @Override
            public Point point(Position position) {
                return positions.point(position, ball);
            }

            @Override
            public double stretched(double millimetres) {
                return scale * millimetres;
            }

            @Override
            public Zone band(Cushion cushion, double depthMillimetres, double fromSights, double toSights) {
                return ZoneResolver.this.band(cushion, depthMillimetres, fromSights, toSights, ball);
            }
        });
    }

    List<ZonePlan.Ring> rings(ZonePlan plan) {
        return plan.rings().stream()
                .map(ring -> new ZonePlan.Ring(scale * ring.radiusMillimetres(), ring.points()))
                .toList();
    }

    private Zone band(Cushion cushion, double depth, double fromSights, double toSights, BallSpec ball) {
        double along = cushion.sightMillimetres(table);
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
