package amberrail.app.plan;

import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlanItemBody.PlaceBody;
import amberrail.app.plan.PlanItemBody.ReasonBody;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.PlausibleDays;
import amberrail.core.drill.Skill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plans: proposed, kept, changed, listed by day. Days are meant in the zone that the reader's browser names. */
@RestController
@RequestMapping("/api/v1")
class PlanController {
    private static final int MOST_ITEMS = 40;
    private static final int LONGEST_LIST_DAYS = 400;

    private final PlanService plans;
    private final PlanProposals proposals;

    PlanController(PlanService plans, PlanProposals proposals) {
        this.plans = plans;
        this.proposals = proposals;
    }

    /**
     * What a plan is to be made from.
     *
     * @param studentIds none: for a pattern, of which nothing is proposed
     * @param bandLow  of expected success, with {@code bandHigh}; left out: three in five to three in four, easier after months away
     * @param tableId  left out: the club's first
     * @param weights  by skill; left out: those of the students' goals
     * @param items    what stands in it already; locked lines stay
     */
    record PlanQuestion(
            @NotNull @Size(max = 8) List<@NotNull UUID> studentIds,
            @DecimalMin("5") @DecimalMax("600") double minutes,
            @MayBeMissing @DecimalMin("0") @DecimalMax("1") Double bandLow,
            @MayBeMissing @DecimalMin("0") @DecimalMax("1") Double bandHigh,
            boolean withTest,
            @MayBeMissing UUID tableId,
            @MayBeMissing Map<Skill, @NotNull @DecimalMin("0") @DecimalMax("5") Double> weights,
            @NotNull @Size(max = MOST_ITEMS) List<@NotNull @Valid PlanItemBody> items) {}

    /** What is said beside a proposal. */
    enum PlanRemark {
        /** Nobody has been away, something was found. */
        NONE,
        /** Somebody was away for months: it begins easier. */
        EASED,
        /** Every skill is left out of plans by its weight. */
        NOTHING_COUNTS,
        /** No drill is short enough. */
        TOO_SHORT,
        /** Something was found, but nothing of it in the band. */
        NONE_IN_BAND
    }

    /** A drill that could be taken instead; as a line of a plan. */
    record PossibleView(PlanItemBody item, String title, Skill skill, List<String> stations) {}

    record ProposalView(
            UUID tableId,
            String tableName,
            double bandLow,
            double bandHigh,
            PlanRemark remark,
            List<PlanItemBody> items,
            double unusedMinutes,
            List<PossibleView> possible) {}

    /**
     * A plan to keep.
     *
     * @param pattern  for nobody yet: to make plans from
     * @param revision that was changed; 0 for a new one
     */
    record PlanBody(
            @NotBlank @Size(max = 80) String title,
            @NotNull @Size(max = 8) List<@NotNull UUID> studentIds,
            boolean pattern,
            @MayBeMissing LocalDate onDay,
            @DecimalMin("5") @DecimalMax("600") double minutes,
            @DecimalMin("0") @DecimalMax("1") double bandLow,
            @DecimalMin("0") @DecimalMax("1") double bandHigh,
            boolean mixed,
            boolean withTest,
            @MayBeMissing UUID tableId,
            @NotNull @Size(max = MOST_ITEMS) List<@NotNull @Valid PlanItemBody> items,
            int revision) {
        PlanService.Wanted wanted() {
            return new PlanService.Wanted(
                    title,
                    studentIds,
                    pattern,
                    Optional.ofNullable(onDay),
                    minutes,
                    bandLow,
                    bandHigh,
                    mixed,
                    withTest,
                    Optional.ofNullable(tableId),
                    items);
        }
    }

