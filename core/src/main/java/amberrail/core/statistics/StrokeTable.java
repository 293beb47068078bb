package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What one planned stroke comes to when it strays: strokes of the engine, played once, from whose weights any size of error from half to four times
 * the band's can be read off, and any lasting bias.
 *
 * <p>Errors are standard draws in the band's sizes, each component c·N(0, 1) with c drawn from {0.5, 1, 2, 4}, so their density is the mean of
 * four normals. Reading another size weighs each stroke by the ratio of densities (mixture importance sampling).
 *
 * @see "statistics/methods.md, section 6; Owen and Zhou 2000"
 */
public final class StrokeTable {
    /** Components of an error: aim, pace, tip height, tip side. */
    public static final int COMPONENTS = 4;

    /** The outcome of a stroke that pots without touching a jaw and leaves the cue ball up: only it has a landing. */
    public static final String CLEAN = "clean";

    /** The scales of the draws. */
    public static final List<Double> SCALES = List.of(0.5, 1.0, 2.0, 4.0);

    private final double[][] z;
    private final double[] lnQ;
    private final int[] classOf;
    private final List<String> classes;
    private final double[] x;
    private final double[] y;

    /**
     * @param z        a row a stroke, aim, pace, height, side
     * @param outcomes of each stroke
     * @param landings of the clean ones (mm); null for the others
     */
    public StrokeTable(double[][] z, List<String> outcomes, List<Point> landings) {
        int n = z.length;
        if (outcomes.size() != n || landings.size() != n) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "strokes", outcomes.size(), "must be as many as there are strokes");
        }
        this.z = new double[COMPONENTS][n];
        lnQ = new double[n];
        classOf = new int[n];
        x = new double[n];
        y = new double[n];
        Map<String, Integer> names = new LinkedHashMap<>();
        names.put(CLEAN, 0);
        for (int m = 0; m < n; m++) {
            if (z[m].length != COMPONENTS) {
                throw new InvalidInputException(
                        ProblemCode.DIMENSION_MISMATCH, "strokes.z", z[m].length, "must have four components");
            }
            for (int j = 0; j < COMPONENTS; j++) {
                this.z[j][m] = Require.finite("strokes.z", z[m][j]);
                lnQ[m] += Math.log(density(z[m][j]));
            }
            classOf[m] = names.computeIfAbsent(outcomes.get(m), name -> names.size());
            if (classOf[m] == 0) {
                if (landings.get(m) == null) {
                    throw new InvalidInputException(
                            ProblemCode.NOT_FINITE, "strokes.landing", m, "must be there for a clean stroke");
                }
                x[m] = landings.get(m).xMillimetres();
                y[m] = landings.get(m).yMillimetres();
            }
        }
        classes = List.copyOf(names.keySet());
    }

    /** q: the density of one component of a draw. */
    private static double density(double value) {
        double sum = 0;
        for (double c : SCALES) {
            sum += Math.exp(-0.5 * value * value / (c * c)) / c;
        }
        return sum / SCALES.size() / Math.sqrt(2 * Math.PI);
    }

    public int size() {
        return lnQ.length;
    }

    /** Clean first, then as they came. */
    public List<String> classes() {
        return classes;
    }

    double z(int component, int stroke) {
        return z[component][stroke];
    }

    /** The number of the stroke's outcome in {@link #classes}; 0 is clean. */
    int classOf(int stroke) {
        return classOf[stroke];
    }

    boolean isClean(int stroke) {
        return classOf[stroke] == 0;
    }

    double x(int stroke) {
        return x[stroke];
    }

    double y(int stroke) {
        return y[stroke];
    }

    /**
     * How much each stroke counts for errors of these sizes and biases, up to a common factor.
     *
     * @param sizes in the band's sizes, four, above 0
     * @param bias  of aim, pace and height in the band's sizes; side has none
     */
    double[] weights(double[] sizes, double[] bias, StrokeShape shape) {
        double[] ln = lnQ.clone();
        for (int m = 0; m < ln.length; m++) {
            ln[m] = -ln[m];
        }
        for (int j = 0; j < COMPONENTS; j++) {
            double centre = j < bias.length ? bias[j] : 0;
            double lnSize = Math.log(sizes[j]);
            for (int m = 0; m < ln.length; m++) {
                ln[m] += shape.ln((z[j][m] - centre) / sizes[j]) - lnSize;
            }
        }
        double most = Arrays.stream(ln).max().orElse(0);
        for (int m = 0; m < ln.length; m++) {
            ln[m] = Math.exp(ln[m] - most);
        }
        return ln;
    }
}
