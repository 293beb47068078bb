package amberrail.app.plan;

import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.StationChances;
import amberrail.app.results.DrillSpacing;
import amberrail.app.results.StationResult;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.plan.Candidate;
import amberrail.core.plan.PlannedDrill;
import amberrail.core.plan.SessionPlanner;
import amberrail.core.statistics.BlockPlan;
import amberrail.core.statistics.NextStation;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Works out what could stand in a plan, for one student or for several at one table. Nothing is stored. */
@Service
class PlanProposals {
    /** Setting up, playing and walking back take about forty seconds. */
    private static final double TRIES_PER_MINUTE = 1.5;

    /** Away for longer than this a student begins with easier ones: what they could do then is less sure now. */
    private static final Duration LONG_AWAY = Duration.ofDays(56);

    private final StationChances chances;
    private final GoalService goals;
    private final KitService kit;
    private final Access access;
    private final Clock clock;

    PlanProposals(StationChances chances, GoalService goals, KitService kit, Access access, Clock clock) {
        this.chances = chances;
        this.goals = goals;
        this.kit = kit;
        this.access = access;
        this.clock = clock;
    }

    /**
     * What is asked for.
     *
     * @param band   of expected success; left out: the usual, or an easier one after months away
     * @param before what stands in the plan; its locked lines stay
     */
    record Asked(
            List<UUID> studentIds,
            double minutes,
            Optional<double[]> band,
            boolean withTest,
            Optional<UUID> tableId,
            Optional<Map<Skill, Double>> weights,
            List<PlanItemBody> before) {}

    /**
     * A plan and what else could stand in it.
     *
     * @param eased         whether somebody was away for so long that the band is an easier one
     * @param nothingCounts whether no skill has a weight
     */
    record Proposed(
            KitService.ClubTable table,
            double low,
            double high,
            boolean eased,
            boolean nothingCounts,
            List<PlanItemBody> items,
            double unusedMinutes,
            List<PossibleDrill> possible) {}

    /** A drill that may be taken, with where each student would play it and why; for nobody yet neither. */
    record PossibleDrill(Drill drill, int tries, List<PlanItemBody.PlaceBody> places, PlanItemBody.ReasonBody why) {
        PlannedDrill.Role role() {
            return why != null && why.daysSince() == null ? PlannedDrill.Role.NEW : PlannedDrill.Role.PRACTICE;
        }
    }

    /**
     * The day that is planned for.
     *
     * @param days        from now until then
     * @param daysPlanned by drill that will have been practised by then, as other plans have it: the days from there to then
     */
    record Ahead(double days, Map<String, Double> daysPlanned) {
        static final Ahead NONE = new Ahead(0, Map.of());
    }

    /** Where the students stand on a table; worked out once for however many days are planned from it. */
    record Standing(
            KitService.ClubTable table,
            List<Drill> library,
            Map<UUID, StationChances.OfStudent> students,
            Map<UUID, Map<String, DrillSpacing>> spacings,
            Map<UUID, Map<String, List<StationChances.Choice>>> choices) {

        /** Where each student would play a drill in the usual band; empty where one of them cannot be placed. */
        List<PlanItemBody.PlaceBody> places(String drillId) {
            List<PlanItemBody.PlaceBody> places = new ArrayList<>();
            for (UUID student : students.keySet()) {
                best(
                                choices.get(student).getOrDefault(drillId, List.of()),
                                NextStation.USUAL_LOW,
                                NextStation.USUAL_HIGH)
                        .ifPresent(one -> places.add(new PlanItemBody.PlaceBody(
                                student, one.station(), one.chance().p())));
            }
            return places.size() == students.size() ? places : List.of();
        }
    }

    /** A table, and what of somebody's library lies on it and can be planned by its success. */
    record Room(KitService.ClubTable table, List<Drill> library) {}

    /** On this table, else on the club's first. */
    Room room(SignedIn who, Optional<UUID> tableId) {
        KitService.ClubTable table =
                tableId.map(kit::table).orElseGet(() -> kit.tables().get(0));
        // An explore drill has no success to plan by.
        return new Room(
                table,
                chances.library(who, table).stream()
                        .filter(drill -> drill.explore().isEmpty())
                        .toList());
    }

