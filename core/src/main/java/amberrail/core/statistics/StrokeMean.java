package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a stroke comes to at a student's sizes: how often each outcome, and where its clean landings lie.
 *
 * @param outcomes       shares, 0 to 1; clean first
 * @param effective      how many equal draws the weighted ones are worth
 * @param mean           of the clean landings (mm); empty where none is clean
 * @param covariance     of theirs (mm²)
 * @param meanCovariance how unsure the mean is for the table being finite (mm²)
 * @see "statistics/methods.md, strokeMean"
 */
public record StrokeMean(
        Map<String, Double> outcomes,
        double effective,
        Optional<Point> mean,
        Optional<Covariance> covariance,
        Optional<Covariance> meanCovariance,
        Optional<Reason> reason) {

    /** @param sizes of aim, pace, height and side in the band's sizes */
    public static StrokeMean of(StrokeTable table, double[] sizes, StrokeShape shape) {
        for (double size : sizes) {
            Require.positive("sizes", size);
        }
        double[] w = table.weights(sizes, new double[0], shape);
        double sum = 0;
        double squares = 0;
        double[] byClass = new double[table.classes().size()];
        for (int m = 0; m < w.length; m++) {
            sum += w[m];
            squares += w[m] * w[m];
            byClass[table.classOf(m)] += w[m];
        }
        Map<String, Double> outcomes = new LinkedHashMap<>();
        for (int c = 0; c < byClass.length; c++) {
            outcomes.put(table.classes().get(c), sum == 0 ? 0 : byClass[c] / sum);
        }
        double effective = squares == 0 ? 0 : sum * sum / squares;
        if (!(byClass[0] > 0)) {
            return new StrokeMean(
                    outcomes,
                    effective,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(Reason.NO_DATA));
        }
        double meanX = 0;
        double meanY = 0;
        for (int m = 0; m < w.length; m++) {
            if (table.isClean(m)) {
                meanX += w[m] / byClass[0] * table.x(m);
                meanY += w[m] / byClass[0] * table.y(m);
            }
        }
        double[] spread = new double[3];
        double[] ofMean = new double[3];
        for (int m = 0; m < w.length; m++) {
            if (table.isClean(m)) {
                double v = w[m] / byClass[0];
                double dx = table.x(m) - meanX;
                double dy = table.y(m) - meanY;
                add(spread, v, dx, dy);
                add(ofMean, v * v, dx, dy);
            }
        }
        return new StrokeMean(
                outcomes,
                effective,
                Optional.of(new Point(meanX, meanY)),
                Optional.of(new Covariance(spread[0], spread[1], spread[2])),
                Optional.of(new Covariance(ofMean[0], ofMean[1], ofMean[2])),
                Optional.empty());
    }

    private static void add(double[] sums, double weight, double dx, double dy) {
        sums[0] += weight * dx * dx;
        sums[1] += weight * dx * dy;
        sums[2] += weight * dy * dy;
    }
}
