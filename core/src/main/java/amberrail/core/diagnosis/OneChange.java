package amberrail.core.diagnosis;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.OwnSizes;
import amberrail.core.statistics.StrokeShare;
import amberrail.core.statistics.StrokeTable;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * The one kind of error whose halving would help a stroke most in a student's hands, by simulation of the same strokes with and without it. The
 * judgement when to speak is ours: only of a size that is the student's own, that gains a tenth of all shots, and clearly more than any other.
 *
 * @param now  share of strokes that are clean and rest where they are wanted, at the sizes in use
 * @param then the same with this error halved
 * @param gain the 95 % interval of {@code then - now}: the sizes are known only so well, and the table is finite
 * @see "statistics/methods.md, strokeTable and ownErrors; the shares by importance weights on one set of strokes"
 */
public record OneChange(Cause cause, double now, double then, Interval gain) {
    private static final double HALF = 0.5;
    private static final double LEAST_GAIN = 0.1;
    private static final double TWO_SIDED_95 = 1.96;

    /** Empty where none stands out. */
    public static Optional<OneChange> of(StrokeTable table, OwnErrors own, Band band, Predicate<Point> wanted) {
        double[] sizes = OwnErrors.components(own.relativeTo(band));
        Function<double[], Halvings> at = s -> Halvings.of(one -> StrokeShare.of(table, one, own.shape(), wanted), s);
        Halvings here = at.apply(sizes);
        Cause best = here.best();
        StrokeShare then = here.halved()[best.ordinal()];
        if (!own.sizes().get(best.ordinal()).told()
                || here.gain(best) < LEAST_GAIN
                || Math.min(here.now().effective(), then.effective()) < OwnSizes.FEWEST_EFFECTIVE) {
            return Optional.empty();
        }
        double[][] slopes = slopes(own, sizes, at);
        for (Cause other : Cause.values()) {
            StrokeShare instead = here.halved()[other.ordinal()];
            double sd = Math.sqrt(then.varianceOfDifference(instead)
                    + squares(slopes, slope -> slope[best.ordinal()] - slope[other.ordinal()]));
            if (other != best && then.share() - instead.share() < TWO_SIDED_95 * sd) {
                return Optional.empty();
            }
        }
        double half = TWO_SIDED_95
                * Math.sqrt(then.varianceOfDifference(here.now()) + squares(slopes, slope -> slope[best.ordinal()]));
        double now = here.now().share();
        Interval gain = new Interval(Math.max(0, here.gain(best) - half), Math.min(1 - now, here.gain(best) + half));
        return Optional.of(new OneChange(best, now, then.share(), gain));
    }

    /** How each gain moves (columns) with one standard deviation of the logarithm of each size (rows), to first order. */
    private static double[][] slopes(OwnErrors own, double[] sizes, Function<double[], Halvings> at) {
        Cause[] causes = Cause.values();
        double[][] slopes = new double[causes.length][causes.length];
        for (Cause moved : causes) {
            double q = own.sizes().get(moved.ordinal()).sdLog();
            Halvings larger = at.apply(OwnErrors.times(sizes, moved, Math.exp(q)));
            Halvings smaller = at.apply(OwnErrors.times(sizes, moved, Math.exp(-q)));
            for (Cause halved : causes) {
                slopes[moved.ordinal()][halved.ordinal()] = (larger.gain(halved) - smaller.gain(halved)) / 2;
            }
        }
        return slopes;
    }

    private static double squares(double[][] slopes, Function<double[], Double> part) {
        return Arrays.stream(slopes).mapToDouble(part::apply).map(d -> d * d).sum();
    }

    /** The share at some sizes, and with each cause's size halved. */
    private record Halvings(StrokeShare now, StrokeShare[] halved) {
        static Halvings of(Function<double[], StrokeShare> share, double[] sizes) {
            return new Halvings(
                    share.apply(sizes),
                    Arrays.stream(Cause.values())
                            .map(cause -> share.apply(OwnErrors.times(sizes, cause, HALF)))
                            .toArray(StrokeShare[]::new));
        }

        double gain(Cause cause) {
            return halved[cause.ordinal()].share() - now.share();
        }

        Cause best() {
            return Arrays.stream(Cause.values())
                    .max(Comparator.comparingDouble(this::gain))
                    .orElseThrow();
        }
    }
}
