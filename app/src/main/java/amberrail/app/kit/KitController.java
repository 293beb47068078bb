package amberrail.app.kit;

import amberrail.app.people.SignedIn;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The club's tables, ball sets and cues; everyone signed in may see them. */
@RestController
@RequestMapping("/api/v1")
class KitController {
    private final KitService kit;

    KitController(KitService kit) {
        this.kit = kit;
    }

    /** A table in a list. */
    record TableView(UUID id, String name, String presetId) {}

    /** A table to draw. */
    record TableDetail(UUID id, String name, int version, TableDrawing drawing) {}

    /** What a session can be played with. */
    record GearView(List<KitService.Named> ballSets, List<KitService.Named> cues) {}

    @GetMapping("/gear")
    GearView gear(@AuthenticationPrincipal SignedIn who) {
        return new GearView(kit.ballSets(), kit.cues(who));
    }

    @GetMapping("/tables")
    List<TableView> tables() {
        return kit.tables().stream()
                .map(table ->
                        new TableView(table.id(), table.name(), table.spec().id()))
                .toList();
    }

    @GetMapping("/tables/{id}")
    TableDetail table(@PathVariable UUID id) {
        KitService.ClubTable table = kit.table(id);
        return new TableDetail(table.id(), table.name(), table.version(), TableDrawing.of(table.spec()));
    }

    @GetMapping("/tables/{id}/geometry")
    TableGeometry geometry(@PathVariable UUID id) {
        TableSpec spec = kit.table(id).spec();
        return TableGeometry.of(spec);
    }
}
