package amberrail.core.statistics;

/**
 * Hotelling's test of "the mean lies on the target": T² = n b'S⁻¹b, F = T²(n-2)/(2(n-1)) on (2, n-2), p = (1 + T²/(n-1))^(-(n-2)/2).
 *
 * <p>A detail and no fault of the student's where the stroke itself lands off the target: a bias is spoken of by {@link BiasAgainst} only.
 *
 * @see "methods.md, dispersion; Hotelling 1931"
 */
public record BiasTest(double tSquared, double f, int df1, int df2, double p) {
    private static final double OFF_BELOW = 0.05;

    static BiasTest of(Covariance lineSpeed, double biasLine, double biasSpeed, int n) {
        double tSquared = n * lineSpeed.inverseQuadraticForm(biasLine, biasSpeed);
        double f = tSquared * (n - 2) / (2.0 * (n - 1));
        double p = Math.pow(1 + tSquared / (n - 1), -(n - 2) / 2.0);
        return new BiasTest(tSquared, f, 2, n - 2, p);
    }

    /** Whether the mean lies off the target. */
    public boolean offTarget() {
        return p < OFF_BELOW;
    }
}
