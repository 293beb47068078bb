package amberrail.core.plan;

import amberrail.core.drill.Skill;
import amberrail.core.problem.Require;
import amberrail.core.statistics.SessionPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A session's plan by the rule of methods.md (planSession), put in the order of product.md 3.3: warm-up first, what is new early, a test
 * last. What is locked stays as it is, at its place.
 *
 * @param items         in their order
 * @param unusedMinutes for which no drill was short enough
 */
public record SessionPlanner(List<PlannedDrill> items, double unusedMinutes) {
    /** A session teaches a new thing or two; who has hardly practised anything yet has only new ones to choose from. */
    private static final int MOST_NEW = 2;

    private static final int ENOUGH_KNOWN = 4;

    /**
     * What is asked for.
     *
     * @param minutes    of the whole session, 5 to 600
     * @param low        end of the band of expected success, 0 to 1
     * @param weights    by skill, 0 or more: a skill of weight 0 is left out
     * @param need       by skill, 0 to 1: how far its goal is away
     * @param withTest   whether the last drill is to be a test: the one of the plan that has been practised most recently
     * @param students   at the table; each drill takes its minutes for each of them
     */
    public record Wanted(
            double minutes,
            double low,
            double high,
            Map<Skill, Double> weights,
            Map<Skill, Double> need,
            boolean withTest,
            int students) {
        public Wanted {
            Require.between("minutes", minutes, 5, 600);
            Require.between("students", students, 1, 8);
            weights = Map.copyOf(weights);
            need = Map.copyOf(need);
        }
    }

    /** Round the lines of {@code before} that are locked; the rest of it is planned anew. */
    public static SessionPlanner of(Wanted wanted, List<Candidate> candidates, List<PlannedDrill> before) {
        Map<String, Candidate> known =
                candidates.stream().collect(Collectors.toMap(Candidate::drillId, Function.identity(), (a, b) -> a));
        List<PlannedDrill> locked = before.stream().filter(PlannedDrill::locked).toList();
        Set<String> taken = locked.stream().map(PlannedDrill::drillId).collect(Collectors.toSet());
        List<Candidate> open = candidates.stream()
                .filter(one ->
                        !taken.contains(one.drillId()) && wanted.weights().getOrDefault(one.skill(), 0.0) > 0)
                .toList();
        open = withFewNew(open, wanted, locked);
        Map<String, Double> weights = named(wanted.weights());
        SessionPlan plan = SessionPlan.of(
                wanted.minutes(),
                wanted.low(),
                wanted.high(),
                open.stream().map(one -> drill(one, wanted)).toList(),
                weights,
                named(wanted.need()),
                standing(locked, known));
        List<PlannedDrill> free = chosen(plan, known, wanted);
        return new SessionPlanner(placed(before, free), Math.max(0, plan.unusedMinutes()));
    }

    /** Of those that nobody has played, the ones that fit best. */
    private static List<Candidate> withFewNew(List<Candidate> open, Wanted wanted, List<PlannedDrill> locked) {
        List<Candidate> known =
                open.stream().filter(one -> one.daysSince().isPresent()).toList();
        if (known.size() < ENOUGH_KNOWN) {
            return open;
        }
        long lockedNew = locked.stream()
                .filter(one -> one.role() == PlannedDrill.Role.NEW)
                .count();
        List<Candidate> few = new ArrayList<>(known);
        open.stream()
                .filter(one -> one.daysSince().isEmpty())
                .sorted(Comparator.comparing((Candidate one) -> -newScore(one, wanted))
                        .thenComparing(Candidate::drillId))
                .limit(Math.max(0, MOST_NEW - lockedNew))
                .forEach(few::add);
        return few;
    }

    /** All are equally due: what tells them apart is the skill and how well they fit. */
    private static double newScore(Candidate one, Wanted wanted) {
        double middle = (wanted.low() + wanted.high()) / 2;
        double off = Math.abs(one.chance(wanted.low(), wanted.high()) - middle);
        return wanted.weights().getOrDefault(one.skill(), 0.0)
                * (1 + wanted.need().getOrDefault(one.skill(), 0.0))
                * (1 - off);
    }

