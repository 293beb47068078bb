package amberrail.core.statistics;

import amberrail.core.problem.Require;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * How much the distances of two sessions from their middles vary, over their mean: what the number of attempts for a spread rests on.
 *
 * @param n        distances of both
 * @param cv       standard deviation over mean
 * @param kurtosis of the distances over their session's mean
 * @param skewness of the same
 * @param plan     one standard error above cv (delta method): too small a one promises too few attempts
 * @see "statistics/methods.md, spreadCv"
 */
public record SpreadCv(
        int n,
        Optional<Double> cv,
        Optional<Double> kurtosis,
        Optional<Double> skewness,
        Optional<Double> plan,
        Optional<Reason> reason) {
    private static final int FEWEST = 5;
    private static final double NOTHING = 1e-9;

    /** Deviations as {@link RatioChange#deviations} has them (mm, 0 or more). */
    public static SpreadCv of(double[] a, double[] b) {
        DoubleStream.of(a).forEach(value -> Require.notNegative("a", value));
        DoubleStream.of(b).forEach(value -> Require.notNegative("b", value));
        int n = a.length + b.length;
        if (a.length < FEWEST || b.length < FEWEST) {
            return without(n, Reason.TOO_FEW);
        }
        double meanA = DoubleStream.of(a).average().orElseThrow();
        double meanB = DoubleStream.of(b).average().orElseThrow();
        if (meanA < NOTHING || meanB < NOTHING) {
            return without(n, Reason.ZERO_SPREAD);
        }
        double[] d = DoubleStream.concat(
                        DoubleStream.of(a).map(x -> x / meanA - 1),
                        DoubleStream.of(b).map(x -> x / meanB - 1))
                .toArray();
        double squares = DoubleStream.of(d).map(x -> x * x).sum();
        double cv = Math.sqrt(squares / (n - 2));
        if (cv <= NOTHING) {
            return without(n, Reason.ZERO_SPREAD);
        }
        double second = squares / n;
        double kurtosis = DoubleStream.of(d).map(x -> x * x * x * x).sum() / n / (second * second);
        double skewness = DoubleStream.of(d).map(x -> x * x * x).sum() / n / Math.pow(second, 1.5);
        double variance = (kurtosis - 1) / (4 * n) - skewness * cv / n + cv * cv / n;
        double plan = cv * Math.exp(Math.sqrt(Math.max(0, variance)));
        return new SpreadCv(
                n, Optional.of(cv), Optional.of(kurtosis), Optional.of(skewness), Optional.of(plan), Optional.empty());
    }

    private static SpreadCv without(int n, Reason reason) {
        return new SpreadCv(
                n, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(reason));
    }
}
