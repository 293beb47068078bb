package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What one planned stroke comes to when it strays: strokes of the engine, played once, from whose weights any size of error from half to four times
 * the band's can be read off, and any lasting bias.
 *
 * <p>Reading another size weighs each stroke by the ratio of densities (mixture importance sampling).
 *
 * @see "statistics/methods.md, section 6; Owen and Zhou 2000"
 */
public final class StrokeTable {
    /** The outcome of a stroke that does what is asked of the balls, touches no jaw and leaves the cue ball up: only it has a landing. */
    public static final String CLEAN = "clean";

    private final StrokeDraws draws;
    private final int[] classOf;
    private final List<String> classes;
    private final double[] x;
    private final double[] y;

    /**
     * @param outcomes of each stroke
     * @param landings of the clean ones (mm); null for the others
     */
    public StrokeTable(StrokeDraws draws, List<String> outcomes, List<Point> landings) {
        int n = draws.size();
        if (outcomes.size() != n || landings.size() != n) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "strokes", outcomes.size(), "must be as many as there are strokes");
        }
        this.draws = draws;
        classOf = new int[n];
        x = new double[n];
        y = new double[n];
        Map<String, Integer> names = new LinkedHashMap<>();
        names.put(CLEAN, 0);
        for (int m = 0; m < n; m++) {
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

    public int size() {
        return draws.size();
    }

    /** Clean first, then as they came. */
    public List<String> classes() {
        return classes;
    }

    double z(int component, int stroke) {
        return draws.z(component, stroke);
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
        double[] ln = new double[size()];
        for (int m = 0; m < ln.length; m++) {
            ln[m] = -draws.lnDensity(m);
        }
        for (int j = 0; j < StrokeDraws.COMPONENTS; j++) {
            double[] z = draws.component(j);
            double centre = j < bias.length ? bias[j] : 0;
            double lnSize = Math.log(sizes[j]);
            for (int m = 0; m < ln.length; m++) {
                ln[m] += shape.ln((z[m] - centre) / sizes[j]) - lnSize;
            }
        }
        double most = Arrays.stream(ln).max().orElse(0);
        for (int m = 0; m < ln.length; m++) {
            ln[m] = Math.exp(ln[m] - most);
        }
        return ln;
    }
}