    private static Map<String, Double> named(Map<Skill, Double> bySkill) {
        Map<String, Double> named = new HashMap<>();
        bySkill.forEach((skill, value) -> named.put(skill.name(), value));
        return named;
    }

    private static SessionPlan.Drill drill(Candidate one, Wanted wanted) {
        return new SessionPlan.Drill(
                one.drillId(),
                one.skill().name(),
                one.minutes() * wanted.students(),
                one.chance(wanted.low(), wanted.high()),
                one.daysSince(),
                one.intervalDays());
    }

    private static SessionPlan.Standing standing(List<PlannedDrill> locked, Map<String, Candidate> known) {
        return new SessionPlan.Standing(
                locked.stream().mapToDouble(PlannedDrill::minutes).sum(),
                locked.stream()
                        .filter(one -> one.role() != PlannedDrill.Role.WARM_UP)
                        .flatMap(one -> Optional.ofNullable(known.get(one.drillId())).stream())
                        .map(one -> one.skill().name())
                        .toList(),
                locked.stream().anyMatch(one -> one.role() == PlannedDrill.Role.WARM_UP));
    }

    private static List<PlannedDrill> chosen(SessionPlan plan, Map<String, Candidate> known, Wanted wanted) {
        List<PlannedDrill> chosen = new ArrayList<>();
        plan.warmUp()
                .ifPresent(warm ->
                        chosen.add(line(known.get(warm.id()), PlannedDrill.Role.WARM_UP, warm.minutes(), 0, wanted)));
        for (SessionPlan.Item item : plan.items()) {
            Candidate one = known.get(item.id());
            chosen.add(line(
                    one,
                    one.daysSince().isEmpty() ? PlannedDrill.Role.NEW : PlannedDrill.Role.PRACTICE,
                    item.minutes(),
                    item.score(),
                    wanted));
        }
        if (wanted.withTest()) {
            tested(chosen);
        }
        chosen.sort(Comparator.comparing(PlannedDrill::role));
        return chosen;
    }

    private static PlannedDrill line(
            Candidate one, PlannedDrill.Role role, double minutes, double score, Wanted wanted) {
        double minutesEach = minutes / wanted.students();
        int tries = (int) Math.max(1, Math.min(500, Math.round(one.tries() * minutesEach / one.minutes())));
        return new PlannedDrill(one.drillId(), role, minutes, tries, false, Optional.of(reason(one, wanted, score)));
    }

    private static Reason reason(Candidate one, Wanted wanted, double score) {
        return new Reason(
                one.chance(wanted.low(), wanted.high()),
                one.daysSince(),
                one.intervalDays(),
                wanted.need().getOrDefault(one.skill(), 0.0),
                score);
    }

    /** What speaks for a drill that was not taken; its score is not told, since it depends on what else is. */
    public static Reason reason(Candidate one, Wanted wanted) {
        return reason(one, wanted, 0);
    }

    /** Of what is known already the freshest: only a drill with a past can be compared with it. */
    private static void tested(List<PlannedDrill> chosen) {
        chosen.stream()
                .filter(one -> one.role() == PlannedDrill.Role.PRACTICE)
                .min(Comparator.comparing((PlannedDrill one) -> daysSince(one)).thenComparing(PlannedDrill::drillId))
                .ifPresent(one -> chosen.set(
                        chosen.indexOf(one),
                        new PlannedDrill(
                                one.drillId(), PlannedDrill.Role.TEST, one.minutes(), one.tries(), false, one.why())));
    }

    private static double daysSince(PlannedDrill one) {
        return one.why().orElseThrow().daysSince().orElse(Double.MAX_VALUE);
    }

    /** Locked lines at the places where they stood, the others in their order round them. */
    private static List<PlannedDrill> placed(List<PlannedDrill> before, List<PlannedDrill> free) {
        List<PlannedDrill> placed = new ArrayList<>(free);
        for (int i = 0; i < before.size(); i++) {
            if (before.get(i).locked()) {
                placed.add(Math.min(i, placed.size()), before.get(i));
            }
        }
        return placed;
    }
}
