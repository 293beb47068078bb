package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Whether landings have come closer to the target, or closer together: the ratio of two means on the log scale.
 *
 * @param ratio        later over earlier; below 1 is better
 * @param permutationP a detail of the spread; it decides nothing
 * @see "statistics/methods.md, radialChange and spreadChange"
 */
public record RatioChange(
        Optional<Double> ratio,
        Optional<Interval> interval,
        Optional<Double> df,
        Optional<Double> permutationP,
        Verdict verdict,
        Optional<Reason> reason) {
    public static final int USUAL_PERMUTATIONS = 1999;
    public static final int USUAL_SEED = 20240;

    private static final int FEWEST = 5;
    private static final double NO_MEAN = 1e-9;
    private static final double NO_VARIANCE = 1e-18;
    private static final long MULTIPLIER = 48_271;
    private static final long MODULUS = 2_147_483_647;

    /** Is the later session closer to the target? Distances in mm, 0 or more. */
    public static RatioChange radial(double[] a, double[] b, double level) {
        Arrays.stream(a).forEach(value -> Require.notNegative("a", value));
        Arrays.stream(b).forEach(value -> Require.notNegative("b", value));
        return of(a, b, level);
    }

    /**
     * Is the later session tighter, bias set aside? Distances from each session's spatial median (Brown and Forsythe in the plane; Anderson 2006).
     */
    public static RatioChange spread(List<Point> a, List<Point> b, double level, int permutations, int seed) {
        Require.between("permutations", permutations, 0, 1_000_000);
        Require.between("seed", seed, 1, (int) MODULUS - 1);
        if (a.size() < FEWEST || b.size() < FEWEST) {
            Require.level(level);
            return without(Reason.TOO_FEW);
        }
        double[] from = deviations(a);
        double[] to = deviations(b);
        RatioChange change = of(from, to, level);
        Optional<Double> p = change.ratio.map(ratio -> permutationP(from, to, Math.log(ratio), permutations, seed));
        return new RatioChange(change.ratio, change.interval, change.df, p, change.verdict, change.reason);
    }

    private static RatioChange of(double[] a, double[] b, double level) {
        Require.level(level);
        if (a.length < FEWEST || b.length < FEWEST) {
            return without(Reason.TOO_FEW);
        }
        MeanAndError from = MeanAndError.of(a);
        MeanAndError to = MeanAndError.of(b);
        if (from.mean() < NO_MEAN || to.mean() < NO_MEAN) {
            return without(Reason.ZERO_SPREAD);
        }
        MeanAndError logFrom = from.ofLogarithm();
        MeanAndError logTo = to.ofLogarithm();
        double variance = logFrom.variance() + logTo.variance();
        if (variance <= NO_VARIANCE) {
            return without(Reason.ZERO_SPREAD);
        }
        double df = MeanAndError.welchDf(logFrom, logTo);
        double ln = logTo.mean() - logFrom.mean();
        double half = Quantile.studentT(1 - (1 - level) / 2, df) * Math.sqrt(variance);
        Interval interval = new Interval(Math.exp(ln - half), Math.exp(ln + half));
        return new RatioChange(
                Optional.of(Math.exp(ln)),
                Optional.of(interval),
                Optional.of(df),
                Optional.empty(),
                Verdict.of(interval.lower(), interval.upper(), 1, false),
                Optional.empty());
    }

    private static RatioChange without(Reason reason) {
        return new RatioChange(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Verdict.NO_CLEAR_CHANGE_YET,
                Optional.of(reason));
    }

    /** How far each landing lies from the middle of its session (mm), a little more for the middle having been found from them; of two or more. */
    public static double[] deviations(List<Point> points) {
        Point centre = SpatialMedian.of(points);
        int n = points.size();
        double larger = Math.sqrt((double) n / (n - 1));
        return points.stream()
                .mapToDouble(point -> larger * point.distanceMillimetres(centre))
                .toArray();
    }

    /** Shuffles as methods.md says, with the generator of Park and Miller (1988), so that anybody gets the same p. */
    private static double permutationP(double[] a, double[] b, double ln, int permutations, int seed) {
        double[] z = new double[a.length + b.length];
        System.arraycopy(a, 0, z, 0, a.length);
        System.arraycopy(b, 0, z, a.length, b.length);
        long x = seed;
        int count = 0;
        for (int r = 0; r < permutations; r++) {
            for (int i = z.length - 1; i >= 1; i--) {
                x = MULTIPLIER * x % MODULUS;
                int j = (int) (x % (i + 1));
                double held = z[i];
                z[i] = z[j];
                z[j] = held;
            }
            double first = 0;
            double last = 0;
            for (int i = 0; i < z.length; i++) {
                if (i < a.length) {
                    first += z[i] / a.length;
                } else {
                    last += z[i] / b.length;
                }
            }
            count += Math.abs(Math.log(last / first)) >= Math.abs(ln) - 1e-12 ? 1 : 0;
        }
        return (count + 1.0) / (permutations + 1);
    }
}
