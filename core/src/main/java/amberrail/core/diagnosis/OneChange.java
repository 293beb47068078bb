package amberrail.core.diagnosis;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.OwnSizes;
import amberrail.core.statistics.StrokeShare;
import amberrail.core.statistics.StrokeTable;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The one kind of error whose halving would help a stroke most in a student's hands, by simulation of the same strokes with and without it. The
 * judgement when to speak is ours: only of a size that is the student's own, that gains a tenth of all shots, and clearly more than any other.
 *
 * @param now  share of strokes that are clean and rest where they are wanted, at the sizes in use
 * @param then the same with this error halved
 * @param gain the 95 % interval of {@code then - now}: the sizes are known only so well, and the table is finite
 */
public record OneChange(Cause cause, double now, double then, Interval gain) {
    private static final double HALF = 0.5;
    private static final double LEAST_GAIN = 0.1;
    private static final double TWO_SIDED_95 = 1.96;

    /** Empty where none stands out. */
    public static Optional<OneChange> of(StrokeTable table, OwnErrors own, Band band, Predicate<Point> wanted) {
        Gains gains = new Gains(table, own, wanted);
        double[] sizes = OwnErrors.components(own.relativeTo(band));
        StrokeShare now = gains.share(sizes);
        Cause best = gains.best(sizes);
        StrokeShare then = gains.share(gains.halved(sizes, best));
        double gain = then.share() - now.share();
        if (!own.sizes().get(best.ordinal()).told()
                || gain < LEAST_GAIN
                || Math.min(now.effective(), then.effective()) < OwnSizes.FEWEST_EFFECTIVE) {
            return Optional.empty();
        }
        for (Cause other : Cause.values()) {
            StrokeShare instead = gains.share(gains.halved(sizes, other));
            double sd = Math.sqrt(then.varianceOfDifference(instead)
                    + gains.varianceOfSizes(sizes, s -> gains.of(s, best) - gains.of(s, other)));
            if (other != best && then.share() - instead.share() < TWO_SIDED_95 * sd) {
                return Optional.empty();
            }
        }
        double sd = Math.sqrt(then.varianceOfDifference(now) + gains.varianceOfSizes(sizes, s -> gains.of(s, best)));
        return Optional.of(new OneChange(
                best,
                now.share(),
                then.share(),
                new Interval(
                        Math.max(0, gain - TWO_SIDED_95 * sd), Math.min(1 - now.share(), gain + TWO_SIDED_95 * sd))));
    }

    /** What halving gains, at any sizes. */
    private record Gains(StrokeTable table, OwnErrors own, Predicate<Point> wanted) {
        /** Something that follows from the sizes. */
        private interface Figure {
            double at(double[] sizes);
        }

        StrokeShare share(double[] sizes) {
            return StrokeShare.of(table, sizes, own.shape(), wanted);
        }

        double of(double[] sizes, Cause cause) {
            return share(halved(sizes, cause)).share() - share(sizes).share();
        }

        Cause best(double[] sizes) {
            Cause best = Cause.AIM;
            for (Cause cause : Cause.values()) {
                best = of(sizes, cause) > of(sizes, best) ? cause : best;
            }
            return best;
        }

        double[] halved(double[] sizes, Cause cause) {
            return OwnErrors.times(sizes, cause, HALF);
        }

        /** First order, each size a standard deviation of its logarithm up and down. */
        double varianceOfSizes(double[] sizes, Figure figure) {
            double sum = 0;
            for (Cause cause : Cause.values()) {
                double q = own.sizes().get(cause.ordinal()).sdLog();
                double d = (figure.at(OwnErrors.times(sizes, cause, Math.exp(q)))
                                - figure.at(OwnErrors.times(sizes, cause, Math.exp(-q))))
                        / 2;
                sum += d * d;
            }
            return sum;
        }
    }
}
