package amberrail.app.racks;

import amberrail.app.kit.KitService;
import amberrail.core.rack.RackTable;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Tables made ready for racks, each once. */
@Component
class RackTables {
    private final KitService kit;
    private final Cache<TableSpec, RackTable> ready =
            Caffeine.newBuilder().maximumSize(50).build();

    RackTables(KitService kit) {
        this.kit = kit;
    }

    KitService.ClubTable club(UUID id) {
        return kit.table(id);
    }

    RackTable of(UUID id) {
        return of(kit.table(id).spec());
    }

    RackTable of(TableSpec spec) {
        return ready.get(spec, RackTable::new);
    }
}
