package amberrail.core.statistics;

/** Radius about the mean that holds half of a normal cloud. */
final class CircularErrorProbable {
    private static final int NODES = 2048;
    private static final int HALVINGS = 80;

    private CircularErrorProbable() {}

    /**
     * R with (1/2π) ∫ (1 - exp(-R²/2h)) dφ = 1/2, h = major cos²φ + minor sin²φ; midpoint rule, then bisection on [0, 3√major].
     *
     * @param major greater eigenvalue (mm²), above 0
     * @param minor smaller eigenvalue (mm²), 0 or more
     * @return R in mm
     * @see "methods.md, dispersion; Grubbs 1964"
     */
    static double radiusMillimetres(double major, double minor) {
        double[] variances = new double[NODES];
        for (int i = 0; i < NODES; i++) {
            double phi = (i + 0.5) * 2 * Math.PI / NODES;
            double cos = Math.cos(phi);
            double sin = Math.sin(phi);
            variances[i] = major * cos * cos + minor * sin * sin;
        }
        double low = 0;
        double high = 3 * Math.sqrt(major);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (shareWithin(middle, variances) < 0.5) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double shareWithin(double radius, double[] variances) {
        double sum = 0;
        for (double variance : variances) {
            sum += 1 - Math.exp(-radius * radius / (2 * variance));
        }
        return sum / variances.length;
    }
}
