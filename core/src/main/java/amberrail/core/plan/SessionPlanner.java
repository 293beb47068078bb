package amberrail.core.plan;

import amberrail.core.drill.Skill;
import amberrail.core.problem.Require;
import amberrail.core.statistics.SessionPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
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

    /** A skill that counts and was left alone for longer gets a drill, whatever the others score: a small weight is not none. */
    private static final double LEFT_ALONE_DAYS = 7;

    private static final int MOST_LEFT_ALONE = 2;

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
        SessionPlan.Standing standing = standing(locked, known);
        List<SessionPlan.Item> early = leftAlone(wanted, open, standing, locked, known);
        Set<String> chosen = early.stream().map(SessionPlan.Item::id).collect(Collectors.toSet());
        long newAlready = locked.stream()
                        .filter(one -> one.role() == PlannedDrill.Role.NEW)
                        .count()
                + early.stream()
                        .filter(one -> known.get(one.id()).daysSince().isEmpty())
                        .count();
        List<Candidate> left =
                open.stream().filter(one -> !chosen.contains(one.drillId())).toList();
        boolean knowsEnough =
                open.stream().filter(one -> one.daysSince().isPresent()).count() >= ENOUGH_KNOWN;
        SessionPlan plan =
                ruled(wanted, knowsEnough ? withFewNew(left, wanted, newAlready) : left, with(standing, early, known));
        List<PlannedDrill> free = chosen(plan, early, known, wanted);
        return new SessionPlanner(placed(before, free), Math.max(0, plan.unusedMinutes()));
    }

    /** methods.md, planSession. */
    private static SessionPlan ruled(Wanted wanted, List<Candidate> open, SessionPlan.Standing standing) {
        return SessionPlan.of(
                wanted.minutes(),
                wanted.low(),
                wanted.high(),
                open.stream().map(one -> drill(one, wanted)).toList(),
                named(wanted.weights()),
                named(wanted.need()),
                standing);
    }

    /** The best drill of each skill that was left alone longest, by the same rule, in at most half of the time. */
    private static List<SessionPlan.Item> leftAlone(
            Wanted wanted,
            List<Candidate> open,
            SessionPlan.Standing standing,
            List<PlannedDrill> locked,
            Map<String, Candidate> known) {
        Map<Skill, Double> days = new EnumMap<>(Skill.class);
        open.forEach(one -> days.merge(one.skill(), one.daysSince().orElse(Double.MAX_VALUE), Math::min));
        locked.stream()
                .flatMap(one -> Optional.ofNullable(known.get(one.drillId())).stream())
                .forEach(one -> days.remove(one.skill()));
        List<Skill> skills = days.entrySet().stream()
                .filter(one -> one.getValue() >= LEFT_ALONE_DAYS)
                .sorted(Comparator.comparing((Map.Entry<Skill, Double> one) -> -one.getValue())
                        .thenComparing(one -> -wanted.weights().get(one.getKey()))
                        .thenComparing(Map.Entry::getKey))
                .limit(MOST_LEFT_ALONE)
                .map(Map.Entry::getKey)
                .toList();
        List<SessionPlan.Item> early = new ArrayList<>();
        double half = (wanted.minutes() - standing.takenMinutes()) / 2;
        for (Skill skill : skills) {
            double left =
                    half - early.stream().mapToDouble(SessionPlan.Item::minutes).sum();
            List<Candidate> ofSkill = open.stream()
                    .filter(one -> one.skill() == skill && one.minutes() * wanted.students() <= left)
                    .toList();
            ruled(wanted, ofSkill, new SessionPlan.Standing(0, List.of(), true)).items().stream()
                    .findFirst()
                    .ifPresent(early::add);
        }
        return early;
    }

    private static SessionPlan.Standing with(
            SessionPlan.Standing standing, List<SessionPlan.Item> early, Map<String, Candidate> known) {
        List<String> skills = new ArrayList<>(standing.skills());
        early.forEach(one -> skills.add(known.get(one.id()).skill().name()));
        return new SessionPlan.Standing(
                standing.takenMinutes()
                        + early.stream().mapToDouble(SessionPlan.Item::minutes).sum(),
                skills,
                standing.warmUpNotAsked());
    }

    /** Of those that nobody has played, the ones that fit best. */
    private static List<Candidate> withFewNew(List<Candidate> open, Wanted wanted, long already) {
        List<Candidate> known =
                open.stream().filter(one -> one.daysSince().isPresent()).toList();
        List<Candidate> few = new ArrayList<>(known);
        open.stream()
                .filter(one -> one.daysSince().isEmpty())
                .sorted(Comparator.comparing((Candidate one) -> -newScore(one, wanted))
                        .thenComparing(Candidate::drillId))
                .limit(Math.max(0, MOST_NEW - already))
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

    private static List<PlannedDrill> chosen(
            SessionPlan plan, List<SessionPlan.Item> early, Map<String, Candidate> known, Wanted wanted) {
        List<PlannedDrill> chosen = new ArrayList<>();
        plan.warmUp()
                .ifPresent(warm ->
                        chosen.add(line(known.get(warm.id()), PlannedDrill.Role.WARM_UP, warm.minutes(), 0, wanted)));
        List<SessionPlan.Item> all = new ArrayList<>(early);
        all.addAll(plan.items());
        for (SessionPlan.Item item : all) {
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