    /** Whoever calls this has checked who asks. */
    Standing standing(Room room, List<UUID> studentIds) {
        KitService.ClubTable table = room.table();
        List<Drill> library = room.library();
        Map<UUID, StationChances.OfStudent> students = new LinkedHashMap<>();
        studentIds.forEach(id -> students.put(id, chances.of(id, library, table)));
        Instant now = Instant.now(clock);
        Map<UUID, Map<String, DrillSpacing>> spacings = new HashMap<>();
        Map<UUID, Map<String, List<StationChances.Choice>>> choices = new HashMap<>();
        students.forEach((id, student) -> {
            spacings.put(id, DrillSpacing.byDrill(student.played(), now));
            choices.put(
                    id,
                    student.choices().values().stream()
                            .flatMap(List::stream)
                            .collect(Collectors.groupingBy(one -> one.drill().id())));
        });
        return new Standing(table, library, students, spacings, choices);
    }

    Proposed propose(SignedIn who, Asked asked) {
        asked.studentIds().forEach(id -> access.requireStudent(who, id));
        if (asked.studentIds().isEmpty()) {
            return forNobody(room(who, asked.tableId()), asked);
        }
        return propose(standing(room(who, asked.tableId()), asked.studentIds()), asked, Ahead.NONE);
    }

    /** For a pattern: nothing is proposed, and everything may be taken. */
    private static Proposed forNobody(Room room, Asked asked) {
        double[] band = asked.band().orElse(new double[] {NextStation.USUAL_LOW, NextStation.USUAL_HIGH});
        double used = asked.before().stream().mapToDouble(PlanItemBody::minutes).sum();
        return new Proposed(
                room.table(),
                band[0],
                band[1],
                false,
                false,
                asked.before(),
                Math.max(0, asked.minutes() - used),
                room.library().stream()
                        .map(drill -> new PossibleDrill(drill, tries(drill.minutes()), List.of(), null))
                        .toList());
    }

    Proposed propose(Standing standing, Asked asked, Ahead ahead) {
        boolean away = standing.students().values().stream().anyMatch(this::isLongAway);
        double[] band =
                asked.band().orElse(away ? easier() : new double[] {NextStation.USUAL_LOW, NextStation.USUAL_HIGH});
        List<Candidate> candidates = candidates(standing, band[0], band[1], ahead);
        SessionPlanner.Wanted wanted = wanted(asked, band);
        SessionPlanner planned = SessionPlanner.of(
                wanted,
                candidates,
                asked.before().stream().map(PlanItemBody::planned).toList());
        Map<String, PlanItemBody> before = asked.before().stream()
                .filter(PlanItemBody::locked)
                .collect(Collectors.toMap(PlanItemBody::drillId, one -> one, (a, b) -> a));
        Map<String, Candidate> byId = new HashMap<>();
        candidates.forEach(one -> byId.put(one.drillId(), one));
        List<PlanItemBody> items = planned.items().stream()
                .map(one -> one.locked()
                        ? before.get(one.drillId())
                        : item(one, byId.get(one.drillId()), asked.studentIds()))
                .toList();
        return new Proposed(
                standing.table(),
                band[0],
                band[1],
                away && asked.band().isEmpty(),
                wanted.weights().values().stream().allMatch(weight -> weight <= 0),
                items,
                planned.unusedMinutes(),
                possible(standing.library(), byId, wanted, asked.studentIds()));
    }

    private static double[] easier() {
        BlockPlan.Week first = BlockPlan.of(3, 1, 1, Map.of("any", 1.0)).weeks().get(0);
        return new double[] {first.low(), first.high()};
    }

    private boolean isLongAway(StationChances.OfStudent student) {
        List<StationResult> played = student.played();
        return !played.isEmpty()
                && played.get(played.size() - 1)
                        .startedAt()
                        .isBefore(Instant.now(clock).minus(LONG_AWAY));
    }

