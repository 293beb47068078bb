package amberrail.app.plan;

import amberrail.app.plan.PlanItemBody.PlaceBody;
import amberrail.app.plan.PlanProposals.Ahead;
import amberrail.core.drill.Skill;
import amberrail.core.plan.PlannedDrill;
import amberrail.core.statistics.BlockPlan;
import amberrail.core.statistics.SessionPlan;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * The sessions of one week of a block. What one day of the week holds is due later for it; a new shot gets its few minutes every time; the
 * last week repeats the lines of the first, at the same stations, so that like is held against like.
 */
@Service
class WeekPlanner {
    /** A skill in focus counts so many times as much. */
    private static final double FOCUS = 3;

    private static final double FEWEST_MINUTES = 5;
    private static final double TRIES_PER_MINUTE = 1.5;
    private static final int FEWEST_TRIES = 5;

    private final PlanProposals proposals;
    private final GoalService goals;
    private final Clock clock;

    WeekPlanner(PlanProposals proposals, GoalService goals, Clock clock) {
        this.proposals = proposals;
        this.goals = goals;
        this.clock = clock;
    }

    /** What one day is to hold. */
    record Day(LocalDate day, List<PlanItemBody> items) {}

    static BlockPlan.Week week(BlockEntity block, Map<Skill, Double> weights, int week) {
        Map<String, Double> named = new LinkedHashMap<>();
        weights.forEach((skill, weight) -> named.put(skill.name(), weight));
        return BlockPlan.of(block.weeks, block.days().size(), block.minutes, named)
                .weeks()
                .get(week - 1);
    }

    /** As in the student's goals, what is in focus more; where nothing would count, everything does. */
    Map<Skill, Double> weights(BlockEntity block) {
        Map<Skill, Double> weights =
                new EnumMap<>(goals.forPlans(block.studentId).weights());
        Set<Skill> focus = block.focused();
        weights.replaceAll(
                (skill, weight) -> focus.contains(skill) ? FOCUS * Math.max(weight, GoalService.USUAL_WEIGHT) : weight);
        if (weights.values().stream().allMatch(weight -> weight <= 0)) {
            weights.replaceAll((skill, weight) -> GoalService.USUAL_WEIGHT);
        }
        return weights;
    }

    /**
     * The days of a week from today on.
     *
     * @param first the lines of the block's first week, by day: what the last week repeats
     */
    List<Day> plan(
            PlanProposals.Room room,
            BlockEntity block,
            Map<Skill, Double> weights,
            int number,
            List<List<PlanItemBody>> first) {
        BlockPlan.Week week = week(block, weights, number);
        LocalDate today = LocalDate.now(clock.withZone(ZoneOffset.UTC));
        PlanProposals.Standing standing = proposals.standing(room, List.of(block.studentId));
        Map<String, LocalDate> plannedOn = new HashMap<>();
        List<Day> days = new ArrayList<>();
        List<LocalDate> dates = dates(block, number, today);
        for (int i = 0; i < dates.size(); i++) {
            LocalDate day = dates.get(i);
            List<PlanItemBody> before = week.phase() == BlockPlan.Phase.TEST
                    ? repeated(first, i, week.minutesPerSession() - SessionPlan.warmUpMinutes(week.minutesPerSession()))
                    : newShot(block, standing);
            PlanProposals.Proposed proposed = proposals.propose(
                    standing,
                    new PlanProposals.Asked(
                            List.of(block.studentId),
                            Math.max(FEWEST_MINUTES, week.minutesPerSession()),
                            Optional.of(new double[] {week.low(), week.high()}),
                            false,
                            Optional.ofNullable(block.tableId),
                            Optional.of(weights),
                            before),
                    new Ahead(ChronoUnit.DAYS.between(today, day), since(plannedOn, day)));
            proposed.items().forEach(item -> plannedOn.put(item.drillId(), day));
            days.add(new Day(day, proposed.items()));
        }
        return days;
    }

    private static List<LocalDate> dates(BlockEntity block, int number, LocalDate today) {
        LocalDate begins = block.weekBegins(number);
        return begins.datesUntil(begins.plusWeeks(1))
                .filter(day -> block.days().contains(day.getDayOfWeek()) && !day.isBefore(today.minusDays(1)))
                .toList();
    }

    private static Map<String, Double> since(Map<String, LocalDate> plannedOn, LocalDate day) {
        return plannedOn.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, one ->
                (double) ChronoUnit.DAYS.between(one.getValue(), day)));
    }

    /** A few minutes, many days. */
    private static List<PlanItemBody> newShot(BlockEntity block, PlanProposals.Standing standing) {
        return block.newShot == null
                ? List.of()
                : List.of(new PlanItemBody(
                        block.newShot,
                        PlannedDrill.Role.NEW,
                        block.newMinutes,
                        tries(block.newMinutes),
                        true,
                        standing.places(block.newShot),
                        null));
    }

    /** The lines of the first week's same day, shortened alike where they do not fit. */
    private static List<PlanItemBody> repeated(List<List<PlanItemBody>> first, int day, double minutes) {
        if (day >= first.size()) {
            return List.of();
        }
        List<PlanItemBody> lines = first.get(day).stream()
                .filter(item -> item.role() != PlannedDrill.Role.WARM_UP
                        && !item.places().isEmpty())
                .toList();
        double all = lines.stream().mapToDouble(PlanItemBody::minutes).sum();
        double share = all > minutes ? minutes / all : 1;
        List<PlanItemBody> repeated = new ArrayList<>();
        for (PlanItemBody line : lines) {
            double each = Math.max(1, Math.floor(line.minutes() * share));
            List<PlaceBody> places = line.places();
            repeated.add(
                    new PlanItemBody(line.drillId(), PlannedDrill.Role.TEST, each, tries(each), true, places, null));
        }
        return repeated;
    }

    private static int tries(double minutes) {
        return (int) Math.max(FEWEST_TRIES, Math.round(TRIES_PER_MINUTE * minutes));
    }
}
