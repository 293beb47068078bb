package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Random;

/**
 * Standard draws of a stroke's four errors (aim, pace, tip height, tip side), the same for every table: each component c·N(0, 1) with c drawn from
 * {0.5, 1, 2, 4}, so that sizes from half to four times the band's can be weighed from them.
 *
 * @see "statistics/methods.md, section 6; Owen and Zhou 2000"
 */
public final class StrokeDraws {
    /** Aim, pace, height, side. */
    public static final int COMPONENTS = 4;

    private static final List<Double> SCALES = List.of(0.5, 1.0, 2.0, 4.0);

    /** By component. */
    private final double[][] z;

    private final double[] lnDensity;

    /** @param rows a stroke each, four components */
    StrokeDraws(double[][] rows) {
        z = new double[COMPONENTS][rows.length];
        lnDensity = new double[rows.length];
        for (int m = 0; m < rows.length; m++) {
            if (rows[m].length != COMPONENTS) {
                throw new InvalidInputException(
                        ProblemCode.DIMENSION_MISMATCH, "strokes.z", rows[m].length, "must have four components");
            }
            for (int j = 0; j < COMPONENTS; j++) {
                z[j][m] = Require.finite("strokes.z", rows[m][j]);
                lnDensity[m] += Math.log(density(rows[m][j]));
            }
        }
    }

    /** So many strokes; the same seed draws the same. */
    public static StrokeDraws of(int strokes, long seed) {
        Random random = new Random(seed);
        double[][] rows = new double[strokes][COMPONENTS];
        for (double[] row : rows) {
            for (int j = 0; j < COMPONENTS; j++) {
                row[j] = SCALES.get(random.nextInt(SCALES.size())) * random.nextGaussian();
            }
        }
        return new StrokeDraws(rows);
    }

    /** q: the density of one component. */
    private static double density(double value) {
        double sum = 0;
        for (double c : SCALES) {
            sum += Math.exp(-0.5 * value * value / (c * c)) / c;
        }
        return sum / SCALES.size() / Math.sqrt(2 * Math.PI);
    }

    public int size() {
        return lnDensity.length;
    }

    /** In the band's sizes. */
    public double z(int component, int stroke) {
        return z[component][stroke];
    }

    double[] component(int component) {
        return z[component];
    }

    double lnDensity(int stroke) {
        return lnDensity[stroke];
    }
}
