package amberrail.core.statistics;

/** A symmetric positive definite matrix taken apart into L·L'; only its lower triangle is read, so rounding above it does no harm. */
final class Cholesky {
    private final double[][] l;

    private Cholesky(double[][] l) {
        this.l = l;
    }

    /** {@code IllegalArgumentException} if it is not positive definite. */
    static Cholesky of(double[][] matrix) {
        int n = matrix.length;
        double[][] l = new double[n][];
        for (int i = 0; i < n; i++) {
            l[i] = new double[i + 1];
            for (int j = 0; j <= i; j++) {
                double sum = matrix[i][j];
                double[] li = l[i];
                double[] lj = l[j];
                for (int k = 0; k < j; k++) {
                    sum -= li[k] * lj[k];
                }
                if (i > j) {
                    li[j] = sum / lj[j];
                } else if (sum > 0) {
                    li[i] = Math.sqrt(sum);
                } else {
                    throw new IllegalArgumentException("not positive definite at " + i + ": " + sum);
                }
            }
        }
        return new Cholesky(l);
    }

    double[] solve(double[] right) {
        int n = l.length;
        double[] x = right.clone();
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < i; k++) {
                x[i] -= l[i][k] * x[k];
            }
            x[i] /= l[i][i];
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int k = i + 1; k < n; k++) {
                x[i] -= l[k][i] * x[k];
            }
            x[i] /= l[i][i];
        }
        return x;
    }

    /** Exactly symmetric. */
    double[][] inverse() {
        int n = l.length;
        // L⁻¹, then its transpose times itself.
        double[][] low = new double[n][n];
        for (int j = 0; j < n; j++) {
            low[j][j] = 1 / l[j][j];
            for (int i = j + 1; i < n; i++) {
                double sum = 0;
                for (int k = j; k < i; k++) {
                    sum -= l[i][k] * low[k][j];
                }
                low[i][j] = sum / l[i][i];
            }
        }
        double[][] inverse = new double[n][n];
        for (int k = 0; k < n; k++) {
            double[] row = low[k];
            for (int i = 0; i <= k; i++) {
                double times = row[i];
                double[] to = inverse[i];
                for (int j = 0; j <= i; j++) {
                    to[j] += times * row[j];
                }
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                inverse[j][i] = inverse[i][j];
            }
        }
        return inverse;
    }

    double lnDeterminant() {
        double sum = 0;
        for (int i = 0; i < l.length; i++) {
            sum += 2 * Math.log(l[i][i]);
        }
        return sum;
    }
}
