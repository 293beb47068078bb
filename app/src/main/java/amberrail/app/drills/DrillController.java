package amberrail.app.drills;

import amberrail.app.kit.KitService;
import amberrail.core.drill.Drill;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The drill library; everyone signed in may read it. */
@RestController
@RequestMapping("/api/v1/drills")
class DrillController {
    private final DrillCatalogue catalogue;
    private final KitService kit;

    DrillController(DrillCatalogue catalogue, KitService kit) {
        this.catalogue = catalogue;
        this.kit = kit;
    }

    @GetMapping
    LibraryView library() {
        return LibraryView.of(catalogue);
    }

    /**
     * One drill on a table.
     *
     * @param tableId   the table asked for, whether the drill is proven on it or not
     * @param preferred the table to take if the drill is proven on it; else the first of the club's that it is proven on
     */
    @GetMapping("/{id}")
    DrillDetail drill(
            @PathVariable String id, @RequestParam Optional<UUID> tableId, @RequestParam Optional<UUID> preferred) {
        Drill drill = catalogue.byId(id);
        KitService.ClubTable table = tableId.map(kit::table).orElseGet(() -> suitable(drill, preferred));
        return new DrillDetail(DrillOnTable.of(catalogue, drill, table.spec()), DrillDetail.TableOfDrill.of(table));
    }

    private KitService.ClubTable suitable(Drill drill, Optional<UUID> preferred) {
        List<KitService.ClubTable> tables = kit.tables();
        List<KitService.ClubTable> proven = tables.stream()
                .filter(table -> drill.tables().contains(table.spec().id()))
                .toList();
        return proven.stream()
                .filter(table -> preferred.filter(table.id()::equals).isPresent())
                .findFirst()
                .or(() -> proven.stream().findFirst())
                .orElseGet(() -> tables.get(0));
    }
}
