package amberrail.app.recipes;

import amberrail.app.advice.OwnErrorSizes;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillDraft;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import com.fasterxml.jackson.databind.JsonNode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Ways to play, how large a target should be, how strict a rule is. */
@RestController
@RequestMapping("/api/v1")
class RecipeController {
    private final RecipeBoard board;
    private final TargetSize targets;
    private final DrillCatalogue drills;
    private final MovedLanding moved;
    private final KitService kit;
    private final OwnErrorSizes sizes;
    private final Access access;

    RecipeController(
            RecipeBoard board,
            MovedLanding moved,
            TargetSize targets,
            DrillCatalogue drills,
            KitService kit,
            OwnErrorSizes sizes,
            Access access) {
        this.board = board;
        this.moved = moved;
        this.targets = targets;
        this.drills = drills;
        this.kit = kit;
        this.sizes = sizes;
        this.access = access;
    }

    /** A shot of a draft, for a student of an ability (logits, 0 is 500 points), or for one student with their own error sizes. */
    record DraftShot(
            @NotNull UUID tableId,
            @NotNull JsonNode drill,
            @Min(0) int station,
            @Min(0) int shot,
            @DecimalMin("-6") @DecimalMax("6") double abilityLogits,
            @MayBeMissing UUID studentId) {}

    /** The same, and the share of its landings that the target should hold. */
    record WantedTarget(
            @NotNull @Valid DraftShot asked,
            @DecimalMin("0.05") @DecimalMax("0.95") double share) {}

    /** A student's own error sizes where one is named, else those of the level. */
    private ExecutionErrors errors(SignedIn who, UUID studentId, double abilityLogits) {
        return studentId == null
                ? ExecutionErrors.ofAbility(abilityLogits)
                : sizes.of(who, studentId).inUse();
    }

    private SetUp setUp(SignedIn who, String drillId, int station, int shot, UUID tableId) {
        return setUp(drills.find(who, drillId).drill(), station, shot, tableId);
    }

    private SetUp setUp(DraftShot asked) {
        return setUp(DrillDraft.read(asked.drill()), asked.station(), asked.shot(), asked.tableId());
    }

    private SetUp setUp(Drill drill, int station, int shot, UUID tableId) {
        int shots = drill.station(station).shots().size();
        if (shot < 0 || shot >= shots) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "shot", shot, "must be from 0 to " + (shots - 1));
        }
        return SetUp.of(drill, station, shot, false, kit.table(tableId).spec());
    }

    @Costly
    @GetMapping("/drills/{id}/recipes")
    BoardView recipes(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "0") double abilityLogits,
            @RequestParam Optional<UUID> studentId,
            @RequestParam(defaultValue = "false") boolean preset) {
        ExecutionErrors errors = errors(who, studentId.orElse(null), abilityLogits);
        SetUp here = setUp(who, id, station, shot, tableId);
        return board.of(preset ? here.onPreset() : here, errors);
    }

    /** How far the usual stroke's landing moves because of what was measured on this table. */
    @Costly
    @GetMapping("/drills/{id}/moved-landing")
    MovedLanding.MovedView moved(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored) {
        return moved.of(setUp(who, id, station, shot, tableId).onSide(mirrored));
    }

    /** The usual way to play a shot, on the side that is asked for: what the drill's page begins with. */
    @Costly
    @GetMapping("/drills/{id}/usual-way")
    UsualWayView usual(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam UUID tableId,
            @RequestParam(defaultValue = "0") int station,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "false") boolean preset) {
        SetUp here = setUp(who, id, station, shot, tableId).onSide(mirrored);
        return board.usual(preset ? here.onPreset() : here);
    }

    @Costly
    @ChangesNothing
    @PostMapping("/bench/recipes")
    BoardView ofDraft(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody DraftShot body) {
        access.requireCoach(who);
        return board.whileDesigning(setUp(body), errors(who, body.studentId(), body.abilityLogits()));
    }

    @Costly
    @ChangesNothing
    @PostMapping("/bench/target-size")
    TargetSize.TargetView target(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody WantedTarget body) {
        access.requireCoach(who);
        DraftShot asked = body.asked();
        return targets.forShare(setUp(asked), errors(who, asked.studentId(), asked.abilityLogits()), body.share());
    }

    @Costly
    @ChangesNothing
    @PostMapping("/rules/strictness")
    StrictnessView strictness(@Valid @RequestBody StrictnessView.RuleRequest rule) {
        return StrictnessView.of(rule);
    }
}
