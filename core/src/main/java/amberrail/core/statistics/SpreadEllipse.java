package amberrail.core.statistics;

/**
 * An ellipse around the mean landing (mm); which share of what it holds is said by the field that carries it.
 *
 * @param angleDegrees direction of the semi-major axis from +x, counter-clockwise, [0, 180)
 */
public record SpreadEllipse(double semiMajorMillimetres, double semiMinorMillimetres, double angleDegrees) {

    static SpreadEllipse scaled(Covariance tableFrame, double squaredScale) {
        return new SpreadEllipse(
                Math.sqrt(squaredScale * tableFrame.major()),
                Math.sqrt(squaredScale * tableFrame.minor()),
                tableFrame.majorAngleDegrees());
    }

    /**
     * Prediction ellipse: where the next landing is expected with probability {@code share}. Squared scale 2(n²-1)/(n(n-2))
     * · F_share(2, n-2).
     *
     * @see "methods.md, dispersion; Chew 1966"
     */
    static SpreadEllipse predicting(Covariance tableFrame, int n, double share) {
        double scale = 2.0 * ((double) n * n - 1) / (n * (n - 2.0)) * Quantile.fWithTwoAnd(n - 2, share);
        return scaled(tableFrame, scale);
    }

    /** Confidence ellipse of the mean: squared scale 2(n-1)/(n(n-2)) · F_level(2, n-2). */
    static SpreadEllipse ofMean(Covariance tableFrame, int n, double level) {
        double scale = 2.0 * (n - 1) / (n * (n - 2.0)) * Quantile.fWithTwoAnd(n - 2, level);
        return scaled(tableFrame, scale);
    }
}
