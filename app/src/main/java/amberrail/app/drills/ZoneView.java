package amberrail.app.drills;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Zone;
import amberrail.core.table.TableSpec;
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
    /** A ring and its points. */
    public record RingView(double radiusMillimetres, int points) {}

    static ZoneView of(Zone zone, List<ZonePlan.Ring> rings, TableSpec table) {
        PlaceView centre = PlaceView.of(zone.targetPoint(), table);
        return zone.circle()
                .map(circle -> new ZoneView(
                        centre,
                        circle.radiusMillimetres(),
                        null,
                        rings.stream()
                                .map(ring -> new RingView(ring.radiusMillimetres(), ring.points()))
                                .toList()))
                .orElseGet(() -> new ZoneView(
                        centre, null, zone.outline().stream().map(PointView::of).toList(), null));
    }
}
