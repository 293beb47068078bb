package amberrail.app.plan;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.racks.RacksInPlans;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.app.web.PlausibleDays;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps plans. A plan is seen by its students and their coaches, and changed by coaches of all of them, or by the student who made it; a
 * pattern is its owner's alone.
 */
@Service
@Transactional
public class PlanService {
    private static final int MOST_LISTED = 400;

    private final PlanRepository plans;
    private final DrillCatalogue drills;
    private final KitService kit;
    private final Access access;
    private final PlanLines lines;
    private final PlanViews views;
    private final Clock clock;

    PlanService(
            PlanRepository plans,
            DrillCatalogue drills,
            KitService kit,
            Access access,
            PlanLines lines,
            PlanViews views,
            Clock clock) {
        this.plans = plans;
        this.drills = drills;
        this.kit = kit;
        this.access = access;
        this.lines = lines;
        this.views = views;
        this.clock = clock;
    }

    /** A plan as somebody wants it. */
    public record Wanted(
            String title,
            List<UUID> studentIds,
            boolean pattern,
            Optional<LocalDate> onDay,
            double minutes,
            double low,
            double high,
            boolean mixed,
            boolean withTest,
            Optional<UUID> tableId,
            List<PlanItemBody> items) {}

    public PlanView create(SignedIn who, Wanted wanted, ZoneId zone) {
        PlanEntity row = newRow(who);
        fill(who, row, wanted);
        // Before it is stored: whoever writes keeps others from writing until the end.
        PlanView view = views.of(who, row, zone);
        plans.saveAndFlush(row);
        return view;
    }

    private static PlanEntity newRow(SignedIn who) {
        PlanEntity row = new PlanEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        return row;
    }

    /** A plan of a block's week, as the planner made it: its students, lines and table are known to be there. */
    void createInBlock(SignedIn who, Wanted wanted, UUID blockId, int week) {
        PlanEntity row = newRow(who);
        row.blockId = blockId;
        row.blockWeek = week;
        set(who, row, wanted);
        plans.save(row);
    }

    /** A plan with the week of its block. */
    record InBlock(int week, PlanView plan) {}

    List<InBlock> ofBlock(SignedIn who, UUID blockId, ZoneId zone) {
        PlanViews.Looking looking = views.look(who, zone);
        return plans.ofBlock(blockId).stream()
                .map(row -> new InBlock(row.blockWeek, looking.view(row)))
                .toList();
    }

    @Transactional(readOnly = true)
    boolean hasPlans(UUID blockId, int week) {
        return plans.existsByBlockIdAndBlockWeekAndArchivedFalse(blockId, week);
    }

    /** The lines of each day of a block's week. */
    @Transactional(readOnly = true)
    List<List<PlanItemBody>> linesOfWeek(UUID blockId, int week) {
        return plans.ofBlock(blockId).stream()
                .filter(row -> row.blockWeek == week)
                .map(row -> lines.read(row.items))
                .toList();
    }

    PlanView change(SignedIn who, UUID id, int revision, Wanted wanted, ZoneId zone) {
        PlanEntity row = toChange(who, id);
        if (row.revision != revision) {
            throw new Conflict(
                    "PLAN_CHANGED",
                    "Somebody else has changed this plan meanwhile. Here is how it stands now.",
                    views.of(who, row, zone));
        }
        fill(who, row, wanted);
        row.revision++;
        return views.of(who, plans.saveAndFlush(row), zone);
    }

    /** A plan without a day, or for a later one, is for today from now on: what is recorded then ticks it off. */
    PlanView start(SignedIn who, UUID id, ZoneId zone) {
        PlanEntity row = plans.findToChange(id)
                .filter(one -> maySee(who, one) && !one.pattern)
                .orElseThrow(PlanService::missing);
        LocalDate today = LocalDate.now(clock.withZone(zone));
        if (row.onDay == null || row.onDay.isAfter(today)) {
            row.onDay = today;
            row.revision++;
            stamp(who, row);
        }
        return views.of(who, plans.saveAndFlush(row), zone);
    }

    /** Another day, nothing else. */
    void putOnDay(SignedIn who, UUID id, LocalDate day) {
        PlanEntity row = toChange(who, id);
        if (row.pattern) {
            throw missing();
        }
        requireDay(row, day);
        row.onDay = day;
        row.revision++;
        stamp(who, row);
    }

    /** Gone from every list; sessions that were played by it stay. */
    void archive(SignedIn who, UUID id) {
        PlanEntity row = toChange(who, id);
        row.archived = true;
        stamp(who, row);
    }

    PlanView find(SignedIn who, UUID id, ZoneId zone) {
        PlanEntity row = plans.findById(id).filter(one -> maySee(who, one)).orElseThrow(PlanService::missing);
        return views.of(who, row, zone);
    }

