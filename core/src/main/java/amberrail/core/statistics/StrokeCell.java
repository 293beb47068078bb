package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A stroke's table with attempts at it, ready to be asked for their likelihood at any sizes and biases: how near each clean landing lies to each
 * stroke's does not depend on them, and is worked out once.
 *
 * @see "statistics/methods.md, section 6, Likelihood of one attempt; Wood 2010"
 */
public final class StrokeCell {
    private static final double NEAR = 0.99;
    private static final double ANYWHERE = 0.01;
    private static final double ANYTHING = 0.001;
    private static final double WIDE = 27;
    private static final double KERNEL_SHARE = 0.15;
    private static final double FARTHEST = 18;
    private static final double LEAST_VARIANCE = 1;
    private static final double[] BAND = {1, 1, 1, 1};

    /**
     * An attempt as a coach records it.
     *
     * @param landing    of a clean pot, where it was seen (mm)
     * @param placingSdMillimetres of its mark
     */
    public record Seen(String outcome, Optional<Point> landing, double placingSdMillimetres) {
        public Seen {
            Require.notNegative("attempts.placingSd", placingSdMillimetres);
        }
    }

    private final StrokeTable table;
    private final List<Seen> attempts;
    private final int[][] near;
    private final double[][] kernel;
    /** The share of a landing that may lie anywhere; -1 for an attempt without one. */
    private final double[] anywhere;
    /** The number of its outcome; -1 for one that no stroke of the table had. */
    private final int[] classOf;

    public StrokeCell(StrokeTable table, List<Seen> attempts) {
        this.table = table;
        this.attempts = List.copyOf(attempts);
        double[] v = landingVariance(table);
        near = new int[attempts.size()][];
        kernel = new double[attempts.size()][];
        anywhere = new double[attempts.size()];
        classOf = new int[attempts.size()];
        for (int t = 0; t < attempts.size(); t++) {
            Seen seen = attempts.get(t);
            classOf[t] = table.classes().indexOf(seen.outcome());
            boolean landed =
                    seen.outcome().equals(StrokeTable.CLEAN) && seen.landing().isPresent();
            anywhere[t] = -1;
            if (landed) {
                double r = seen.placingSdMillimetres() * seen.placingSdMillimetres();
                anywhere[t] = ANYWHERE / (2 * Math.PI * WIDE * Math.sqrt((v[0] + r) * (v[1] + r)));
                place(
                        t,
                        seen.landing().get(),
                        r + KERNEL_SHARE * KERNEL_SHARE * v[0],
                        r + KERNEL_SHARE * KERNEL_SHARE * v[1]);
            }
        }
    }

    /** Of the clean strokes at the band's own sizes, along x and y (mm²). */
    private static double[] landingVariance(StrokeTable table) {
        return StrokeMean.of(table, BAND, StrokeShape.NORMAL)
                .covariance()
                .map(c -> new double[] {Math.max(LEAST_VARIANCE, c.first()), Math.max(LEAST_VARIANCE, c.second())})
                .orElse(new double[] {LEAST_VARIANCE, LEAST_VARIANCE});
    }

    private void place(int attempt, Point landing, double varianceX, double varianceY) {
        int[] index = new int[table.size()];
        double[] value = new double[table.size()];
        int count = 0;
        double scale = NEAR / (2 * Math.PI * Math.sqrt(varianceX * varianceY));
        for (int m = 0; m < table.size(); m++) {
            if (!table.isClean(m)) {
                continue;
            }
            double dx = landing.xMillimetres() - table.x(m);
            double dy = landing.yMillimetres() - table.y(m);
            double distance = dx * dx / varianceX + dy * dy / varianceY;
            if (distance < FARTHEST) {
                index[count] = m;
                value[count++] = scale * Math.exp(-0.5 * distance);
            }
        }
        near[attempt] = Arrays.copyOf(index, count);
        kernel[attempt] = Arrays.copyOf(value, count);
    }

    public StrokeTable table() {
        return table;
    }

    public List<Seen> attempts() {
        return attempts;
    }

    /** The likelihood of every attempt, in order. */
    double[] likelihoods(double[] sizes, double[] bias, StrokeShape shape) {
        double[] w = table.weights(sizes, bias, shape);
        double[] byClass = new double[table.classes().size()];
        double sum = 0;
        for (int m = 0; m < w.length; m++) {
            byClass[table.classOf(m)] += w[m];
            sum += w[m];
        }
        double[] likelihoods = new double[attempts.size()];
        for (int t = 0; t < likelihoods.length; t++) {
            likelihoods[t] = likelihood(t, w, byClass, sum);
        }
        return likelihoods;
    }

