package amberrail.core.statistics;

import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/** Quantiles to 1e-10, and the closed form that methods.md gives for two degrees of freedom. */
public final class Quantile {
    /** The library's default of 1e-9 would use up the whole tolerance of the reference cases. */
    private static final double SOLVER_ACCURACY = 1e-13;

    private static final NormalDistribution NORMAL = new NormalDistribution();

    private Quantile() {}

    /** The normal value (in standard deviations) that this share lies below. */
    public static double normal(double probability) {
        return NORMAL.inverseCumulativeProbability(probability);
    }

    static double studentT(double probability, double degreesOfFreedom) {
        return new TDistribution(degreesOfFreedom, SOLVER_ACCURACY).inverseCumulativeProbability(probability);
    }

    static double chiSquared(double probability, double degreesOfFreedom) {
        return new ChiSquaredDistribution(degreesOfFreedom, SOLVER_ACCURACY).inverseCumulativeProbability(probability);
    }

    /** F quantile with 2 and {@code m} degrees of freedom: (m/2)((1-p)^(-2/m) - 1). */
    static double fWithTwoAnd(double m, double probability) {
        return m / 2 * (Math.pow(1 - probability, -2 / m) - 1);
    }
}
