package amberrail.app.racks;

import amberrail.app.kit.PointView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.LayoutSurvey;
import amberrail.core.rack.MadeUpBreak;
import amberrail.core.rack.PlanOrder;
import amberrail.core.rack.RackChance;
import amberrail.core.rack.RackGame;
import amberrail.core.rack.RackGames;
import amberrail.core.rack.RackPlan;
import amberrail.core.rack.RackPlanner;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackStudent;
import amberrail.core.rack.RackTable;
import amberrail.core.rack.StandardLayouts;
import amberrail.core.table.PocketName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Games, made-up layouts, surveys, proposals and chances: nothing of it is kept. */
@RestController
@RequestMapping("/api/v1/racks")
class RackThinkingController {
    private static final int MOST_STEPS = 40;
    private static final int RUNS = 280;
    private static final int WORKED_IN = 20;

    private final RackTables tables;
    private final RackStudents students;
    private final RackWork work;

    RackThinkingController(RackTables tables, RackStudents students, RackWork work) {
        this.tables = tables;
        this.students = students;
        this.work = work;
    }

    /** @param standard whether it begins from spots, without a break */
    record GameView(RackGame game, boolean standard) {}

    /** A layout that nobody placed. */
    record MadeUpQuestion(
            @NotNull UUID tableId,
            @NotNull UUID studentId,
            @NotNull HouseRules rules,
            @NotBlank @Size(max = 40) String game,
            long seed) {}

    /**
     * What is to be planned.
     *
     * @param locked what is decided of the first steps, in order
     * @param steps  how many at most
     */
    record PlanAsked(
            @NotNull @Valid RackQuestion question,
            @NotNull @Size(max = 40) List<@NotNull @Valid PlannedBall> locked,
            @Min(1) @Max(MOST_STEPS) int steps) {}

    /** Under which it can be looked at. */
    record RackWorkBegun(UUID id) {}

    /** One step; lengths in mm, chances 0 to 1. */
    record RackStepView(
            String ball,
            PocketName pocket,
            PointView from,
            boolean placed,
            RackShotBody.RackStroke stroke,
            double chance,
            PointView landing,
            double landingRadiusMillimetres,
            List<String> also,
            RackPlan.Reason reason,
            List<String> about,
            @MayBeMissing RackPlan.Second second,
            double value) {
        static RackStepView of(RackPlan.Step step) {
            return new RackStepView(
                    step.ball(),
                    step.pocket(),
                    PointView.of(step.from()),
                    step.placed(),
                    RackShotBody.RackStroke.of(step.stroke()),
                    step.chance(),
                    PointView.of(step.landing()),
                    step.landingRadiusMillimetres(),
                    step.also(),
                    step.reason(),
                    step.about(),
                    step.second().orElse(null),
                    step.value());
        }
    }

    /** @param complete whether the last step clears the rack */
    record RackPlanView(RackWork.State state, List<RackStepView> steps, boolean complete) {}

    /** @param chance left out until it is known */
    record RackChanceView(
            RackWork.State state, double done, @MayBeMissing RackChance chance) {}

    /** What is found of a plan while it is worked on. */
    record PlanFound(List<RackPlan.Step> steps, boolean complete) {}

    /** The same of a chance. */
    record ChanceFound(double done, Optional<RackChance> chance) {}

    @GetMapping("/games")
    List<GameView> games(@RequestParam UUID tableId) {
        return RackGames.on(tables.club(tableId).spec().kind()).stream()
                .map(game -> new GameView(game, StandardLayouts.has(game)))
                .toList();
    }

    /** Balls on their spots where the game begins so, else a break that the engine plays. */
    @ChangesNothing
    @PostMapping("/made-up")
    RackLayoutBody madeUp(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody MadeUpQuestion body) {
        RackStudent student = students.of(who, body.studentId(), body.rules());
        RackTable table = tables.of(body.tableId());
        RackGame game = RackGames.byKey(body.game());
        return RackLayoutBody.of(
                StandardLayouts.has(game)
                        ? StandardLayouts.of(game, table)
                        : MadeUpBreak.of(game, table, student, body.seed()));
    }

    @ChangesNothing
    @PostMapping("/survey")
    LayoutSurvey survey(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody RackQuestion body) {
        RackStudent student = students.of(who, body.studentId(), body.rules());
        return LayoutSurvey.of(position(body), student.errors());
    }

    @ChangesNothing
    @PostMapping("/plans")
    RackWorkBegun plan(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PlanAsked body) {
        RackStudent student =
                students.of(who, body.question().studentId(), body.question().rules());
        RackPosition position = position(body.question());
        List<RackPlan.Locked> locked =
                body.locked().stream().map(PlannedBall::locked).toList();
        PlanOrder.requireLegal(
                position, locked.stream().map(RackPlan.Locked::ball).toList());
        return new RackWorkBegun(work.begin(
                who, true, PlanFound.class, new PlanFound(List.of(), false), (piece, cancelled) -> {
                    List<RackPlan.Step> steps = new ArrayList<>();
                    RackPlan plan = new RackPlanner(student)
                            .propose(
                                    position,
                                    locked,
                                    body.steps(),
                                    step -> {
                                        steps.add(step);
                                        piece.tell(new PlanFound(List.copyOf(steps), false));
                                    },
                                    cancelled);
                    piece.tell(new PlanFound(plan.steps(), plan.complete()));
                }));
    }

    @GetMapping("/plans/{id}")
    RackPlanView plan(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        RackWork.Piece<PlanFound> piece = work.of(who, id, PlanFound.class);
        RackWork.State state = piece.state();
        PlanFound found = piece.found();
        return new RackPlanView(
                state, found.steps().stream().map(RackStepView::of).toList(), found.complete());
    }

    @ChangesNothing
    @PostMapping("/chances")
    RackWorkBegun chance(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody RackQuestion body) {
        RackStudent student = students.of(who, body.studentId(), body.rules());
        RackPosition position = position(body);
        return new RackWorkBegun(work.begin(
                who, false, ChanceFound.class, new ChanceFound(0, Optional.empty()), (piece, cancelled) -> {
                    RackChance chance = RackChance.of(
                            position, student, RUNS, body.layout().hashCode(), cancelled, done -> tell(piece, done));
                    piece.tell(new ChanceFound(1, Optional.of(chance)));
                }));
    }

    private static void tell(RackWork.Piece<ChanceFound> piece, double done) {
        if (Math.round(done * RUNS) % WORKED_IN == 0) {
            piece.tell(new ChanceFound(done, Optional.empty()));
        }
    }

    @GetMapping("/chances/{id}")
    RackChanceView chance(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        RackWork.Piece<ChanceFound> piece = work.of(who, id, ChanceFound.class);
        RackWork.State state = piece.state();
        ChanceFound found = piece.found();
        return new RackChanceView(state, found.done(), found.chance().orElse(null));
    }

    @DeleteMapping({"/plans/{id}", "/chances/{id}"})
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        work.stop(who, id);
    }

    private RackPosition position(RackQuestion body) {
        return body.layout()
                .layout()
                .on(tables.of(body.tableId()), Optional.ofNullable(body.layout().stage()));
    }
}
