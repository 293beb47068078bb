package amberrail.app.bench;

import amberrail.app.bench.BenchAnswers.CheckView;
import amberrail.app.bench.BenchAnswers.RoughGradesView;
import amberrail.app.bench.BenchAnswers.UsualView;
import amberrail.app.bench.BenchRequests.DraftRequest;
import amberrail.app.bench.BenchRequests.ShotOfDraftRequest;
import amberrail.app.drills.DrillDraft;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Questions about a draft; coaches only, nothing is stored. */
@RestController
@RequestMapping("/api/v1/bench")
class BenchController {
    private final BenchService bench;
    private final Access access;

    BenchController(BenchService bench, Access access) {
        this.bench = bench;
        this.access = access;
    }

    @ChangesNothing
    @PostMapping("/check")
    CheckView check(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody DraftRequest body) {
        access.requireCoach(who);
        return bench.check(body.tableId(), DrillDraft.read(body.drill()));
    }

    @Costly
    @ChangesNothing
    @PostMapping("/usual")
    UsualView usual(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ShotOfDraftRequest body) {
        access.requireCoach(who);
        return bench.usual(body.tableId(), DrillDraft.read(body.drill()), body.station(), body.shot());
    }

    @Costly
    @ChangesNothing
    @PostMapping("/grades")
    RoughGradesView grades(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody DraftRequest body) {
        access.requireCoach(who);
        return bench.grades(body.tableId(), DrillDraft.read(body.drill()));
    }
}