    @ChangesNothing
    @PostMapping("/plan-proposals")
    ProposalView propose(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PlanQuestion asked) {
        PlanProposals.Proposed found = proposals.propose(
                who,
                new PlanProposals.Asked(
                        asked.studentIds(),
                        asked.minutes(),
                        band(asked),
                        asked.withTest(),
                        Optional.ofNullable(asked.tableId()),
                        Optional.ofNullable(asked.weights()),
                        asked.items()));
        return new ProposalView(
                found.table().id(),
                found.table().name(),
                found.low(),
                found.high(),
                remark(found),
                found.items(),
                found.unusedMinutes(),
                found.possible().stream().map(PlanController::possible).toList());
    }

    private static Optional<double[]> band(PlanQuestion asked) {
        if (asked.bandLow() == null && asked.bandHigh() == null) {
            return Optional.empty();
        }
        if (asked.bandLow() == null || asked.bandHigh() == null || asked.bandLow() > asked.bandHigh()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "bandLow",
                    asked.bandLow(),
                    "must be there with bandHigh, and not above it");
        }
        return Optional.of(new double[] {asked.bandLow(), asked.bandHigh()});
    }

    private static PlanRemark remark(PlanProposals.Proposed found) {
        if (found.items().isEmpty()
                && !found.possible().isEmpty()
                && found.possible().get(0).why() == null) {
            return PlanRemark.NONE;
        }
        if (found.items().isEmpty()) {
            return found.nothingCounts() ? PlanRemark.NOTHING_COUNTS : PlanRemark.TOO_SHORT;
        }
        if (found.eased()) {
            return PlanRemark.EASED;
        }
        boolean some = found.possible().stream()
                .anyMatch(one -> one.why() == null
                        || one.why().chance() >= found.low() && one.why().chance() <= found.high());
        return some ? PlanRemark.NONE : PlanRemark.NONE_IN_BAND;
    }

    private static PossibleView possible(PlanProposals.PossibleDrill one) {
        ReasonBody why = one.why();
        return new PossibleView(
                new PlanItemBody(
                        one.drill().id(),
                        one.role(),
                        one.drill().minutes() * Math.max(1, one.places().size()),
                        one.tries(),
                        false,
                        one.places(),
                        why),
                one.drill().title(),
                one.drill().primarySkill(),
                one.places().stream()
                        .map(PlaceBody::station)
                        .map(station -> one.drill().station(station).name())
                        .toList());
    }

    /** Of one student, or of everybody whom this person may see. */
    @GetMapping("/plans")
    List<PlanView> list(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam Optional<UUID> studentId,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate to,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        PlausibleDays.within("from", from);
        PlausibleDays.within("to", to);
        if (to.isBefore(from) || ChronoUnit.DAYS.between(from, to) > LONGEST_LIST_DAYS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "to",
                    to,
                    "must not be before from, nor more than " + LONGEST_LIST_DAYS + " days after it");
        }
        return plans.list(who, studentId, from, to, zone);
    }

    @GetMapping("/plan-patterns")
    List<PlanView> patterns(@AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return plans.patterns(who, zone);
    }

    @GetMapping("/plans/{id}")
    PlanView plan(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return plans.find(who, id, zone);
    }

    @PostMapping("/plans")
    @ResponseStatus(HttpStatus.CREATED)
    PlanView create(
            @AuthenticationPrincipal SignedIn who,
            @Valid @RequestBody PlanBody body,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return plans.create(who, body.wanted(), zone);
    }

    /** Refused with the plan as it stands (409) if somebody else has changed it since. */
    @PutMapping("/plans/{id}")
    PlanView change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @Valid @RequestBody PlanBody body,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return plans.change(who, id, body.revision(), body.wanted(), zone);
    }

    /** Before a session is begun by it: a plan without a day, or for a later one, is for today from then on, so that it ticks itself off. */
    @PostMapping("/plans/{id}/start")
    PlanView start(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return plans.start(who, id, zone);
    }

    /** Where a plan is put in the calendar. */
    record PlanDayBody(@NotNull LocalDate onDay) {}

    @PutMapping("/plans/{id}/day")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putOnDay(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody PlanDayBody body) {
        plans.putOnDay(who, id, body.onDay());
    }

    @PostMapping("/plans/{id}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        plans.archive(who, id);
    }
}
