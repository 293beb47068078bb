package amberrail.core.statistics;

import amberrail.core.problem.Require;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * One aim error from pots of many kinds. {@link AimFromPots} takes each kind alone and can say next to nothing where hardly any missed; here
 * every kind adds to one likelihood: an easy pot that was never missed says that the error is not large, a hard one that it is not small.
 *
 * <p>Aim ~ N(0, s²): thick beyond the thick tolerance, thin beyond the thin one. The prior is that of {@link ErrorSds}, worth {@code weight}
 * attempts about {@code priorSd}. The interval holds every s whose likelihood is not less than the best by the 90 % quantile of chi-square(1).
 *
 * @param sd       standard deviation of the launch direction (mrad); what unwanted side throws is included unless the tolerances allow for it
 * @param interval 90 %
 */
public record AimFromManyPots(double sd, Interval interval) {
    private static final double SMALLEST = 0.05;
    private static final double GREATEST = 60;
    private static final int STEPS = 200;
    private static final double LEAST_PROBABILITY = 1e-300;
    private static final double LEVEL = 0.9;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** Pots of one kind and the aim error that each side of them forgives (mrad). */
    public record Kind(int thick, int made, int thin, double toleranceThick, double toleranceThin) {
        public Kind {
            Require.positive("toleranceThick", toleranceThick);
            Require.positive("toleranceThin", toleranceThin);
        }
    }

    public static AimFromManyPots of(List<Kind> kinds, double priorSd, double weight) {
        Require.positive("priorSd", priorSd);
        Require.positive("weight", weight);
        DoubleUnaryOperator objective = logSd -> objective(kinds, Math.exp(logSd), priorSd, weight);
        double best = greatest(objective, Math.log(SMALLEST), Math.log(GREATEST));
        double least = objective.applyAsDouble(best) - Quantile.chiSquared(LEVEL, 1) / 2;
        double lower = crossing(objective, best, Math.log(SMALLEST), least);
        double upper = crossing(objective, best, Math.log(GREATEST), least);
        return new AimFromManyPots(Math.exp(best), new Interval(Math.exp(lower), Math.exp(upper)));
    }

    private static double objective(List<Kind> kinds, double sd, double priorSd, double weight) {
        double sum = -weight * (Math.log(sd) + priorSd * priorSd / (2 * sd * sd));
        for (Kind kind : kinds) {
            double thick = NORMAL.cumulativeProbability(-kind.toleranceThick() / sd);
            double thin = NORMAL.cumulativeProbability(-kind.toleranceThin() / sd);
            sum += times(kind.thick(), thick) + times(kind.thin(), thin) + times(kind.made(), 1 - thick - thin);
        }
        return sum;
    }

    private static double times(int count, double probability) {
        return count == 0 ? 0 : count * Math.log(Math.max(LEAST_PROBABILITY, probability));
    }

    /** Golden section; with the prior the objective has one top. */
    private static double greatest(DoubleUnaryOperator objective, double from, double to) {
        double golden = (Math.sqrt(5) - 1) / 2;
        double low = from;
        double high = to;
        for (int step = 0; step < STEPS; step++) {
            double left = high - golden * (high - low);
            double right = low + golden * (high - low);
            if (objective.applyAsDouble(left) < objective.applyAsDouble(right)) {
                low = left;
            } else {
                high = right;
            }
        }
        return (low + high) / 2;
    }

    /** Where the objective has fallen to {@code level} between the top and an end; the end where it never does. */
    private static double crossing(DoubleUnaryOperator objective, double top, double end, double level) {
        if (objective.applyAsDouble(end) > level) {
            return end;
        }
        double inside = top;
        double outside = end;
        for (int step = 0; step < STEPS; step++) {
            double middle = (inside + outside) / 2;
            if (objective.applyAsDouble(middle) > level) {
                inside = middle;
            } else {
                outside = middle;
            }
        }
        return (inside + outside) / 2;
    }
}
