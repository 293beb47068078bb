package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Three or four weeks: learn, build, challenge (of four only), test.
 *
 * @see "statistics/methods.md, blockPlan"
 */
public record BlockPlan(List<Week> weeks) {
    /** What a week is for. */
    public enum Phase {
        LEARN(0.70, 0.85, 1),
        BUILD(0.60, 0.75, 1),
        CHALLENGE(0.50, 0.70, 1),
        /** Repeats the block's first drills for the verdict. */
        TEST(0.60, 0.75, 0.6);

        private final double low;
        private final double high;
        private final double load;

        Phase(double low, double high, double load) {
            this.low = low;
            this.high = high;
            this.load = load;
        }
    }

    /** One week: its band of expected success, and whole minutes by skill that add up to all its sessions. */
    public record Week(
            int week, Phase phase, double low, double high, int minutesPerSession, Map<String, Integer> skillMinutes) {}

    /** Weights of 0 or more with a sum above 0. */
    public static BlockPlan of(int weeks, int sessionsPerWeek, int minutes, Map<String, Double> weights) {
        Require.between("weeks", weeks, 3, 4);
        Require.between("sessionsPerWeek", sessionsPerWeek, 1, 14);
        Require.between("minutes", minutes, 1, 600);
        weights.values().forEach(weight -> Require.notNegative("weights", weight));
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        if (!(sum > 0)) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, "weights", sum, "must have a sum above 0");
        }
        List<Week> planned = new ArrayList<>();
        for (int week = 1; week <= weeks; week++) {
            Phase phase = phase(week, weeks);
            int each = (int) Math.floor(phase.load * minutes + 0.5);
            planned.add(
                    new Week(week, phase, phase.low, phase.high, each, shared(each * sessionsPerWeek, weights, sum)));
        }
        return new BlockPlan(planned);
    }

    private static Phase phase(int week, int weeks) {
        if (week == weeks) {
            return Phase.TEST;
        }
        return Phase.values()[week - 1];
    }

    /** By largest remainders; ties by the skill's name. */
    private static Map<String, Integer> shared(int total, Map<String, Double> weights, double sum) {
        Map<String, Integer> minutes = new LinkedHashMap<>();
        int given = 0;
        for (Map.Entry<String, Double> one : weights.entrySet()) {
            int floor = (int) Math.floor(total * one.getValue() / sum + 1e-9);
            minutes.put(one.getKey(), floor);
            given += floor;
        }
        List<String> byRemainder = weights.keySet().stream()
                .sorted(Comparator.comparing((String skill) ->
                                -NextStation.rounded(total * weights.get(skill) / sum - minutes.get(skill)))
                        .thenComparing(skill -> skill))
                .toList();
        for (int i = 0; given < total; i++, given++) {
            minutes.merge(byRemainder.get(i % byRemainder.size()), 1, Integer::sum);
        }
        return minutes;
    }
}
