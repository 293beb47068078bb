package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * How far landings lie from the target; an in-off is worse than any landing.
 *
 * @param n           landings and in-offs
 * @param mean        over landings only
 * @param median      over both; empty with {@code MOSTLY_CENSORED} where it falls on an in-off
 * @param medianLower end of its interval; empty where there is none
 * @param medianUpper the same; empty also where it falls on an in-off
 * @see "statistics/methods.md, radialSummary"
 */
public record RadialSummary(
        int n,
        Optional<Double> mean,
        Optional<Double> rms,
        Optional<Double> median,
        Optional<Double> medianLower,
        Optional<Double> medianUpper,
        Optional<Reason> reason) {

    /** Radii of 0 or more, in any order. */
    public static RadialSummary of(List<Double> radii, int inOffs, double level) {
        Require.level(level);
        if (inOffs < 0) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, "scratches", inOffs, "must be 0 or more");
        }
        radii.forEach(radius -> Require.notNegative("radii", radius));
        int n = radii.size() + inOffs;
        if (n == 0) {
            return new RadialSummary(
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(Reason.NO_DATA));
        }
        double[] sorted = new double[n];
        java.util.Arrays.fill(sorted, Double.POSITIVE_INFINITY);
        double[] landed =
                radii.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.arraycopy(landed, 0, sorted, 0, landed.length);
        double median = (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
        int k = rank(n, level);
        Optional<Reason> reason = Double.isInfinite(median)
                ? Optional.of(Reason.MOSTLY_CENSORED)
                : k < 1 ? Optional.of(Reason.TOO_FEW) : Optional.empty();
        boolean some = landed.length > 0;
        double sum = 0;
        double squares = 0;
        for (double radius : landed) {
            sum += radius;
            squares += radius * radius;
        }
        return new RadialSummary(
                n,
                some ? Optional.of(sum / landed.length) : Optional.empty(),
                some ? Optional.of(Math.sqrt(squares / landed.length)) : Optional.empty(),
                finite(median),
                k < 1 ? Optional.empty() : finite(sorted[k - 1]),
                k < 1 ? Optional.empty() : finite(sorted[n - k]),
                reason);
    }

    /** The largest k with P(Bin(n, 1/2) <= k - 1) within the tail; 0 if there is none. */
    private static int rank(int n, double level) {
        BinomialDistribution half = new BinomialDistribution(n, 0.5);
        int k = 0;
        while (k < n && half.cumulativeProbability(k) <= (1 - level) / 2) {
            k++;
        }
        return k;
    }

    private static Optional<Double> finite(double value) {
        return Double.isInfinite(value) ? Optional.empty() : Optional.of(value);
    }
}
