package amberrail.core.statistics;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A student's part of a Newton step: the second derivatives by their weeks (B), between weeks and the stations they tried (C), and the gradient. The
 * whole matrix of all students is never made.
 */
final class StudentBlock {
    private final StudentResults results;
    private final double[] gradient;
    private final double[][] inverse;
    /** Weeks by touched unknowns. */
    private final double[][] cross;
    /** Of each week the touched unknowns that it really has: a week has few of all that a student ever tried. */
    private final int[][] filled;
    /** B⁻¹C. */
    private final double[][] spread;

    private StudentBlock(StudentResults results, double[] gradient, double[][] inverse, double[][] cross) {
        this.results = results;
        this.gradient = gradient;
        this.inverse = inverse;
        this.cross = cross;
        filled = new int[cross.length][];
        for (int i = 0; i < cross.length; i++) {
            double[] row = cross[i];
            filled[i] = IntStream.range(0, row.length).filter(a -> row[a] != 0).toArray();
        }
        spread = new double[cross.length][results.touched().length];
        for (int k = 0; k < cross.length; k++) {
            for (int i = 0; i < cross.length; i++) {
                for (int a : filled[k]) {
                    spread[i][a] += inverse[i][k] * cross[k][a];
                }
            }
        }
    }

    /** What it adds to the stations' own gradient and second derivatives goes into {@code stationGradient} and {@code stationMatrix}, where given. */
    static StudentBlock of(
            StudentResults results,
            double[] theta,
            double[] u,
            StationScale scale,
            double[] stationGradient,
            double[][] stationMatrix) {
        int n = theta.length;
        int[] touched = results.touched();
        double[] gradient = new double[n];
        double[][] b = new double[n][];
        for (int i = 0; i < n; i++) {
            b[i] = results.precision()[i].clone();
            for (int j = 0; j < n; j++) {
                gradient[i] -= b[i][j] * theta[j];
            }
        }
        double[][] cross = new double[n][touched.length];
        for (StudentResults.Cell cell : results.cells()) {
            int i = cell.station();
            double slope = scale.slope(i);
            double logit = slope * (theta[cell.week()] - scale.difficulty(u, i));
            double p = 1 / (1 + Math.exp(-logit));
            double residual = slope * (cell.made() - cell.attempts() * p);
            double information = slope * slope * cell.attempts() * p * (1 - p);
            gradient[cell.week()] += residual;
            b[cell.week()][cell.week()] += information;
            int[] own = {scale.drillUnknown(i), scale.stationUnknown(i)};
            for (int one : own) {
                cross[cell.week()][Arrays.binarySearch(touched, one)] -= information;
                if (stationGradient != null) {
                    stationGradient[one] -= residual;
                    for (int other : own) {
                        stationMatrix[one][other] += information;
                    }
                }
            }
        }
        double[][] inverse = Cholesky.of(b).inverse();
        return new StudentBlock(results, gradient, inverse, cross);
    }

    /** Takes C'B⁻¹C from the stations' matrix and C'B⁻¹ of the gradient from theirs. */
    void reduce(double[][] stationMatrix, double[] stationGradient) {
        int[] touched = results.touched();
        for (int a = 0; a < touched.length; a++) {
            for (int i = 0; i < gradient.length; i++) {
                stationGradient[touched[a]] -= spread[i][a] * gradient[i];
            }
        }
        for (int i = 0; i < gradient.length; i++) {
            for (int a : filled[i]) {
                double[] row = stationMatrix[touched[a]];
                double times = cross[i][a];
                double[] of = spread[i];
                for (int c = 0; c < touched.length; c++) {
                    row[touched[c]] -= times * of[c];
                }
            }
        }
    }

    /** The student's own step once the stations' is known; null: the stations stay. */
    double[] step(double[] stationStep) {
        int[] touched = results.touched();
        double[] step = new double[gradient.length];
        for (int i = 0; i < step.length; i++) {
            for (int j = 0; j < step.length; j++) {
                step[i] += inverse[i][j] * gradient[j];
            }
            for (int a = 0; stationStep != null && a < touched.length; a++) {
                step[i] -= spread[i][a] * stationStep[touched[a]];
            }
        }
        return step;
    }

    /** Covariance of the abilities of two weeks (by index), with what is not known of the stations. */
    double covariance(int i, int j, double[][] stationVariance) {
        int[] touched = results.touched();
        double sum = inverse[i][j];
        for (int a = 0; a < touched.length; a++) {
            double row = 0;
            for (int c = 0; c < touched.length; c++) {
                row += stationVariance[touched[a]][touched[c]] * spread[j][c];
            }
            sum += spread[i][a] * row;
        }
        return sum;
    }

    /** Covariance of an ability with one of the stations' unknowns. */
    double covarianceWith(int week, int unknown, double[][] stationVariance) {
        int[] touched = results.touched();
        double sum = 0;
        for (int a = 0; a < touched.length; a++) {
            sum -= spread[week][a] * stationVariance[touched[a]][unknown];
        }
        return sum;
    }
}
