package amberrail.app.plan;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.BlockView.BlockPlanView;
import amberrail.app.plan.BlockView.WeekView;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.app.web.PlausibleDays;
import amberrail.app.web.Races;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.BlockPlan;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps blocks, and makes the plans of their weeks. Seen by the student and their coaches; changed by whoever made it and by coaches. */
@Service
@Transactional
class BlockService {
    private static final int MOST_LISTED = 200;
    private static final int LONGEST_WEEKS = 4;

    private final BlockRepository blocks;
    private final PlanService plans;
    private final WeekPlanner planner;
    private final PlanProposals proposals;
    private final DrillCatalogue drills;
    private final KitService kit;
    private final Access access;
    private final Clock clock;
    private final TransactionTemplate transaction;

    BlockService(
            BlockRepository blocks,
            PlanService plans,
            WeekPlanner planner,
            PlanProposals proposals,
            DrillCatalogue drills,
            KitService kit,
            Access access,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.blocks = blocks;
        this.plans = plans;
        this.planner = planner;
        this.proposals = proposals;
        this.drills = drills;
        this.kit = kit;
        this.access = access;
        this.clock = clock;
        transaction = new TransactionTemplate(transactions);
    }

    /** A block as somebody wants it. */
    record Wanted(
            UUID studentId,
            String title,
            LocalDate beginsOn,
            int weeks,
            Set<DayOfWeek> weekdays,
            int minutes,
            Set<Skill> focus,
            Optional<String> newShot,
            int newMinutes,
            boolean mixed,
            Optional<UUID> tableId) {}

    /** What it would be; nothing is kept. */
    @Transactional(readOnly = true)
    BlockView preview(SignedIn who, Wanted wanted) {
        BlockEntity row = new BlockEntity();
        fill(who, row, wanted);
        return view(who, row, List.of());
    }

    BlockView create(SignedIn who, Wanted wanted) {
        BlockEntity row = new BlockEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        fill(who, row, wanted);
        // Before it is stored: whoever writes keeps others from writing until the end.
        BlockView view = view(who, row, List.of());
        blocks.saveAndFlush(row);
        return view;
    }