    private SessionPlanner.Wanted wanted(Asked asked, double[] band) {
        Map<Skill, Double> weights = new EnumMap<>(Skill.class);
        Map<Skill, Double> need = new EnumMap<>(Skill.class);
        BinaryOperator<Double> greater = Math::max;
        for (UUID student : asked.studentIds()) {
            GoalService.ForPlans goal = goals.forPlans(student);
            goal.weights().forEach((skill, weight) -> weights.merge(skill, weight, greater));
            goal.need().forEach((skill, one) -> need.merge(skill, one, greater));
        }
        return new SessionPlanner.Wanted(
                asked.minutes(),
                band[0],
                band[1],
                asked.weights().orElse(weights),
                need,
                asked.withTest(),
                asked.studentIds().size());
    }

    private static List<Candidate> candidates(Standing standing, double low, double high, Ahead ahead) {
        List<Candidate> candidates = new ArrayList<>();
        for (Drill drill : standing.library()) {
            List<Candidate.ForStudent> each = new ArrayList<>();
            for (UUID student : standing.students().keySet()) {
                best(standing.choices().get(student).getOrDefault(drill.id(), List.of()), low, high)
                        .ifPresent(one -> each.add(
                                forStudent(one, standing.spacings().get(student).get(drill.id()), drill, ahead)));
            }
            // Nobody has worked out how hard it is, or it has no success: it cannot be planned by chance.
            if (each.size() == standing.students().size()) {
                candidates.add(
                        new Candidate(drill.id(), drill.primarySkill(), drill.minutes(), tries(drill.minutes()), each));
            }
        }
        return candidates;
    }

    private static int tries(double minutes) {
        return (int) Math.max(5, Math.min(500, Math.round(TRIES_PER_MINUTE * minutes)));
    }

    private static Optional<StationChances.Choice> best(List<StationChances.Choice> of, double low, double high) {
        return NextStation.of(
                        of.stream()
                                .map(one -> new NextStation.Candidate(
                                        one.chance().station(), one.chance().p()))
                                .toList(),
                        low,
                        high)
                .flatMap(next -> of.stream()
                        .filter(one -> one.chance().station().equals(next.id()))
                        .findFirst());
    }

    /** What is planned before then counts as practised, as well as its chance says. */
    private static Candidate.ForStudent forStudent(
            StationChances.Choice one, DrillSpacing played, Drill drill, Ahead ahead) {
        int interval = played == null ? 1 : played.spacing().intervalDays();
        Double planned = ahead.daysPlanned().get(drill.id());
        if (planned != null) {
            int tries = tries(drill.minutes());
            int made = (int) Math.round(one.chance().p() * tries);
            return new Candidate.ForStudent(
                    one.station(),
                    one.chance().p(),
                    OptionalDouble.of(planned),
                    NextStation.intervalDays(interval, made, tries));
        }
        return new Candidate.ForStudent(
                one.station(),
                one.chance().p(),
                played == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(played.spacing().daysSince() + ahead.days()),
                interval);
    }

    private static PlanItemBody item(PlannedDrill one, Candidate candidate, List<UUID> students) {
        return new PlanItemBody(
                one.drillId(),
                one.role(),
                one.minutes(),
                one.tries(),
                false,
                places(candidate, students),
                one.why().map(PlanItemBody.ReasonBody::of).orElse(null));
    }

    private static List<PlanItemBody.PlaceBody> places(Candidate candidate, List<UUID> students) {
        List<PlanItemBody.PlaceBody> places = new ArrayList<>();
        for (int i = 0; i < students.size(); i++) {
            Candidate.ForStudent one = candidate.forEach().get(i);
            places.add(new PlanItemBody.PlaceBody(students.get(i), one.station(), one.chance()));
        }
        return places;
    }

    private static List<PossibleDrill> possible(
            List<Drill> library, Map<String, Candidate> candidates, SessionPlanner.Wanted wanted, List<UUID> students) {
        return library.stream()
                .filter(drill -> candidates.containsKey(drill.id()))
                .map(drill -> {
                    Candidate one = candidates.get(drill.id());
                    return new PossibleDrill(
                            drill,
                            one.tries(),
                            places(one, students),
                            PlanItemBody.ReasonBody.of(SessionPlanner.reason(one, wanted)));
                })
                .toList();
    }
}
