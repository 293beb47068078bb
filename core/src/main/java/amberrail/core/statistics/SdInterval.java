package amberrail.core.statistics;

import java.util.Arrays;
import java.util.Optional;

/**
 * Where a standard deviation may lie, bending with heavy tails, where the chi-square interval of a normal cloud is too sure of itself.
 *
 * @see "statistics/methods.md, dispersion; Bonett 2006"
 */
final class SdInterval {
    private static final int FEWEST = 5;
    private static final int FEWEST_TO_TRIM = 10;
    private static final double NO_VARIANCE = 1e-12;

    private SdInterval() {}

    /** In the unit of the values; empty under five values, and where they do not differ. */
    static Optional<Interval> of(double[] values, double level) {
        if (values.length < FEWEST) {
            return Optional.empty();
        }
        return ofSums(PooledSpread.about(trimmedMean(values), values), level);
    }

    /**
     * The same for groups that share their spread: of one it is Bonett's interval, of several n - 1 becomes their degrees of freedom.
     * {@code PooledSpreadTest} counts how often it holds.
     */
    static Optional<Interval> ofSums(PooledSpread sums, double level) {
        int n = sums.freedom() + 1;
        double z = Quantile.normal(1 - (1 - level) / 2);
        // So sure of itself with so few: no factor c would be positive.
        if (n < FEWEST || n <= z) {
            return Optional.empty();
        }
        double variance = sums.squares() / sums.freedom();
        if (variance <= NO_VARIANCE) {
            return Optional.empty();
        }
        double kurtosis = sums.values() * sums.fourths() / (sums.squares() * sums.squares());
        double c = n / (n - z);
        double se = c * Math.sqrt(Math.max(0, (kurtosis - (n - 3.0) / n) / (n - 1)));
        double estimate = Math.sqrt(c * variance);
        return Optional.of(new Interval(estimate * Math.exp(-z * se / 2), estimate * Math.exp(z * se / 2)));
    }

    /** About what a group's fourth powers are taken: of a handful, the trimmed mean is little more than their middle one. */
    static double middle(double[] values) {
        return values.length < FEWEST_TO_TRIM ? Arrays.stream(values).average().orElseThrow() : trimmedMean(values);
    }

    /** Without a share of 1/(2 sqrt(n - 4)) at each end. */
    private static double trimmedMean(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int cut = (int) Math.floor(sorted.length / (2 * Math.sqrt(sorted.length - 4.0)));
        return Arrays.stream(sorted, cut, sorted.length - cut).average().orElseThrow();
    }
}
