package amberrail.app.drills;

import amberrail.app.kit.KitService;
import java.util.List;
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
    List<DrillView> drills() {
        return catalogue.all().stream().map(DrillView::of).toList();
    }

    @GetMapping("/{id}")
    DrillOnTable drill(@PathVariable String id, @RequestParam UUID tableId) {
        return DrillOnTable.of(catalogue, catalogue.byId(id), kit.table(tableId).spec());
    }
}