    /** Weeks that have been planned already keep their plans. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    BlockView change(SignedIn who, UUID id, int revision, Wanted wanted, ZoneId zone) {
        boolean changed = Boolean.TRUE.equals(transaction.execute(status -> changeIfSame(who, id, revision, wanted)));
        BlockView now = asItStands(who, id, zone);
        if (!changed) {
            throw new Conflict(
                    "BLOCK_CHANGED", "Somebody else has changed this block meanwhile. Here is how it stands now.", now);
        }
        return now;
    }

    private BlockView asItStands(SignedIn who, UUID id, ZoneId zone) {
        return transaction.execute(status -> find(who, id, zone));
    }

    /** False, and nothing is changed, where it is not the revision any more. */
    private boolean changeIfSame(SignedIn who, UUID id, int revision, Wanted wanted) {
        BlockEntity row = toChange(who, id);
        if (row.revision != revision) {
            return false;
        }
        if (!row.studentId.equals(wanted.studentId())) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "studentId",
                    wanted.studentId(),
                    "must stay: make a block for the other");
        }
        fill(who, row, wanted);
        row.revision++;
        return true;
    }

    void archive(SignedIn who, UUID id) {
        BlockEntity row = toChange(who, id);
        row.archived = true;
        stamp(who, row);
    }

    BlockView find(SignedIn who, UUID id, ZoneId zone) {
        BlockEntity row =
                known(id).filter(one -> access.maySee(who, one.studentId)).orElseThrow(BlockService::missing);
        return view(who, row, plans.ofBlock(who, id, zone));
    }

    /** Newest first; without their plans. */
    @Transactional(readOnly = true)
    List<BlockView> list(SignedIn who, Optional<UUID> student) {
        student.ifPresent(id -> access.requireStudent(who, id));
        Set<UUID> students = student.<Set<UUID>>map(Set::of).orElseGet(() -> access.studentsSeenBy(who));
        return students.isEmpty()
                ? List.of()
                : blocks.of(students, Limit.of(MOST_LISTED)).stream()
                        .map(row -> view(who, row, List.of()))
                        .toList();
    }

    /** Makes the plans of a week; {@link Conflict} where it has some. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    BlockView planWeek(SignedIn who, UUID id, int week, ZoneId zone) {
        BlockEntity row = mine(who, known(id));
        if (week < 1 || week > row.weeks) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "week", week, "must be a week of this block, 1 to " + row.weeks);
        }
        boolean made = makeWeek(who, proposals.room(who, Optional.ofNullable(row.tableId)), id, week);
        BlockView now = asItStands(who, id, zone);
        if (!made) {
            throw new Conflict("WEEK_PLANNED", "This week has its plans already. Change them one by one.", now);
        }
        return now;
    }

    /** For every block of everybody whom this coach sees: the plans of the week that begins in the seven days from then. How many weeks that made. */
    // A transaction for each block: what is made for one is not to be looked through again for the next, and nobody
    // waits for all.
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    int planWeekOfAll(SignedIn who, LocalDate from) {
        access.requireCoach(who);
        PlausibleDays.within("from", from);
        Set<UUID> students = access.studentsSeenBy(who);
        if (students.isEmpty()) {
            return 0;
        }
        int made = 0;
        Map<Optional<UUID>, PlanProposals.Room> rooms = new HashMap<>();
        LocalDate to = from.plusDays(6);
        for (BlockEntity row :
                blocks.running(students, from.minusWeeks(LONGEST_WEEKS), to, Limit.of(MOST_LISTED * LONGEST_WEEKS))) {
            PlanProposals.Room room =
                    rooms.computeIfAbsent(Optional.ofNullable(row.tableId), table -> proposals.room(who, table));
            for (int week = 1; week <= row.weeks; week++) {
                LocalDate begins = row.weekBegins(week);
                int number = week;
                if (!begins.isBefore(from) && !begins.isAfter(to) && makeWeek(who, room, row.id, number)) {
                    made++;
                }
            }
        }
        return made;
    }

    /**
     * Whether it was made, of a block that may be gone by now; a week that has plans is left alone. Planned before anything is written, since that takes
     * its time; where the block was changed meanwhile it is planned again.
     */
    private boolean makeWeek(SignedIn who, PlanProposals.Room room, UUID id, int week) {
        return Races.again(() -> {
            Optional<BlockEntity> seen = known(id).filter(row -> !plans.hasPlans(id, week));
            return seen.isPresent() && storeWeek(who, planned(room, seen.get(), week));
        });
    }

    /** What a week would be, by the block as it was then. */
    private record Planned(BlockEntity block, BlockPlan.Week week, List<WeekPlanner.Day> days) {}

    private Planned planned(PlanProposals.Room room, BlockEntity row, int week) {
        List<List<PlanItemBody>> first = week == row.weeks ? plans.linesOfWeek(row.id, 1) : List.of();
        Map<Skill, Double> weights = planner.weights(row);
        return new Planned(row, WeekPlanner.week(row, weights, week), planner.plan(room, row, weights, week, first));
    }

    /** False where somebody else was quicker. */
    private boolean storeWeek(SignedIn who, Planned planned) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            Optional<BlockEntity> row = blocks.findToChange(planned.block().id)
                    .filter(one -> !plans.hasPlans(one.id, planned.week().week()));
            row.ifPresent(one -> storeDays(who, one, planned));
            return row.isPresent();
        }));
    }

    private void storeDays(SignedIn who, BlockEntity row, Planned planned) {
        if (row.revision != planned.block().revision) {
            throw new OptimisticLockingFailureException("the block was changed while its week was planned");
        }
        BlockPlan.Week what = planned.week();
        for (WeekPlanner.Day day : planned.days()) {
            plans.createInBlock(
                    who,
                    new PlanService.Wanted(
                            row.title,
                            List.of(row.studentId),
                            false,
                            Optional.of(day.day()),
                            Math.max(5, what.minutesPerSession()),
                            what.low(),
                            what.high(),
                            row.mixed,
                            false,
                            Optional.ofNullable(row.tableId),
                            day.items()),
                    row.id,
                    what.week());
        }
    }

    private static Missing missing() {
        return new Missing("block");
    }

    private BlockEntity toChange(SignedIn who, UUID id) {
        return mine(who, blocks.findToChange(id));
    }

    private Optional<BlockEntity> known(UUID id) {
        return blocks.findById(id).filter(one -> !one.archived);
    }

    private BlockEntity mine(SignedIn who, Optional<BlockEntity> found) {
        BlockEntity row = found.filter(one -> access.maySee(who, one.studentId)).orElseThrow(BlockService::missing);
        if (!mayChange(who, row)) {
            throw new NotAllowed("Your coach has made this block: ask them to change it, or make one of your own.");
        }
        return row;
    }

    private static boolean mayChange(SignedIn who, BlockEntity row) {
        return who.isCoach() || who.accountId().equals(row.ownerId);
    }

    private void fill(SignedIn who, BlockEntity row, Wanted wanted) {
        access.requireStudent(who, wanted.studentId());
        PlausibleDays.within("beginsOn", wanted.beginsOn());
        LocalDate earliest = LocalDate.now(clock.withZone(ZoneOffset.UTC)).minusDays(1);
        if (wanted.beginsOn().isBefore(earliest) && !wanted.beginsOn().equals(row.beginsOn)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "beginsOn", wanted.beginsOn(), "must not be in the past");
        }
        wanted.newShot().filter(id -> !id.equals(row.newShot)).ifPresent(id -> drills.find(who, id));
        wanted.tableId().ifPresent(kit::table);
        row.studentId = wanted.studentId();
        row.title = wanted.title().strip();
        row.beginsOn = wanted.beginsOn();
        row.weeks = wanted.weeks();
        row.weekdays = BlockEntity.joined(wanted.weekdays());
        row.minutes = wanted.minutes();
        row.focus = BlockEntity.joined(wanted.focus());
        row.newShot = wanted.newShot().orElse(null);
        row.newMinutes = wanted.newMinutes();
        row.mixed = wanted.mixed();
        row.tableId = wanted.tableId().orElse(null);
        stamp(who, row);
    }

    private void stamp(SignedIn who, BlockEntity row) {
        row.changedBy = who.accountId();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private BlockView view(SignedIn who, BlockEntity row, List<PlanService.InBlock> made) {
        Map<Skill, Double> weights = planner.weights(row);
        List<WeekView> weeks = new ArrayList<>();
        for (int week = 1; week <= row.weeks; week++) {
            int number = week;
            weeks.add(week(
                    row,
                    WeekPlanner.week(row, weights, week),
                    made.stream().filter(one -> one.week() == number).toList()));
        }
        return new BlockView(
                row.id,
                row.studentId,
                access.namesSeenBy(who).get(row.studentId),
                row.title,
                row.beginsOn,
                row.days().stream().sorted().toList(),
                row.minutes,
                row.focused().stream().sorted().toList(),
                row.newShot,
                row.newShot == null ? null : title(who, row.newShot),
                row.newMinutes,
                row.mixed,
                row.tableId,
                mayChange(who, row),
                row.revision,
                weeks);
    }

    /** None where the drill has gone. */
    private String title(SignedIn who, String id) {
        return drills.seenBy(who).drills().stream()
                .map(DrillFromLibrary::drill)
                .filter(one -> one.id().equals(id))
                .map(Drill::title)
                .findFirst()
                .orElse(null);
    }

    private static WeekView week(BlockEntity row, BlockPlan.Week week, List<PlanService.InBlock> made) {
        Map<Skill, Integer> minutes = new EnumMap<>(Skill.class);
        week.skillMinutes().forEach((skill, one) -> minutes.put(Skill.valueOf(skill), one));
        LocalDate from = row.weekBegins(week.week());
        return new WeekView(
                week.week(),
                week.phase(),
                from,
                from.plusDays(6),
                week.low(),
                week.high(),
                week.minutesPerSession(),
                minutes,
                made.stream()
                        .map(one -> new BlockPlanView(
                                one.plan().id(),
                                one.plan().title(),
                                one.plan().onDay(),
                                one.plan().items().size(),
                                (int) one.plan().items().stream()
                                        .filter(PlanView.PlanItemView::ticked)
                                        .count()))
                        .toList());
    }
}