    private double likelihood(int t, double[] w, double[] byClass, double sum) {
        if (anywhere[t] < 0) {
            return (classOf[t] < 0 ? 0 : byClass[classOf[t]] / sum) + ANYTHING;
        }
        double here = anywhere[t] * byClass[0];
        for (int i = 0; i < near[t].length; i++) {
            here += kernel[t][i] * w[near[t][i]];
        }
        return here / sum;
    }

    /** What a component of the last attempt's errors was on average, if it came of these sizes (in the band's). */
    double meanOfLast(int component, double[] sizes, StrokeShape shape) {
        double[] w = table.weights(sizes, new double[0], shape);
        int t = attempts.size() - 1;
        double sum = 0;
        double moment = 0;
        if (anywhere[t] < 0) {
            for (int m = 0; m < w.length; m++) {
                if (table.classOf(m) == classOf[t]) {
                    sum += w[m];
                    moment += w[m] * table.z(component, m);
                }
            }
        } else {
            for (int i = 0; i < near[t].length; i++) {
                double weight = kernel[t][i] * w[near[t][i]];
                sum += weight;
                moment += weight * table.z(component, near[t][i]);
            }
        }
        return sum > 0 ? moment / sum : 0;
    }

    /**
     * How likely a clean landing as far off as the last attempt's is, or farther, by its Mahalanobis distance from where clean strokes of these sizes
     * land; 1 where the last attempt has none.
     */
    public double chanceOfSoFarOff(double[] sizes, StrokeShape shape) {
        int t = attempts.size() - 1;
        Optional<Point> landing =
                anywhere[t] < 0 ? Optional.empty() : attempts.get(t).landing();
        StrokeMean mean = StrokeMean.of(table, sizes, shape);
        if (landing.isEmpty() || mean.mean().isEmpty()) {
            return 1;
        }
        double r = Math.pow(attempts.get(t).placingSdMillimetres(), 2);
        Covariance s = mean.covariance().orElseThrow();
        Covariance whole = new Covariance(s.first() + r, s.mixed(), s.second() + r);
        Point middle = mean.mean().get();
        double off = distance(whole, landing.get().minus(middle));
        double[] w = table.weights(sizes, new double[0], shape);
        double sum = 0;
        double farther = 0;
        for (int m = 0; m < w.length; m++) {
            if (table.isClean(m)) {
                sum += w[m];
                farther += distance(whole, new Point(table.x(m), table.y(m)).minus(middle)) >= off ? w[m] : 0;
            }
        }
        return sum > 0 ? farther / sum : 1;
    }

    private static double distance(Covariance covariance, Point off) {
        return covariance.inverseQuadraticForm(off.xMillimetres(), off.yMillimetres());
    }

    /** Adds the attempts' log likelihoods and their derivatives at a point. */
    void addTo(LogPosterior sums, double[] sizes, double[] bias, StrokeShape shape) {
        double[] w = table.weights(sizes, bias, shape);
        StrokeScores scores = new StrokeScores(table, sizes, bias, shape);
        StrokeScores.Sums whole = new StrokeScores.Sums();
        StrokeScores.Sums[] byClass = new StrokeScores.Sums[table.classes().size()];
        for (int c = 0; c < byClass.length; c++) {
            byClass[c] = new StrokeScores.Sums();
        }
        for (int m = 0; m < w.length; m++) {
            scores.add(byClass[table.classOf(m)], m, w[m]);
        }
        for (StrokeScores.Sums one : byClass) {
            whole.add(one, 1);
        }
        for (int t = 0; t < attempts.size(); t++) {
            StrokeScores.Sums here = new StrokeScores.Sums();
            double beside = 0;
            if (anywhere[t] < 0) {
                beside = ANYTHING;
                if (classOf[t] >= 0) {
                    here.add(byClass[classOf[t]], 1);
                }
            } else {
                here.add(byClass[0], anywhere[t]);
                for (int i = 0; i < near[t].length; i++) {
                    scores.add(here, near[t][i], kernel[t][i] * w[near[t][i]]);
                }
            }
            sums.add(here, whole, beside);
        }
    }
}
