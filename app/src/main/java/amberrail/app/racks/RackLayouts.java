package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackLayoutController.KeptLayout;
import amberrail.app.racks.RackLayoutController.KeptLayoutBody;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Layouts that are kept for the whole club; whoever made one, and every coach, may change it. */
@Service
@Transactional
class RackLayouts {
    private final RackLayoutRepository layouts;
    private final RackTables tables;
    private final RackJson json;
    private final Clock clock;

    RackLayouts(RackLayoutRepository layouts, RackTables tables, RackJson json, Clock clock) {
        this.layouts = layouts;
        this.tables = tables;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<KeptLayout> all(SignedIn who) {
        return layouts.findByArchivedFalseOrderByNameAscIdAsc().stream()
                .map(row -> new KeptLayout(
                        row.id, row.name, json.read(row.layout, RackLayoutBody.class), row.madeUp, mayChange(who, row)))
                .toList();
    }

    void keep(SignedIn who, UUID id, KeptLayoutBody body) {
        body.layout().layout().on(tables.of(body.tableId()));
        RackLayoutEntity row = layouts.findById(id).orElseGet(() -> {
            RackLayoutEntity made = new RackLayoutEntity();
            made.id = id;
            made.madeBy = who.accountId();
            return made;
        });
        requireMayChange(who, row);
        row.name = body.name();
        row.game = body.layout().game();
        row.layout = json.written(body.layout());
        row.madeUp = body.madeUp();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        layouts.save(row);
    }

    void archive(SignedIn who, UUID id, boolean archived) {
        RackLayoutEntity row = layouts.findById(id).orElseThrow(() -> new Missing("layout"));
        requireMayChange(who, row);
        row.archived = archived;
    }

    private static boolean mayChange(SignedIn who, RackLayoutEntity row) {
        return who.isCoach() || row.madeBy.equals(who.accountId());
    }

    private static void requireMayChange(SignedIn who, RackLayoutEntity row) {
        if (!mayChange(who, row)) {
            throw new NotAllowed("Only a coach, or whoever kept this layout, can change it.");
        }
    }
}
