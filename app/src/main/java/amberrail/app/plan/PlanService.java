package amberrail.app.plan;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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
    /** An evening that begins on the plan's day may go on past midnight. */
    private static final Duration PAST_MIDNIGHT = Duration.ofHours(4);

    private final PlanRepository plans;
    private final DrillCatalogue drills;
    private final StationResults results;
    private final KitService kit;
    private final Access access;
    private final ObjectMapper json;
    private final Clock clock;

    PlanService(
            PlanRepository plans,
            DrillCatalogue drills,
            StationResults results,
            KitService kit,
            Access access,
            ObjectMapper json,
            Clock clock) {
        this.plans = plans;
        this.drills = drills;
        this.results = results;
        this.kit = kit;
        this.access = access;
        this.json = json;
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
        PlanEntity row = new PlanEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        fill(who, row, wanted);
        return view(who, plans.saveAndFlush(row), zone);
    }

    /** A plan of a block's week, as the planner made it: its students, lines and table are known to be there. */
    void createInBlock(SignedIn who, Wanted wanted, UUID blockId, int week) {
        PlanEntity row = new PlanEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        row.blockId = blockId;
        row.blockWeek = week;
        set(who, row, wanted);
        plans.save(row);
    }

    /** A plan with the week of its block. */
    record InBlock(int week, PlanView plan) {}

    @Transactional(readOnly = true)
    List<InBlock> ofBlock(SignedIn who, UUID blockId, ZoneId zone) {
        Looking looking = new Looking(who, zone);
        return plans.ofBlock(blockId).stream()
                .map(row -> new InBlock(row.blockWeek, view(looking, row)))
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
                .map(row -> read(row.items))
                .toList();
    }

    PlanView change(SignedIn who, UUID id, int revision, Wanted wanted, ZoneId zone) {
        PlanEntity row = toChange(who, id);
        if (row.revision != revision) {
            throw new Conflict(
                    "PLAN_CHANGED",
                    "Somebody else has changed this plan meanwhile. Here is how it stands now.",
                    view(who, row, zone));
        }
        fill(who, row, wanted);
        row.revision++;
        return view(who, plans.saveAndFlush(row), zone);
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
            row.changedBy = who.accountId();
            row.changedAt = now();
        }
        return view(who, plans.saveAndFlush(row), zone);
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
        row.changedBy = who.accountId();
        row.changedAt = now();
    }

    /** Gone from every list; sessions that were played by it stay. */
    void archive(SignedIn who, UUID id) {
        PlanEntity row = toChange(who, id);
        row.archived = true;
        row.changedBy = who.accountId();
        row.changedAt = now();
    }

    @Transactional(readOnly = true)
    PlanView find(SignedIn who, UUID id, ZoneId zone) {
        return view(who, plans.findById(id).filter(row -> maySee(who, row)).orElseThrow(PlanService::missing), zone);
    }

    /** Everybody's whom this person may see, or one student's; plans without a day too. */
    @Transactional(readOnly = true)
    List<PlanView> list(SignedIn who, Optional<UUID> student, LocalDate from, LocalDate to, ZoneId zone) {
        student.ifPresent(id -> access.requireStudent(who, id));
        var students = student.<Set<UUID>>map(Set::of).orElseGet(() -> access.studentsSeenBy(who));
        if (students.isEmpty()) {
            return List.of();
        }
        Looking looking = new Looking(who, zone);
        return plans.of(students, from, to, Limit.of(MOST_LISTED)).stream()
                .map(row -> view(looking, row))
                .toList();
    }

    @Transactional(readOnly = true)
    List<PlanView> patterns(SignedIn who, ZoneId zone) {
        Looking looking = new Looking(who, zone);
        return plans.patternsOf(who.accountId(), Limit.of(MOST_LISTED)).stream()
                .map(row -> view(looking, row))
                .toList();
    }

    private static Missing missing() {
        return new Missing("plan");
    }

    private PlanEntity toChange(SignedIn who, UUID id) {
        PlanEntity row = plans.findToChange(id).filter(one -> maySee(who, one)).orElseThrow(PlanService::missing);
        if (!mayChange(row, access.seenBy(who, row.studentIds), who)) {
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

    /** A student changes what they have made themselves, a coach whatever is for their own students only. */
    static boolean mayChange(UUID ownerId, boolean pattern, Collection<UUID> students, Set<UUID> seen, SignedIn who) {
        boolean allSeen = seen.containsAll(students);
        return ownerId.equals(who.accountId()) && (pattern || allSeen) || !pattern && who.isCoach() && allSeen;
    }

    private static boolean mayChange(PlanEntity row, Set<UUID> seen, SignedIn who) {
        return mayChange(row.ownerId, row.pattern, row.studentIds, seen, who);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
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
        row.items = written(wanted.items());
        row.changedBy = who.accountId();
        row.changedAt = now();
    }

    /** A day that is over cannot be planned; a plan of such a day may still be put right. Yesterday is today somewhere. */
    private void requireDay(PlanEntity row, LocalDate day) {
        PlanDays.within("onDay", day);
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

    /** A drill that has gone since may stay where it stood: nothing else of the plan could be changed otherwise. */
    private void requireKnown(SignedIn who, PlanEntity row, PlanItemBody item) {
        boolean stood = row.items != null
                && read(row.items).stream().anyMatch(one -> one.drillId().equals(item.drillId()));
        if (!stood) {
            drills.find(who, item.drillId());
        }
    }

    private String written(List<PlanItemBody> items) {
        try {
            return json.writeValueAsString(items);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values: " + items, e);
        }
    }

    private List<PlanItemBody> read(String items) {
        try {
            return json.readValue(items, new TypeReference<>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored plan cannot be read: " + items, e);
        }
    }

    /** What one answer is told with: looked up once for all plans in it. */
    private final class Looking {
        private final SignedIn who;
        private final ZoneId zone;
        private final Map<UUID, String> names;
        private final Map<String, Drill> library;
        private final Map<UUID, List<StationResult>> played = new HashMap<>();

        private Looking(SignedIn who, ZoneId zone) {
            this.who = who;
            this.zone = zone;
            names = access.namesSeenBy(who);
            library = drills.seenBy(who).drills().stream()
                    .map(DrillFromLibrary::drill)
                    .collect(Collectors.toMap(Drill::id, one -> one));
        }

        /** In sessions that began on the plan's day, or in the night after it. */
        private int tries(UUID student, String drillId, LocalDate day) {
            Instant from = day.atStartOfDay(zone).toInstant();
            Instant until = day.plusDays(1).atStartOfDay(zone).toInstant().plus(PAST_MIDNIGHT);
            return played.computeIfAbsent(student, results::ofStudent).stream()
                    .filter(one -> one.place().drillId().equals(drillId)
                            && !one.startedAt().isBefore(from)
                            && one.startedAt().isBefore(until))
                    .mapToInt(one -> one.count().tries())
                    .sum();
        }
    }

    private PlanView view(SignedIn who, PlanEntity row, ZoneId zone) {
        return view(new Looking(who, zone), row);
    }

    private PlanView view(Looking looking, PlanEntity row) {
        List<UUID> seen =
                row.studentIds.stream().filter(looking.names::containsKey).toList();
        boolean begun = row.onDay != null && !row.onDay.isAfter(LocalDate.now(clock.withZone(looking.zone)));
        List<PlanView.PlanItemView> items = read(row.items).stream()
                .map(item -> item(looking, row, item, seen, begun))
                .toList();
        return new PlanView(
                row.id,
                row.title,
                row.pattern,
                row.onDay,
                row.minutes,
                row.bandLow,
                row.bandHigh,
                row.mixed,
                row.withTest,
                row.tableId,
                mayChange(row, new HashSet<>(seen), looking.who),
                row.revision,
                row.changedAt,
                seen.stream()
                        .map(id -> new PlanView.StudentInPlan(id, looking.names.get(id)))
                        .toList(),
                items,
                !items.isEmpty() && items.stream().allMatch(PlanView.PlanItemView::ticked));
    }

    /** Of others' places nothing is told, nor why: in a group that may be one of theirs. */
    private static PlanView.PlanItemView item(
            Looking looking, PlanEntity row, PlanItemBody item, List<UUID> seen, boolean begun) {
        Optional<Drill> drill = Optional.ofNullable(looking.library.get(item.drillId()));
        List<PlanItemBody.PlaceBody> places = item.places().stream()
                .filter(one -> seen.contains(one.studentId()))
                .toList();
        List<PlanView.DoneView> done = new ArrayList<>();
        if (begun) {
            seen.forEach(id -> done.add(new PlanView.DoneView(id, looking.tries(id, item.drillId(), row.onDay))));
        }
        return new PlanView.PlanItemView(
                new PlanItemBody(
                        item.drillId(),
                        item.role(),
                        item.minutes(),
                        item.tries(),
                        item.locked(),
                        places,
                        seen.size() == row.studentIds.size() ? item.why() : null),
                drill.map(Drill::title).orElse(null),
                drill.map(Drill::primarySkill).orElse(null),
                places.stream().map(one -> stationName(drill, one.station())).toList(),
                done,
                !done.isEmpty() && done.stream().allMatch(one -> one.tries() >= item.tries()));
    }

    private static String stationName(Optional<Drill> drill, int station) {
        return drill.filter(one -> station < one.stations().size())
                .map(one -> one.station(station).name())
                .orElse("");
    }
}
