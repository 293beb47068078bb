package amberrail.app.drills;

import amberrail.app.kit.KitService;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Costly;
import amberrail.core.drill.Drill;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The drill library; everyone signed in may read shipped drills, their own and those shared with the club. */
@RestController
@RequestMapping("/api/v1/drills")
class DrillController {
    private final DrillCatalogue catalogue;
    private final SetUps setUps;
    private final Shelf shelf;
    private final KitService kit;
    private final PeopleService people;
    private final KnownGrades grades;

    DrillController(
            DrillCatalogue catalogue,
            SetUps setUps,
            Shelf shelf,
            KitService kit,
            PeopleService people,
            KnownGrades grades) {
        this.catalogue = catalogue;
        this.setUps = setUps;
        this.shelf = shelf;
        this.kit = kit;
        this.people = people;
        this.grades = grades;
    }

    @GetMapping
    LibraryView library(@AuthenticationPrincipal SignedIn who) {
        Map<UUID, String> names = new HashMap<>();
        return LibraryView.of(
                catalogue.seenBy(who),
                shelf.of(who),
                setUps,
                grades,
                id -> names.computeIfAbsent(id, owner -> people.person(owner).name()));
    }

    /**
     * One drill on a table.
     *
     * @param tableId   the table asked for, whether the drill is proven on it or not
     * @param preferred the table to take if the drill is proven on it; else the first of the club's that it is proven on
     */
    @Costly
    @GetMapping("/{id}")
    DrillDetail drill(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam Optional<UUID> tableId,
            @RequestParam Optional<UUID> preferred) {
        DrillFromLibrary found = catalogue.find(who, id);
        KitService.ClubTable table = tableId.map(kit::table).orElseGet(() -> suitable(found.drill(), preferred));
        return new DrillDetail(
                DrillOnTable.now(setUps, found.drill(), table.spec()),
                DrillDetail.TableOfDrill.of(table),
                found.origin(),
                setUps.prepare(found.drill(), table.spec()));
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
