package amberrail.core.statistics;

import java.util.List;
import java.util.Optional;

/**
 * Mean and spread of one coordinate, each with its interval; of three values on, as {@link Dispersion}.
 *
 * @param mean of all; empty without values
 * @param sd   with n - 1
 */
public record MeanAndSpread(
        int n,
        Optional<Double> mean,
        Optional<Interval> meanInterval,
        Optional<Double> sd,
        Optional<Interval> sdInterval,
        Optional<Reason> reason) {

    public static MeanAndSpread of(List<Double> values, double level) {
        int n = values.size();
        if (n == 0) {
            return new MeanAndSpread(
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(Reason.NO_DATA));
        }
        double mean = values.stream().mapToDouble(Double::doubleValue).sum() / n;
        PooledSpread spread = PooledSpread.of(values);
        return new MeanAndSpread(
                n,
                Optional.of(mean),
                spread.sd()
                        .map(sd -> Interval.around(
                                mean, Quantile.studentT(1 - (1 - level) / 2, n - 1) * sd / Math.sqrt(n))),
                spread.sd(),
                spread.interval(level),
                spread.sd().isEmpty() ? Optional.of(Reason.TOO_FEW) : Optional.empty());
    }
}
