package amberrail.core.statistics;

import amberrail.core.problem.Require;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The chance that a normal landing lies within a circle, and the circle that holds a share of them.
 *
 * <p>Turned to the eigenvectors of the covariance: the integral over t from -pi/2 to pi/2 of phi1(R sin t)·[Phi2(R cos t) - Phi2(-R cos
 * t)]·R cos t (statistics/methods.md, {@code circleModel}).
 *
 * @param meanFirst  mean offset from the circle's centre along the first axis (mm)
 * @param meanSecond along the second
 */
public record CircleModel(double meanFirst, double meanSecond, double sdFirst, double sdSecond) {
    private static final int PIECES = 64;
    private static final int POINTS_A_PIECE = 12;
    private static final double ENOUGH_MILLIMETRES = 1e-9;

    public CircleModel {
        Require.finite("offset", meanFirst);
        Require.finite("offset", meanSecond);
        Require.positive("covariance", sdFirst);
        Require.positive("covariance", sdSecond);
    }

    /** {@code offset} and {@code covariance} in the same axes, whatever they are (mm, mm²). */
    public static CircleModel of(double offsetFirst, double offsetSecond, Covariance covariance) {
        double angle = Math.toRadians(covariance.majorAngleDegrees());
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new CircleModel(
                cos * offsetFirst + sin * offsetSecond,
                -sin * offsetFirst + cos * offsetSecond,
                Math.sqrt(covariance.major()),
                Math.sqrt(covariance.minor()));
    }

    /** P(|X| <= radius). */
    public double probability(double radiusMillimetres) {
        double radius = Require.positive("radius", radiusMillimetres);
        NormalDistribution first = new NormalDistribution(meanFirst, sdFirst);
        NormalDistribution second = new NormalDistribution(meanSecond, sdSecond);
        GaussIntegratorFactory rules = new GaussIntegratorFactory();
        double sum = 0;
        for (int i = 0; i < PIECES; i++) {
            double from = -Math.PI / 2 + i * Math.PI / PIECES;
            GaussIntegrator rule = rules.legendre(POINTS_A_PIECE, from, from + Math.PI / PIECES);
            sum += rule.integrate(t -> {
                double reach = radius * Math.cos(t);
                return first.density(radius * Math.sin(t)) * second.probability(-reach, reach) * reach;
            });
        }
        return Math.min(1, sum);
    }

    /** The radius that holds this share, by bisection. */
    public double radiusForShare(double share) {
        Require.between("share", share, 1e-6, 1 - 1e-6);
        double low = 0;
        double high = Math.hypot(meanFirst, meanSecond) + sdFirst + sdSecond;
        while (probability(high) < share) {
            high *= 2;
        }
        while (high - low > ENOUGH_MILLIMETRES * high) {
            double middle = (low + high) / 2;
            if (probability(middle) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
