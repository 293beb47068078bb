package amberrail.app.plan;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.KitService;
import amberrail.app.kit.TableDrawing;
import amberrail.app.paper.PaperSize;
import amberrail.app.people.PeopleService;
import amberrail.app.people.Preferences.Dialect;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlanView.PlanItemView;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Costly;
import amberrail.app.words.DrillTerms;
import amberrail.app.words.WordCatalogue;
import amberrail.core.drill.Drill;
import java.io.IOException;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A plan on paper, for whoever may see it. */
@RestController
class PlanSheetController {
    private final PlanService plans;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final KitService kit;
    private final PeopleService people;

    PlanSheetController(PlanService plans, DrillCatalogue drills, SetUps setUps, KitService kit, PeopleService people) {
        this.plans = plans;
        this.drills = drills;
        this.setUps = setUps;
        this.kit = kit;
        this.people = people;
    }

    @Costly
    @GetMapping(path = "/api/v1/plans/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize paper,
            @RequestParam(defaultValue = "UTC") ZoneId zone)
            throws IOException {
        PlanView plan = plans.find(who, id, zone);
        KitService.ClubTable table = Optional.ofNullable(plan.tableId())
                .map(kit::table)
                .orElseGet(() -> kit.tables().get(0));
        Dialect dialect = people.preferences(who).dialect();
        PlanSheet.Contents contents = new PlanSheet.Contents(
                plan.title(),
                String.join(
                        ", ",
                        plan.students().stream()
                                .map(PlanView.StudentInPlan::name)
                                .toList()),
                Optional.ofNullable(plan.onDay()),
                TableDrawing.of(table.spec()),
                plan.items().stream()
                        .map(item -> line(who, item, table, dialect))
                        .toList());
        byte[] pdf = new PlanSheet(new WordCatalogue(dialect), paper).pdf(contents);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("plan.pdf").build().toString())
                .body(pdf);
    }

    /** At the first student's station; a drill that has gone is printed by its id, without a drawing. */
    private PlanSheet.Line line(SignedIn who, PlanItemView of, KitService.ClubTable table, Dialect dialect) {
        PlanItemBody item = of.item();
        int station = item.places().isEmpty() ? 0 : item.places().get(0).station();
        Optional<Drill> drill = of.title() == null || of.rackGame() != null
                ? Optional.empty()
                : Optional.of(drills.find(who, item.drillId()).drill());
        return new PlanSheet.Line(
                Optional.ofNullable(of.title()).orElse(item.drillId()),
                of.stations().isEmpty()
                        ? ""
                        : DrillTerms.inDialect(of.stations().get(0), dialect),
                item.role(),
                item.minutes(),
                item.tries(),
                of.rackGame() != null,
                drill.map(one -> DrillTerms.inDialect(one.purpose(), dialect)).orElse(""),
                drill.flatMap(one -> shot(one, station, table)));
    }

    private Optional<ShotView> shot(Drill drill, int station, KitService.ClubTable table) {
        boolean lies = drill.tables().contains(table.spec().id())
                && station < drill.stations().size();
        return lies
                ? Optional.of(DrillOnTable.of(setUps, drill, table.spec())
                        .stations()
                        .get(station)
                        .original()
                        .get(0))
                : Optional.empty();
    }
}
