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
    private static final double NO_VARIANCE = 1e-12;

    private SdInterval() {}

    /** In the unit of the values; empty under five values, and where they do not differ. */
    static Optional<Interval> of(double[] values, double level) {
        int n = values.length;
        double z = Quantile.normal(1 - (1 - level) / 2);
        // So sure of itself with so few: no factor c would be positive.
        if (n < FEWEST || n <= z) {
            return Optional.empty();
        }
        double mean = Arrays.stream(values).average().orElseThrow();
        double squares = Arrays.stream(values).map(x -> (x - mean) * (x - mean)).sum();
        double variance = squares / (n - 1);
        if (variance <= NO_VARIANCE) {
            return Optional.empty();
        }
        double middle = trimmedMean(values);
        double fourths = Arrays.stream(values).map(x -> Math.pow(x - middle, 4)).sum();
        double kurtosis = n * fourths / (squares * squares);
        double c = n / (n - z);
        double se = c * Math.sqrt(Math.max(0, (kurtosis - (n - 3.0) / n) / (n - 1)));
        double estimate = Math.sqrt(c * variance);
        return Optional.of(new Interval(estimate * Math.exp(-z * se / 2), estimate * Math.exp(z * se / 2)));
    }

    /** Without a share of 1/(2 sqrt(n - 4)) at each end. */
    private static double trimmedMean(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int cut = (int) Math.floor(sorted.length / (2 * Math.sqrt(sorted.length - 4.0)));
        return Arrays.stream(sorted, cut, sorted.length - cut).average().orElseThrow();
    }
}
