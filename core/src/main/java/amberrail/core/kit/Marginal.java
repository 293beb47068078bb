package amberrail.core.kit;

import amberrail.core.statistics.Interval;
import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/** One unknown by itself, from its density at a few places. */
final class Marginal {
    /** In standard deviations from the top. */
    private static final double[] PLACES = {-3, -1.8, -0.8, 0, 0.8, 1.8, 3};

    private static final int PIECES = 400;

    private final double[] at = new double[PIECES + 1];
    private final double[] cumulative = new double[PIECES + 1];

    private Marginal(double[] places, double[] logs) {
        PolynomialSplineFunction spline = new SplineInterpolator().interpolate(places, logs);
        double top = Arrays.stream(logs).max().orElseThrow();
        double step = (places[places.length - 1] - places[0]) / PIECES;
        double before = 0;
        for (int i = 0; i <= PIECES; i++) {
            at[i] = Math.min(places[places.length - 1], places[0] + i * step);
            double density = Math.exp(spline.value(at[i]) - top);
            cumulative[i] = i == 0 ? 0 : cumulative[i - 1] + 0.5 * (density + before);
            before = density;
        }
    }

    static Marginal of(JointFit.Found found, int unknown) {
        double sd = Math.sqrt(found.covariance()[unknown][unknown]);
        double[] places =
                Arrays.stream(PLACES).map(z -> found.mode()[unknown] + z * sd).toArray();
        return new Marginal(places, found.fit().logMarginal(unknown, places));
    }

    double quantile(double probability) {
        double wanted = probability * cumulative[PIECES];
        int i = 1;
        while (i < PIECES && cumulative[i] < wanted) {
            i++;
        }
        double share = (wanted - cumulative[i - 1]) / Math.max(1e-300, cumulative[i] - cumulative[i - 1]);
        return at[i - 1] + share * (at[i] - at[i - 1]);
    }

    /** Median and interval, in the unit that {@code unit} makes of the unknown. */
    Estimated in(DoubleUnaryOperator unit) {
        double tail = (1 - Estimated.LEVEL) / 2;
        return new Estimated(
                unit.applyAsDouble(quantile(0.5)),
                new Interval(unit.applyAsDouble(quantile(tail)), unit.applyAsDouble(quantile(1 - tail))));
    }
}
