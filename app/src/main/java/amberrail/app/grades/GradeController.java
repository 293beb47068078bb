package amberrail.app.grades;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.drill.Drill;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A drill's grades on a table: looked at by everybody who may see the drill, worked out when a coach asks. */
@RestController
@RequestMapping("/api/v1/drills/{id}/grades")
class GradeController {
    private final GradeService grades;
    private final DrillCatalogue drills;
    private final KitService kit;
    private final Access access;

    GradeController(GradeService grades, DrillCatalogue drills, KitService kit, Access access) {
        this.grades = grades;
        this.drills = drills;
        this.kit = kit;
        this.access = access;
    }

    @GetMapping
    GradesView now(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestParam UUID tableId) {
        return grades.now(drills.find(who, id).drill(), kit.table(tableId).spec());
    }

    @PostMapping
    GradesView begin(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestParam UUID tableId) {
        Drill drill = drills.find(who, id).drill();
        access.requireCoach(who);
        return grades.begin(drill, kit.table(tableId).spec());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestParam UUID tableId) {
        Drill drill = drills.find(who, id).drill();
        access.requireCoach(who);
        grades.cancel(drill, kit.table(tableId).spec());
    }
}
