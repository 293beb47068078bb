package amberrail.core.statistics;

import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;

/**
 * A standard deviation from several groups that share their spread and not their mean (stations, sides): powers of the deviations, summed, so that it
 * can be kept without the values.
 *
 * @param squares of the deviations from the group's mean, summed (mm²)
 * @param fourths fourth powers of the deviations from the group's trimmed mean (of under ten its mean), summed (mm⁴)
 * @param values  in the groups that have two or more
 * @param freedom attempts less one for each group
 */
public record PooledSpread(double squares, double fourths, int values, int freedom) {
    public static final PooledSpread NONE = new PooledSpread(0, 0, 0, 0);

    public PooledSpread {
        Require.notNegative("squares", squares);
        Require.notNegative("fourths", fourths);
        Require.between("freedom", freedom, 0, Integer.MAX_VALUE);
        Require.between("values", values, freedom, Integer.MAX_VALUE);
    }

    /** Of one group's values; one value alone says nothing about spread. */
    public static PooledSpread of(Collection<Double> values) {
        if (values.size() < 2) {
            return NONE;
        }
        double[] group = values.stream().mapToDouble(Double::doubleValue).toArray();
        return about(SdInterval.middle(group), group);
    }

    /** Two values or more; the fourth powers are taken about {@code middle}. */
    static PooledSpread about(double middle, double[] group) {
        double mean = Arrays.stream(group).sum() / group.length;
        double squares = 0;
        double fourths = 0;
        for (double value : group) {
            squares += (value - mean) * (value - mean);
            fourths += Math.pow(value - middle, 4);
        }
        return new PooledSpread(squares, fourths, group.length, group.length - 1);
    }

    public PooledSpread and(PooledSpread other) {
        return new PooledSpread(
                squares + other.squares, fourths + other.fourths, values + other.values, freedom + other.freedom);
    }

    /** Empty below two degrees of freedom, as a spread of fewer than three landings (methods.md, dispersion). */
    public Optional<Double> sd() {
        return freedom < 2 ? Optional.empty() : Optional.of(Math.sqrt(squares / freedom));
    }

    /** Wider where the tails are heavy; empty under five values in all and where they do not differ, as {@link SdInterval}. */
    public Optional<Interval> interval(double level) {
        return SdInterval.ofSums(this, Require.level(level));
    }
}
