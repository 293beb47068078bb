package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A session's drills in order: a warm-up, then by how much each is wanted now, skills mixed (interleaving, Shea and Morgan 1979).
 *
 * @see "statistics/methods.md, planSession"
 */
public record SessionPlan(Optional<WarmUp> warmUp, List<Item> items, double unusedMinutes, List<Score> scores) {
    private static final double SHORT_SESSION_MINUTES = 20;
    private static final double WARM_UP_SHARE = 0.15;
    private static final double LONGEST_WARM_UP_MINUTES = 10;
    private static final double EASY = 0.8;
    private static final double NEVER_PRACTISED = 0.8;
    private static final double SAME_SKILL_AGAIN = 0.6;
    private static final double FIT_WIDTH = 0.25;

    /**
     * A drill that could be played.
     *
     * @param p            chance of success for this student, 0 to 1
     * @param intervalDays after which it is due again, 1 to 32
     */
    public record Drill(String id, String skill, double minutes, double p, OptionalDouble daysSince, int intervalDays) {
        public Drill {
            Require.positive("drills.minutes", minutes);
            NextStation.probability("drills.p", p);
            daysSince.ifPresent(days -> Require.notNegative("drills.daysSince", days));
            Require.between("drills.intervalDays", intervalDays, 1, 32);
        }
    }

    /** Something easy to begin with. */
    public record WarmUp(String id, double minutes) {}

    /** A drill of the plan; its score (without unit) is what it was taken for. */
    public record Item(String id, double minutes, double score) {}

    /** Why: how well its chance fits the band, how due it is, and what comes of it. */
    public record Score(String id, double fit, double due, double score) {}

    /**
     * What stands in the plan already and is not to be touched.
     *
     * @param takenMinutes   of the session
     * @param skills         of its drills, each as often as it stands there: the next of that skill counts for less
     * @param warmUpNotAsked where it has a warm-up of its own, or none is wanted
     */
    public record Standing(double takenMinutes, List<String> skills, boolean warmUpNotAsked) {
        public static final Standing NOTHING = new Standing(0, List.of(), false);

        public Standing {
            Require.notNegative("takenMinutes", takenMinutes);
            skills = List.copyOf(skills);
        }
    }

    /**
     * @param weights by skill; {@code UNKNOWN_ID} for a drill whose skill has none
     * @param need    by skill, 0 to 1; absent: 0
     */
    public static SessionPlan of(
            double minutes,
            double low,
            double high,
            List<Drill> drills,
            Map<String, Double> weights,
            Map<String, Double> need) {
        return of(minutes, low, high, drills, weights, need, Standing.NOTHING);
    }

    /** The same round what stands already; {@code drills} are those that may still be chosen. */
    public static SessionPlan of(
            double minutes,
            double low,
            double high,
            List<Drill> drills,
            Map<String, Double> weights,
            Map<String, Double> need,
            Standing standing) {
        Require.positive("minutes", minutes);
        NextStation.probability("band", low);
        NextStation.probability("band", high);
        requireOnce(drills);
        List<Score> scores = new ArrayList<>();
        for (Drill drill : drills) {
            scores.add(score(drill, low, high, weights, need));
        }
        double warmUpMinutes = standing.warmUpNotAsked() ? 0 : warmUpMinutes(minutes);
        Optional<Integer> warm = warmUpMinutes > 0 ? warmUp(drills, scores) : Optional.empty();
        Set<Integer> used = new HashSet<>();
        warm.ifPresent(used::add);
        double left = minutes - standing.takenMinutes() - (warm.isPresent() ? warmUpMinutes : 0);
        List<Item> items = new ArrayList<>();
        Map<String, Integer> taken = new HashMap<>();
        standing.skills().forEach(skill -> taken.merge(skill, 1, Integer::sum));
        for (Optional<Integer> next = best(drills, scores, used, taken, left);
                next.isPresent();
                next = best(drills, scores, used, taken, left)) {
            int i = next.get();
            Drill drill = drills.get(i);
            items.add(new Item(drill.id(), drill.minutes(), wanted(drill, scores.get(i), taken)));
            used.add(i);
            taken.merge(drill.skill(), 1, Integer::sum);
            left -= drill.minutes();
        }
        return new SessionPlan(warm.map(i -> new WarmUp(drills.get(i).id(), warmUpMinutes)), items, left, scores);
    }

    private static void requireOnce(List<Drill> drills) {
        Set<String> ids = new HashSet<>();
        for (Drill drill : drills) {
            if (!ids.add(drill.id())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "drills.id", drill.id(), "must be there only once");
            }
        }
    }

    private static Score score(
            Drill drill, double low, double high, Map<String, Double> weights, Map<String, Double> need) {
        Double weight = weights.get(drill.skill());
        if (weight == null) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID, "drills.skill", drill.skill(), "must have a weight");
        }
        double off = Math.max(0, Math.max(low - drill.p(), drill.p() - high));
        double fit = Math.max(0, 1 - off / FIT_WIDTH);
        double due = drill.daysSince().isPresent()
                ? Math.min(1, drill.daysSince().getAsDouble() / drill.intervalDays())
                : NEVER_PRACTISED;
        double needed = need.getOrDefault(drill.skill(), 0.0);
        return new Score(drill.id(), fit, due, weight * (0.5 + 0.5 * needed) * (0.5 * fit + 0.5 * due));
    }

    /** Of a session of so many minutes; 0 where it is too short for one. */
    public static double warmUpMinutes(double minutes) {
        return minutes < SHORT_SESSION_MINUTES
                ? 0
                : Math.min(LONGEST_WARM_UP_MINUTES, Math.floor(WARM_UP_SHARE * minutes + 1e-9));
    }

    private static Optional<Integer> warmUp(List<Drill> drills, List<Score> scores) {
        Optional<Integer> easy = indices(drills).stream()
                .filter(i -> drills.get(i).p() >= EASY)
                .min(Comparator.comparing((Integer i) ->
                                -NextStation.rounded(scores.get(i).due()))
                        .thenComparing(i -> -NextStation.rounded(drills.get(i).p()))
                        .thenComparing(i -> drills.get(i).id()));
        return easy.isPresent()
                ? easy
                : indices(drills).stream()
                        .min(Comparator.comparing((Integer i) ->
                                        -NextStation.rounded(drills.get(i).p()))
                                .thenComparing(i -> drills.get(i).id()));
    }

    private static Optional<Integer> best(
            List<Drill> drills, List<Score> scores, Set<Integer> used, Map<String, Integer> taken, double left) {
        return indices(drills).stream()
                .filter(i -> !used.contains(i)
                        && drills.get(i).minutes() <= left + 1e-9
                        && scores.get(i).score() > 0)
                .min(Comparator.comparing(
                                (Integer i) -> -NextStation.rounded(wanted(drills.get(i), scores.get(i), taken)))
                        .thenComparing(i -> -NextStation.rounded(scores.get(i).due()))
                        .thenComparing(i -> drills.get(i).id()));
    }

    private static double wanted(Drill drill, Score score, Map<String, Integer> taken) {
        return score.score() * Math.pow(SAME_SKILL_AGAIN, taken.getOrDefault(drill.skill(), 0));
    }

    private static List<Integer> indices(List<Drill> drills) {
        List<Integer> indices = new ArrayList<>();
        for (int i = 0; i < drills.size(); i++) {
            indices.add(i);
        }
        return indices;
    }
}
