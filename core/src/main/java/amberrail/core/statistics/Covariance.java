package amberrail.core.statistics;

import amberrail.core.geometry.Angles;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Sample covariance of two coordinates (mm²), divided by n - 1.
 *
 * @param first variance of the first coordinate
 * @param mixed covariance of the two
 * @param second variance of the second coordinate
 */
public record Covariance(double first, double mixed, double second) {

    /** Of at least two items. */
    public static <T> Covariance of(List<T> items, ToDoubleFunction<T> firstOf, ToDoubleFunction<T> secondOf) {
        int n = items.size();
        double meanFirst = items.stream().mapToDouble(firstOf).sum() / n;
        double meanSecond = items.stream().mapToDouble(secondOf).sum() / n;
        double sumFirst = 0;
        double sumMixed = 0;
        double sumSecond = 0;
        for (T item : items) {
            double a = firstOf.applyAsDouble(item) - meanFirst;
            double b = secondOf.applyAsDouble(item) - meanSecond;
            sumFirst += a * a;
            sumMixed += a * b;
            sumSecond += b * b;
        }
        return new Covariance(sumFirst / (n - 1), sumMixed / (n - 1), sumSecond / (n - 1));
    }

    /** Greater eigenvalue: variance along the major axis (mm²). */
    public double major() {
        return (first + second) / 2 + root();
    }

    /** Smaller eigenvalue, the variance along the minor axis (mm²), never below 0 through rounding. */
    public double minor() {
        return Math.max(0, (first + second) / 2 - root());
    }

    /** Angle of the major axis from the first coordinate towards the second, in [0, 180); 0 if round. */
    public double majorAngleDegrees() {
        double degrees = Angles.normalDegrees(Math.toDegrees(Math.atan2(2 * mixed, first - second)) / 2);
        return degrees < 0 ? degrees + 180 : degrees;
    }

    double determinant() {
        return first * second - mixed * mixed;
    }

    /** x' C⁻¹ x for a vector (x1, x2). */
    double inverseQuadraticForm(double x1, double x2) {
        return (second * x1 * x1 - 2 * mixed * x1 * x2 + first * x2 * x2) / (first * second - mixed * mixed);
    }

    private double root() {
        return Math.hypot((first - second) / 2, mixed);
    }
}