    /** Everybody's whom this person may see, or one student's; plans without a day too. */
    List<PlanView> list(SignedIn who, Optional<UUID> student, LocalDate from, LocalDate to, ZoneId zone) {
        student.ifPresent(id -> access.requireStudent(who, id));
        var students = student.<Set<UUID>>map(Set::of).orElseGet(() -> access.studentsSeenBy(who));
        if (students.isEmpty()) {
            return List.of();
        }
        PlanViews.Looking looking = views.look(who, zone);
        return plans.of(students, from, to, Limit.of(MOST_LISTED)).stream()
                .map(looking::view)
                .toList();
    }

    List<PlanView> patterns(SignedIn who, ZoneId zone) {
        PlanViews.Looking looking = views.look(who, zone);
        return plans.patternsOf(who.accountId(), Limit.of(MOST_LISTED)).stream()
                .map(looking::view)
                .toList();
    }

    private static Missing missing() {
        return new Missing("plan");
    }

    private PlanEntity toChange(SignedIn who, UUID id) {
        PlanEntity row = plans.findToChange(id).filter(one -> maySee(who, one)).orElseThrow(PlanService::missing);
        if (!PlanRights.mayChange(row, access.seenBy(who, row.studentIds), who)) {
            throw new NotAllowed(
                    who.isCoach()
                            ? "This plan is for others too, whom you do not coach: their coach can change it."
                            : "Your coach has made this plan: ask them to change it, or make one of your own.");
        }
        return row;
    }

    private boolean maySee(SignedIn who, PlanEntity row) {
        return !row.archived
                && (row.pattern
                        ? row.ownerId.equals(who.accountId())
                        : !access.seenBy(who, row.studentIds).isEmpty());
    }

    private void stamp(SignedIn who, PlanEntity row) {
        row.changedBy = who.accountId();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private void fill(SignedIn who, PlanEntity row, Wanted wanted) {
        wanted.studentIds().forEach(id -> access.requireStudent(who, id));
        if (wanted.pattern() != wanted.studentIds().isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "studentIds",
                    wanted.studentIds().size(),
                    wanted.pattern() ? "must be empty in a pattern, which is for nobody yet" : "must name a student");
        }
        if (new HashSet<>(wanted.studentIds()).size() < wanted.studentIds().size()) {
            throw new InvalidInputException(
                    ProblemCode.DUPLICATE_ID, "studentIds", wanted.studentIds(), "must name each only once");
        }
        wanted.onDay().ifPresent(day -> requireDay(row, day));
        if (wanted.low() > wanted.high()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "bandLow", wanted.low(), "must not be above bandHigh");
        }
        requirePlaces(wanted);
        wanted.items().forEach(item -> requireKnown(who, row, item));
        wanted.tableId().ifPresent(kit::table);
        set(who, row, wanted);
    }

    private void set(SignedIn who, PlanEntity row, Wanted wanted) {
        row.title = wanted.title().strip();
        row.studentIds.clear();
        row.studentIds.addAll(wanted.studentIds());
        row.pattern = wanted.pattern();
        row.onDay = wanted.onDay().orElse(null);
        row.minutes = wanted.minutes();
        row.bandLow = wanted.low();
        row.bandHigh = wanted.high();
        row.mixed = wanted.mixed();
        row.withTest = wanted.withTest();
        row.tableId = wanted.tableId().orElse(null);
        row.items = lines.written(wanted.items());
        stamp(who, row);
    }

    /** A day that is over cannot be planned; a plan of such a day may still be put right. Yesterday is today somewhere. */
    private void requireDay(PlanEntity row, LocalDate day) {
        PlausibleDays.within("onDay", day);
        LocalDate earliest = LocalDate.now(clock.withZone(ZoneOffset.UTC)).minusDays(1);
        if (day.isBefore(earliest) && !day.equals(row.onDay)) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, "onDay", day, "must not be in the past");
        }
    }

    private static void requirePlaces(Wanted wanted) {
        for (PlanItemBody item : wanted.items()) {
            for (PlanItemBody.PlaceBody place : item.places()) {
                if (!wanted.studentIds().contains(place.studentId())) {
                    throw new InvalidInputException(
                            ProblemCode.UNKNOWN_ID, "items.places.studentId", place.studentId(), "must be in the plan");
                }
            }
        }
    }

    /** Racks are of a game that there is. A drill that has gone since may stay where it stood: nothing else of the plan could be changed otherwise. */
    private void requireKnown(SignedIn who, PlanEntity row, PlanItemBody item) {
        Optional<String> game = RacksInPlans.gameOf(item.drillId());
        if (game.isPresent()) {
            RacksInPlans.requireGame(game.get());
            return;
        }
        boolean stood = row.items != null
                && lines.read(row.items).stream().anyMatch(one -> one.drillId().equals(item.drillId()));
        if (!stood) {
            drills.find(who, item.drillId());
        }
    }
}
