package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.Optional;

/**
 * Trend of a figure over sessions that a bad day does not spoil: the median of all pair slopes (Theil 1950; Sen 1968), its interval by
 * Kendall's S, exact up to 60 sessions.
 *
 * @param slope            in the unit of y for one unit of t
 * @param changePerSession e^slope - 1, for logarithms
 * @param reason           {@code TOO_FEW} where there is no interval
 */
public record TheilSen(
        int n,
        Optional<Double> slope,
        Optional<Double> intercept,
        Optional<Interval> interval,
        Optional<Double> changePerSession,
        Optional<Reason> reason) {
    private static final int MOST_EXACT = 60;

    public static TheilSen of(double[] t, double[] y, double level) {
        Require.level(level);
        if (t.length != y.length) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "y", y.length, "must have as many entries as t");
        }
        Arrays.stream(t).forEach(value -> Require.finite("t", value));
        Arrays.stream(y).forEach(value -> Require.finite("y", value));
        int n = t.length;
        double[] slopes = new double[n * (n - 1) / 2];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (t[i] == t[j]) {
                    throw new InvalidInputException(
                            ProblemCode.DUPLICATE_TIME, "t", t[j], "must differ from session to session");
                }
                slopes[k++] = (y[j] - y[i]) / (t[j] - t[i]);
            }
        }
        if (n < 2) {
            return new TheilSen(
                    n,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(n == 0 ? Reason.NO_DATA : Reason.TOO_FEW));
        }
        Arrays.sort(slopes);
        double slope = Medians.of(slopes);
        double[] rest = new double[n];
        for (int i = 0; i < n; i++) {
            rest[i] = y[i] - slope * t[i];
        }
        Optional<Interval> interval = interval(slopes, n, level);
        return new TheilSen(
                n,
                Optional.of(slope),
                Optional.of(Medians.of(rest)),
                interval,
                Optional.of(Math.expm1(slope)),
                interval.isPresent() ? Optional.empty() : Optional.of(Reason.TOO_FEW));
    }

    private static Optional<Interval> interval(double[] sorted, int n, double level) {
        int pairs = sorted.length;
        if (n > MOST_EXACT) {
            return Optional.empty();
        }
        double[] inversions = inversionShares(n);
        double tail = (1 - level) / 2;
        // P(S >= N - 2v) = P(at most v inversions): the most inversions that are rare enough give the smallest S.
        double sum = 0;
        int rare = -1;
        while (rare + 1 < inversions.length && sum + inversions[rare + 1] <= tail) {
            rare++;
            sum += inversions[rare];
        }
        if (rare < 0) {
            return Optional.empty();
        }
        int c = pairs - 2 * rare - 2;
        return Optional.of(new Interval(sorted[(pairs - c) / 2 - 1], sorted[(pairs + c) / 2]));
    }

    /** Share of the orders of n things that have 0, 1, 2, … inversions. */
    private static double[] inversionShares(int n) {
        double[] shares = {1};
        for (int size = 2; size <= n; size++) {
            double[] next = new double[shares.length + size - 1];
            for (int v = 0; v < shares.length; v++) {
                for (int added = 0; added < size; added++) {
                    next[v + added] += shares[v] / size;
                }
            }
            shares = next;
        }
        return shares;
    }
}
