package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Optional;
import java.util.OptionalInt;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How many attempts would tell a change that is worth noticing; never the change just seen.
 *
 * @param each   in two new sessions
 * @param second in the second, the first being what it is
 * @param more   that the second still lacks
 * @param reason {@code UNREACHABLE}: the first session is too small
 * @see "statistics/methods.md, attemptsNeededProportion and attemptsNeededSpread; Fleiss 1981"
 */
public record AttemptsNeeded(OptionalInt each, OptionalInt second, OptionalInt more, Optional<Reason> reason) {
    /** The smallest change of a share that is worth noticing, unless a coach says otherwise. */
    public static final double WORTH_NOTICING = 0.15;

    private static final int MOST_SECOND = 2_000;
    private static final int MOST_EACH = 1_000_000;
    private static final int FEWEST = 5;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** What is wanted of the comparison: false alarms and the chance to see the change, and what was played already. */
    public record Wanted(double alpha, double power, int firstAttempts, int secondAttempts) {
        public Wanted {
            inside("alpha", alpha);
            inside("power", power);
            count("firstAttempts", firstAttempts);
            count("secondAttempts", secondAttempts);
        }
    }

    private static double inside(String field, double probability) {
        if (!(probability > 0 && probability < 1)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PROBABILITY, field, probability, "must be between 0 and 1");
        }
        return probability;
    }

    private static void count(String field, int value) {
        if (value < 0) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, field, value, "must be 0 or more");
        }
    }

    /** To tell a share that went from one value to the other. */
    public static AttemptsNeeded forShare(double from, double to, Wanted wanted) {
        inside("from", from);
        inside("to", to);
        OptionalInt each = from == to ? OptionalInt.empty() : smallestEach(from, to, wanted);
        OptionalInt second = OptionalInt.empty();
        for (int n = 1; n <= MOST_SECOND && second.isEmpty() && from != to && wanted.firstAttempts() > 0; n++) {
            if (power(from, to, wanted.alpha(), wanted.firstAttempts(), n) >= wanted.power()) {
                second = OptionalInt.of(n);
            }
        }
        return answer(each, second, wanted);
    }

    /** Power grows with the number of attempts, so the smallest is found by halving. */
    private static OptionalInt smallestEach(double from, double to, Wanted wanted) {
        if (power(from, to, wanted.alpha(), MOST_EACH, MOST_EACH) < wanted.power()) {
            return OptionalInt.empty();
        }
        int low = 0;
        int high = MOST_EACH;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (power(from, to, wanted.alpha(), middle, middle) >= wanted.power()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return OptionalInt.of(high);
    }

    private static double power(double p1, double p2, double alpha, double n1, double n2) {
        double pooled = (n1 * p1 + n2 * p2) / (n1 + n2);
        double z = Quantile.normal(1 - alpha / 2);
        double shift = Math.abs(p2 - p1) - z * Math.sqrt(pooled * (1 - pooled) * (1 / n1 + 1 / n2));
        return NORMAL.cumulativeProbability(shift / Math.sqrt(p1 * (1 - p1) / n1 + p2 * (1 - p2) / n2));
    }

    /**
     * To tell a spread that changed by this ratio.
     *
     * @param cv standard deviation over mean of the distances; 0.5227 for a round normal cloud
     */
    public static AttemptsNeeded forSpread(double ratio, double cv, Wanted wanted) {
        Require.positive("ratio", ratio);
        Require.positive("cv", cv);
        if (ratio == 1) {
            return answer(OptionalInt.empty(), OptionalInt.empty(), wanted);
        }
        double z = Quantile.normal(1 - wanted.alpha() / 2) + Quantile.normal(wanted.power());
        double k = cv * cv * z * z / (Math.log(ratio) * Math.log(ratio));
        OptionalInt each = OptionalInt.of(Math.max(FEWEST, (int) Math.ceil(2 * k - 1e-9)));
        OptionalInt second = OptionalInt.empty();
        if (k < wanted.firstAttempts()) {
            double n = Math.ceil(1 / (1 / k - 1.0 / wanted.firstAttempts()) - 1e-9);
            second = n > MOST_SECOND ? OptionalInt.empty() : OptionalInt.of(Math.max(FEWEST, (int) n));
        }
        return answer(each, second, wanted);
    }

    private static AttemptsNeeded answer(OptionalInt each, OptionalInt second, Wanted wanted) {
        return new AttemptsNeeded(
                each,
                second,
                second.isPresent()
                        ? OptionalInt.of(Math.max(0, second.getAsInt() - wanted.secondAttempts()))
                        : OptionalInt.empty(),
                second.isPresent() ? Optional.empty() : Optional.of(Reason.UNREACHABLE));
    }
}
