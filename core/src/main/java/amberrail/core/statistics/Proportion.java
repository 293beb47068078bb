package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;

/**
 * A share of successes with Wilson's score interval.
 *
 * <p>With p = x/n and z the normal quantile at (1+level)/2 the limits are (p + z²/2n ± z √(p(1-p)/n + z²/4n²)) / (1 +
 * z²/n); 0 of n has the lower limit 0 and n of n the upper limit 1 exactly. Example: 17 of 25 at 0.95 is 0.68, from 0.484
 * to 0.828. Smallest sample: none; 0 of 0 has no rate ({@code NO_DATA}) and the interval [0, 1].
 *
 * @param successes x, 0 to {@code trials}
 * @param trials    n, 0 or more
 * @param level     share of such intervals that hold the truth, [0.5, 1)
 * @see "methods.md, wilson; Wilson 1927; Agresti and Coull 1998"
 */
public record Proportion(int successes, int trials, double level) {
    public static final double DEFAULT_LEVEL = 0.95;

    /** {@code INVALID_COUNT} for negative counts or more made than tried; {@code INVALID_LEVEL}. */
    public Proportion {
        if (trials < 0) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, "trials", trials, "must be 0 or more");
        }
        if (successes < 0 || successes > trials) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_COUNT, "successes", successes, "must be from 0 to trials = " + trials);
        }
        Require.level(level);
    }

    public static Proportion of(int successes, int trials) {
        return new Proportion(successes, trials, DEFAULT_LEVEL);
    }

    /** x/n, 0 to 1; {@code NO_DATA} without trials. */
    public Estimate<Double> rate() {
        return trials == 0 ? Estimate.notYet(Reason.NO_DATA) : Estimate.known((double) successes / trials);
    }

    /** Wilson's limits, 0 to 1; all of [0, 1] without trials. */
    public Interval interval() {
        if (trials == 0) {
            return new Interval(0, 1);
        }
        double n = trials;
        double p = successes / n;
        double z = Quantile.normal(1 - (1 - level) / 2);
        double middle = p + z * z / (2 * n);
        double halfWidth = z * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n));
        double scale = 1 + z * z / n;
        double lower = successes == 0 ? 0 : (middle - halfWidth) / scale;
        double upper = successes == trials ? 1 : (middle + halfWidth) / scale;
        return new Interval(lower, upper);
    }
}
