package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which clean landings of one stroke lie so far off that the record may be wrong, or the shot a wild one: by their Mahalanobis distance from where
 * the stroke lands at a student's sizes, against a cutoff that a whole clean session passes 95 times in 100 even at sizes 1.2 times as large. A flag
 * asks, it does not delete. For stations without a table there is {@link WildShots}.
 *
 * @see "statistics/methods.md, robust [2]"
 */
public final class UnlikelyLandings {
    /** So much larger than thought the sizes may be without a flag. */
    private static final double ALLOWANCE = 1.2;

    private static final double CLEAN_SESSION = 0.95;

    private final StrokeTable table;
    private final Point mean;
    private final Covariance covariance;
    private final double[] weights;

    private UnlikelyLandings(StrokeTable table, Point mean, Covariance covariance, double[] weights) {
        this.table = table;
        this.mean = mean;
        this.covariance = covariance;
        this.weights = weights;
    }

    /**
     * Empty where hardly any stroke is clean.
     *
     * @param sizes of aim, pace, height and side in the band's sizes
     */
    public static Optional<UnlikelyLandings> of(StrokeTable table, double[] sizes, StrokeShape shape) {
        StrokeMean here = StrokeMean.of(table, sizes, shape);
        if (here.mean().isEmpty()) {
            return Optional.empty();
        }
        double[] larger = new double[sizes.length];
        for (int j = 0; j < sizes.length; j++) {
            larger[j] = ALLOWANCE * sizes[j];
        }
        return Optional.of(new UnlikelyLandings(
                table,
                here.mean().get(),
                here.covariance().orElseThrow(),
                table.weights(larger, new double[0], shape)));
    }

    /**
     * The indices of those beyond the cutoff, which grows with how many there are.
     *
     * @param landings            of one session's clean strokes (mm)
     * @param placingMillimetres  how well each was marked, a standard deviation in each direction
     */
    public List<Integer> flagged(List<Point> landings, List<Double> placingMillimetres) {
        if (landings.size() != placingMillimetres.size()) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH,
                    "placingMillimetres",
                    placingMillimetres.size(),
                    "must be as many as there are landings");
        }
        List<Integer> flagged = new ArrayList<>();
        double share = Math.pow(CLEAN_SESSION, 1.0 / Math.max(1, landings.size()));
        double known = Double.NaN;
        double cutoff = Double.NaN;
        for (int i = 0; i < landings.size(); i++) {
            double noise = placingMillimetres.get(i);
            if (noise != known) {
                known = noise;
                cutoff = cutoff(noise, share);
            }
            if (distance(with(noise), landings.get(i)) > cutoff) {
                flagged.add(i);
            }
        }
        return flagged;
    }

    /** The weighted quantile of the table's own clean strokes. */
    private double cutoff(double noise, double share) {
        Covariance whole = with(noise);
        int[] clean = IntStream.range(0, weights.length).filter(table::isClean).toArray();
        double[] far = new double[weights.length];
        double sum = 0;
        for (int m : clean) {
            far[m] = distance(whole, new Point(table.x(m), table.y(m)));
            sum += weights[m];
        }
        double reached = 0;
        double at = 0;
        for (int m : IntStream.of(clean)
                .boxed()
                .sorted((a, b) -> Double.compare(far[a], far[b]))
                .mapToInt(Integer::intValue)
                .toArray()) {
            reached += weights[m];
            at = far[m];
            if (reached >= share * sum) {
                break;
            }
        }
        return at;
    }

    private Covariance with(double noise) {
        double r = noise * noise;
        return new Covariance(covariance.first() + r, covariance.mixed(), covariance.second() + r);
    }

    private double distance(Covariance whole, Point landing) {
        Point off = landing.minus(mean);
        return whole.inverseQuadraticForm(off.xMillimetres(), off.yMillimetres());
    }
}
