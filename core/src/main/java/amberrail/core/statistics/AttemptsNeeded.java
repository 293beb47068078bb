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
    /**
     * Of a share: from which rate to which.
     *
     * @param from what the first session may have been; empty without one
     * @param to   empty where the change leads out of the shares that there are
     */
    public record OfShare(Optional<Double> from, Optional<Double> to, AttemptsNeeded needed) {}

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

    /**
     * To tell a share that changed by so much. The first rate is only known by its interval, and a lucky first session must not promise a small
     * number: it is taken as the value of its 95 % interval that is nearest to a half, the dearest case.
     *
     * @param change of the share, -1 to 1 and not 0; the smallest worth noticing, never the one just seen
     */
    public static OfShare forShare(int firstMade, double change, Wanted wanted) {
        Proportion first = new Proportion(firstMade, wanted.firstAttempts(), Proportion.DEFAULT_LEVEL);
        if (!(Math.abs(change) < 1) || change == 0) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "change", change, "must be between -1 and 1 and not 0");
        }
        if (first.trials() == 0) {
            return new OfShare(Optional.empty(), Optional.empty(), nothing(Reason.NO_DATA));
        }
        Interval interval = first.interval();
        double from = Math.min(Math.max(0.5, interval.lower()), interval.upper());
        double to = from + change;
        if (!(to > 0 && to < 1)) {
            return new OfShare(Optional.of(from), Optional.empty(), nothing(Reason.UNREACHABLE));
        }
        OptionalInt second = OptionalInt.empty();
        for (int n = 1; n <= MOST_SECOND && second.isEmpty(); n++) {
            if (power(from, to, wanted.alpha(), wanted.firstAttempts(), n) >= wanted.power()) {
                second = OptionalInt.of(n);
            }
        }
        return new OfShare(Optional.of(from), Optional.of(to), answer(smallestEach(from, to, wanted), second, wanted));
    }

    private static AttemptsNeeded nothing(Reason reason) {
        return new AttemptsNeeded(OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty(), Optional.of(reason));
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
     * @param cv standard deviation over mean of the distances, as {@link SpreadCv} plans it
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
