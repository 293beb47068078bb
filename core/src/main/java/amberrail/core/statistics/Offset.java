package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import java.util.List;

/**
 * The mean landing and the distances from the target (mm); from one landing on.
 *
 * @param biasLineMillimetres  mean line error, positive left
 * @param biasSpeedMillimetres mean speed error, positive long
 */
public record Offset(
        Point mean,
        double biasLineMillimetres,
        double biasSpeedMillimetres,
        double radialMeanMillimetres,
        double radialRmsMillimetres,
        double radialMedianMillimetres) {

    static Offset of(List<Point> points, List<ArrivalError> errors) {
        int n = points.size();
        Point mean = new Point(
                points.stream().mapToDouble(Point::xMillimetres).sum() / n,
                points.stream().mapToDouble(Point::yMillimetres).sum() / n);
        double[] radii = errors.stream()
                .mapToDouble(ArrivalError::radialMillimetres)
                .sorted()
                .toArray();
        double sum = 0;
        double sumOfSquares = 0;
        for (double radius : radii) {
            sum += radius;
            sumOfSquares += radius * radius;
        }
        return new Offset(
                mean,
                errors.stream().mapToDouble(ArrivalError::lineMillimetres).sum() / n,
                errors.stream().mapToDouble(ArrivalError::speedMillimetres).sum() / n,
                sum / n,
                Math.sqrt(sumOfSquares / n),
                (radii[(n - 1) / 2] + radii[n / 2]) / 2);
    }
}
