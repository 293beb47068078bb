package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Optional;

/**
 * How steeply a station's simulated success rises with ability about its difficulty: hard stations are flatter than one logit a logit.
 *
 * @param slope      0.3 to 2; 1 where it cannot be told
 * @param largestGap greatest distance of the logistic curve from the simulated rates
 * @param reason     {@code TOO_FEW} under three abilities
 * @see "statistics/methods.md, itemSlope; Birnbaum 1968"
 */
public record ItemSlope(double slope, Optional<Double> largestGap, Optional<Reason> reason) {
    public static final double LEAST = 0.3;
    public static final double GREATEST = 2;

    private static final int FEWEST = 3;
    private static final double NEAREST_TO_AN_END = 0.001;
    private static final int HALVINGS = 60;

    /**
     * @param difficulty in logits
     * @param abilities  at which the station was simulated, in logits
     * @param rates      of success there, 0 to 1
     */
    public static ItemSlope of(double difficulty, double[] abilities, double[] rates) {
        Require.finite("difficulty", difficulty);
        if (abilities.length != rates.length) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "rates", rates.length, "must be as many as the abilities");
        }
        for (int i = 0; i < rates.length; i++) {
            Require.finite("abilities", abilities[i]);
            if (!(rates[i] >= 0 && rates[i] <= 1)) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PROBABILITY, "rates", rates[i], "must be from 0 to 1");
            }
        }
        if (rates.length < FEWEST) {
            return new ItemSlope(1, Optional.empty(), Optional.of(Reason.TOO_FEW));
        }
        double slope = maximum(difficulty, abilities, rates);
        double gap = 0;
        for (int i = 0; i < rates.length; i++) {
            gap = Math.max(gap, Math.abs(logistic(slope * (abilities[i] - difficulty)) - rates[i]));
        }
        return new ItemSlope(slope, Optional.of(gap), Optional.empty());
    }

    /** The score falls in the slope, so its one root is found by halving. */
    private static double maximum(double difficulty, double[] abilities, double[] rates) {
        double low = LEAST;
        double high = GREATEST;
        if (score(low, difficulty, abilities, rates) <= 0) {
            return low;
        }
        if (score(high, difficulty, abilities, rates) >= 0) {
            return high;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (score(middle, difficulty, abilities, rates) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double score(double slope, double difficulty, double[] abilities, double[] rates) {
        double sum = 0;
        for (int i = 0; i < rates.length; i++) {
            double y = Math.min(1 - NEAREST_TO_AN_END, Math.max(NEAREST_TO_AN_END, rates[i]));
            double off = abilities[i] - difficulty;
            sum += (y - logistic(slope * off)) * off;
        }
        return sum;
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }
}
