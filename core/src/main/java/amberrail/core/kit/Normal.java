package amberrail.core.kit;

import org.hipparchus.distribution.continuous.NormalDistribution;

/** The standard normal distribution. */
final class Normal {
    private static final NormalDistribution STANDARD = new NormalDistribution();
    /** Where all of it lies above: a quantile of nothing has no answer. */
    private static final double LEAST = 1e-12;

    private Normal() {}

    static double cumulative(double z) {
        return Math.max(LEAST, STANDARD.cumulativeProbability(z));
    }

    static double density(double z) {
        return STANDARD.density(z);
    }
}
