package amberrail.core.statistics;

import amberrail.core.problem.Require;
import java.util.Collection;
import java.util.Optional;

/**
 * A standard deviation from several groups that share their spread and not their mean (stations, sides): squares about each group's own mean.
 *
 * @param squares of the deviations from the group's mean, summed (mm²)
 * @param freedom attempts less one for each group
 */
public record PooledSpread(double squares, int freedom) {
    public static final PooledSpread NONE = new PooledSpread(0, 0);

    public PooledSpread {
        Require.notNegative("squares", squares);
        Require.between("freedom", freedom, 0, Integer.MAX_VALUE);
    }

    /** Of one group's values; one value alone says nothing about spread. */
    public static PooledSpread of(Collection<Double> values) {
        if (values.size() < 2) {
            return NONE;
        }
        double mean = values.stream().mapToDouble(Double::doubleValue).sum() / values.size();
        return new PooledSpread(
                values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum(), values.size() - 1);
    }

    public PooledSpread and(PooledSpread other) {
        return new PooledSpread(squares + other.squares, freedom + other.freedom);
    }

    /** Empty below two degrees of freedom, as a spread of fewer than three landings (methods.md, dispersion). */
    public Optional<Double> sd() {
        return freedom < 2 ? Optional.empty() : Optional.of(Math.sqrt(squares / freedom));
    }

    /** s·√(f/χ²) at both tails: of normal landings. Only squares are kept of a group, so heavy tails cannot bend it as they do {@link SdInterval}. */
    public Optional<Interval> interval(double level) {
        double tail = (1 - Require.level(level)) / 2;
        return sd().map(sd -> new Interval(
                sd * Math.sqrt(freedom / Quantile.chiSquared(1 - tail, freedom)),
                sd * Math.sqrt(freedom / Quantile.chiSquared(tail, freedom))));
    }
}
