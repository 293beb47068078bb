package amberrail.app.racks;

import amberrail.app.kit.PointView;
import amberrail.app.people.SignedIn;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.RackTable;
import amberrail.core.rack.RecordedShot;
import amberrail.core.rack.SimulatedRack;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Keeps racks that somebody else played: the demo's. */
@Component
public class RackKeeper {
    private final RackService racks;
    private final RackTables tables;

    RackKeeper(RackService racks, RackTables tables) {
        this.racks = racks;
        this.tables = tables;
    }

    public RackTable table(UUID tableId) {
        return tables.of(tableId);
    }

    /** @param ids where the ids of the rack and its shots come from, so that they are always the same */
    public void keep(
            SignedIn who,
            UUID studentId,
            UUID tableId,
            HouseRules rules,
            SimulatedRack played,
            Instant startedAt,
            Random ids) {
        UUID rack = new UUID(ids.nextLong(), ids.nextLong());
        racks.write(
                who,
                rack,
                new RackBody(
                        studentId,
                        tableId,
                        rules,
                        RackLayoutBody.of(played.layout()),
                        RackOrigin.MADE_UP,
                        null,
                        null,
                        List.of(),
                        "",
                        startedAt));
        for (int i = 0; i < played.shots().size(); i++) {
            racks.writeShot(
                    who,
                    rack,
                    new UUID(ids.nextLong(), ids.nextLong()),
                    body(i + 1, played.shots().get(i)));
        }
    }

    private static RackShotBody body(int number, RecordedShot shot) {
        return new RackShotBody(
                number,
                shot.ball().orElse(null),
                shot.pocket().orElse(null),
                shot.from().map(PointView::of).orElse(null),
                shot.stroke().map(RackShotBody.RackStroke::of).orElse(null),
                shot.planned()
                        .map(zone -> new RackShotBody.RackZone(PointView.of(zone.centre()), zone.radiusMillimetres()))
                        .orElse(null),
                shot.next().orElse(null),
                shot.outcome(),
                shot.down(),
                shot.landing().map(PointView::of).orElse(null),
                shot.moved().stream().map(RackLayoutBody.LaidBall::of).toList(),
                shot.breakOut().orElse(null),
                false);
    }
}
