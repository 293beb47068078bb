package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CholeskyTest {
    @Test
    void solvesAndInvertsRandomMatrices() {
        Random random = new Random(5);
        for (int n : new int[] {1, 2, 7, 40}) {
            double[][] root = new double[n][n];
            for (double[] row : root) {
                for (int j = 0; j < n; j++) {
                    row[j] = random.nextGaussian();
                }
            }
            double[][] matrix = new double[n][n];
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    matrix[i][j] = i == j ? 0.1 : 0;
                    for (int k = 0; k < n; k++) {
                        matrix[i][j] += root[i][k] * root[j][k];
                    }
                }
            }
            Cholesky found = Cholesky.of(matrix);
            double[] wanted = random.doubles(n).toArray();
            double[] right = times(matrix, wanted);
            double[] solved = found.solve(right);
            double[] inverted = times(found.inverse(), right);
            for (int i = 0; i < n; i++) {
                assertThat(solved[i]).isCloseTo(wanted[i], within(1e-6));
                assertThat(inverted[i]).isCloseTo(wanted[i], within(1e-6));
            }
        }
    }

    @Test
    void theDeterminantOfAKnownMatrix() {
        assertThat(Cholesky.of(new double[][] {{4, 0}, {2, 3}}).lnDeterminant()).isCloseTo(Math.log(8), within(1e-12));
    }

    @Test
    void anIndefiniteMatrixIsRefused() {
        assertThatThrownBy(() -> Cholesky.of(new double[][] {{1, 0}, {2, 1}}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Cholesky.of(new double[][] {{Double.NaN}}))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[vector.length];
        for (int i = 0; i < product.length; i++) {
            for (int j = 0; j < vector.length; j++) {
                product[i] += matrix[i][j] * vector[j];
            }
        }
        return product;
    }
}
