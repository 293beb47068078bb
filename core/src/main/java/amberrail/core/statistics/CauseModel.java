package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;

/**
 * e = J u + noise: how a landing's error comes of errors of the stroke (methods.md, section 6; Tarantola 2005).
 *
 * @param jacobian   two rows (line, speed; mm), a column for each cause
 * @param priorSd    usual size of each cause
 * @param noise      covariance of placing the landing, 2x2 (mm²)
 */
record CauseModel(double[][] jacobian, double[] priorSd, double[][] noise) {
    private static final double GREATEST_ENTRY = 1e6;

    CauseModel {
        if (jacobian.length != 2 || jacobian[0].length != jacobian[1].length || jacobian[0].length == 0) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "jacobian", jacobian.length, "must have two rows of one length");
        }
        if (priorSd.length != jacobian[0].length) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "priorSd", priorSd.length, "must have one entry a column");
        }
        for (int j = 0; j < priorSd.length; j++) {
            requireEntry(jacobian[0][j]);
            requireEntry(jacobian[1][j]);
            Require.positive("priorSd", priorSd[j]);
        }
        requireCovariance(noise);
    }

    /** No stroke moves a ball by a kilometre for one unit of its error, and beyond it the arithmetic would end. */
    private static void requireEntry(double value) {
        Require.finite("jacobian", value);
        if (Math.abs(value) > GREATEST_ENTRY) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "jacobian", value, "must be at most 1000000 in size");
        }
    }

    private static void requireCovariance(double[][] noise) {
        boolean square = noise.length == 2 && noise[0].length == 2 && noise[1].length == 2;
        if (!square) {
            throw new InvalidInputException(ProblemCode.DIMENSION_MISMATCH, "noise", noise.length, "must be 2x2");
        }
        boolean definite = Math.abs(noise[0][1] - noise[1][0]) <= 1e-9 * (1 + Math.abs(noise[0][1]))
                && noise[0][0] > 0
                && noise[0][0] * noise[1][1] - noise[0][1] * noise[1][0] > 0;
        if (!definite) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_MATRIX, "noise", noise[0][0], "must be symmetric and positive definite");
        }
    }

    int causes() {
        return priorSd.length;
    }

    /** C = J G J' + R. */
    double[][] errorCovariance() {
        double[][] c = {{noise[0][0], noise[0][1]}, {noise[1][0], noise[1][1]}};
        for (int j = 0; j < priorSd.length; j++) {
            double g = priorSd[j] * priorSd[j];
            for (int r = 0; r < 2; r++) {
                for (int s = 0; s < 2; s++) {
                    c[r][s] += jacobian[r][j] * g * jacobian[s][j];
                }
            }
        }
        return c;
    }

    /** The same with one cause so much larger than usual. */
    CauseModel enlarged(int cause, double times) {
        double[] larger = priorSd.clone();
        larger[cause] *= times;
        return new CauseModel(jacobian, larger, noise);
    }

    /**
     * What the causes are most likely to have been, and how sure that is.
     *
     * @param mean       u = G J' C⁻¹ e
     * @param covariance V = G - G J' C⁻¹ J G
     */
    record Posterior(double[] mean, double[][] covariance) {}

    Posterior given(double lineError, double speedError) {
        double[][] inverse = inverse(errorCovariance());
        int k = priorSd.length;
        // G J' C⁻¹, a row for each cause.
        double[][] gain = new double[k][2];
        double[] mean = new double[k];
        for (int j = 0; j < k; j++) {
            double g = priorSd[j] * priorSd[j];
            for (int s = 0; s < 2; s++) {
                gain[j][s] = g * (jacobian[0][j] * inverse[0][s] + jacobian[1][j] * inverse[1][s]);
            }
            mean[j] = gain[j][0] * lineError + gain[j][1] * speedError;
        }
        double[][] covariance = new double[k][k];
        for (int i = 0; i < k; i++) {
            for (int j = 0; j < k; j++) {
                double told = (gain[i][0] * jacobian[0][j] + gain[i][1] * jacobian[1][j]) * priorSd[j] * priorSd[j];
                covariance[i][j] = (i == j ? priorSd[i] * priorSd[i] : 0) - told;
            }
        }
        return new Posterior(mean, covariance);
    }

    /** ln N(e; 0, C). */
    double logDensity(double lineError, double speedError) {
        double[][] c = errorCovariance();
        return -Math.log(2 * Math.PI) - Math.log(determinant(c)) / 2 - form(inverse(c), lineError, speedError) / 2;
    }

    static double determinant(double[][] m) {
        return m[0][0] * m[1][1] - m[0][1] * m[1][0];
    }

    static double[][] inverse(double[][] m) {
        double d = determinant(m);
        return new double[][] {{m[1][1] / d, -m[0][1] / d}, {-m[1][0] / d, m[0][0] / d}};
    }

    /** x' M x. */
    static double form(double[][] m, double x, double y) {
        return m[0][0] * x * x + (m[0][1] + m[1][0]) * x * y + m[1][1] * y * y;
    }
}
