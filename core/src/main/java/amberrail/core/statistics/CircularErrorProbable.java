package amberrail.core.statistics;

import org.hipparchus.analysis.solvers.BrentSolver;

/** Radius about the mean that holds half of a normal cloud. */
final class CircularErrorProbable {
    /** The 2048 nodes of the method over the full turn, folded by symmetry onto a quarter of it. */
    private static final int QUARTER_NODES = 512;

    private static final double RELATIVE_ACCURACY = 1e-14;
    private static final double ABSOLUTE_ACCURACY_MILLIMETRES = 1e-12;
    private static final int MOST_EVALUATIONS = 200;

    private CircularErrorProbable() {}

    /**
     * R with (1/2π) ∫ (1 - exp(-R²/2h)) dφ = 1/2, h = major cos²φ + minor sin²φ; midpoint rule, bracketed on [0, 3√major].
     *
     * @param major greater eigenvalue (mm²), above 0
     * @param minor smaller eigenvalue (mm²), 0 or more
     * @return R in mm
     * @see "methods.md, dispersion; Grubbs 1964"
     */
    static double radiusMillimetres(double major, double minor) {
        double[] variances = new double[QUARTER_NODES];
        for (int i = 0; i < QUARTER_NODES; i++) {
            double phi = (i + 0.5) * Math.PI / 2 / QUARTER_NODES;
            double cos = Math.cos(phi);
            double sin = Math.sin(phi);
            variances[i] = major * cos * cos + minor * sin * sin;
        }
        BrentSolver solver = new BrentSolver(RELATIVE_ACCURACY, ABSOLUTE_ACCURACY_MILLIMETRES);
        return solver.solve(MOST_EVALUATIONS, radius -> shareWithin(radius, variances) - 0.5, 0, 3 * Math.sqrt(major));
    }

    private static double shareWithin(double radius, double[] variances) {
        double sum = 0;
        for (double variance : variances) {
            sum += 1 - Math.exp(-radius * radius / (2 * variance));
        }
        return sum / variances.length;
    }
}
