package amberrail.core.diagnosis;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.Covariance;
import amberrail.core.statistics.StrokeMean;
import amberrail.core.statistics.StrokeTable;
import java.util.Optional;

/**
 * Where the clean landings of a stroke lie on average at a student's sizes, and how unsure that is: the table is finite, and so is what is known of
 * the sizes. A student is off only where their own mean lies elsewhere.
 *
 * @param mean       on the table (mm)
 * @param covariance of that mean (mm²)
 * @see "statistics/methods.md, biasAgainst"
 */
public record StrokeExpectation(Point mean, Covariance covariance) {
    /** Empty where hardly any stroke is clean. */
    public static Optional<StrokeExpectation> of(StrokeTable table, OwnErrors own, Band band) {
        double[] sizes = OwnErrors.components(own.relativeTo(band));
        StrokeMean here = StrokeMean.of(table, sizes, own.shape());
        if (here.mean().isEmpty()) {
            return Optional.empty();
        }
        Covariance e = here.meanCovariance().orElseThrow();
        for (Cause cause : Cause.values()) {
            double q = own.sizes().get(cause.ordinal()).sdLog();
            Optional<Point> larger = mean(table, own, sizes, cause, Math.exp(q));
            Optional<Point> smaller = mean(table, own, sizes, cause, Math.exp(-q));
            if (larger.isPresent() && smaller.isPresent()) {
                Point d = larger.get().minus(smaller.get());
                double dx = d.xMillimetres() / 2;
                double dy = d.yMillimetres() / 2;
                e = new Covariance(e.first() + dx * dx, e.mixed() + dx * dy, e.second() + dy * dy);
            }
        }
        return Optional.of(new StrokeExpectation(here.mean().get(), e));
    }

    private static Optional<Point> mean(StrokeTable table, OwnErrors own, double[] sizes, Cause cause, double times) {
        return StrokeMean.of(table, OwnErrors.times(sizes, cause, times), own.shape())
                .mean();
    }

    /** The mean against a target, along a line of arrival. */
    public ArrivalError against(Point target, Direction arrival) {
        return ArrivalError.of(target, arrival, mean);
    }

    /** Of line and speed (mm²): the covariance turned to a line of arrival; line is to its left. */
    public Covariance lineAndSpeed(Direction arrival) {
        double ux = arrival.x();
        double uy = arrival.y();
        double line = uy * uy * covariance.first() - 2 * ux * uy * covariance.mixed() + ux * ux * covariance.second();
        double speed = ux * ux * covariance.first() + 2 * ux * uy * covariance.mixed() + uy * uy * covariance.second();
        double mixed = -ux * uy * covariance.first()
                + (ux * ux - uy * uy) * covariance.mixed()
                + ux * uy * covariance.second();
        return new Covariance(line, mixed, speed);
    }
}
