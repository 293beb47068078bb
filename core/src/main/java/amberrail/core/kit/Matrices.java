package amberrail.core.kit;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/** Small dense matrices. */
final class Matrices {
    private Matrices() {}

    static double[][] diagonal(int size, double value) {
        double[][] matrix = new double[size][size];
        for (int i = 0; i < size; i++) {
            matrix[i][i] = value;
        }
        return matrix;
    }

    static double[][] copy(double[][] of) {
        return new Array2DRowRealMatrix(of).getData();
    }

    static double[][] inverse(double[][] of) {
        if (of.length == 1) {
            return new double[][] {{1 / of[0][0]}};
        }
        RealMatrix matrix = new Array2DRowRealMatrix(of, false);
        return MatrixUtils.inverse(matrix).getData();
    }

    static double determinant(double[][] of) {
        return new LUDecomposition(new Array2DRowRealMatrix(of, false)).getDeterminant();
    }

    static double[] solve(double[][] matrix, double[] right) {
        return new LUDecomposition(new Array2DRowRealMatrix(matrix, false))
                .getSolver()
                .solve(new ArrayRealVector(right, false))
                .toArray();
    }

    static double[][] product(double[][] a, double[][] b) {
        double[][] product = new double[a.length][b[0].length];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < b[0].length; j++) {
                for (int k = 0; k < b.length; k++) {
                    product[i][j] += a[i][k] * b[k][j];
                }
            }
        }
        return product;
    }
}
