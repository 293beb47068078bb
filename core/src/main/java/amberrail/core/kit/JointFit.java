package amberrail.core.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Levenberg-Marquardt over unknowns that all readings share and those that each try has for itself, which are eliminated reading by reading
 * (Schur complement). What is shared has a normal prior; errors are Student's t with 4 degrees of freedom, as least squares of
 * sign(r)·√((ν+1) ln(1 + r²/ν)).
 *
 * @see "Levenberg 1944; Marquardt 1963; Lange, Little and Taylor 1989; Tierney and Kadane 1986 (the curvature as covariance)"
 */
final class JointFit {
    private static final double FREEDOM = 4;
    /** Of numerical derivatives; wide enough that the engine's own accuracy (10 micrometres on a sloping table) does not show. */
    private static final double SHARED_STEP = 5e-3;

    private static final double OWN_STEP = 1e-3;
    /** Holds a value fast. */
    private static final double NAILED = 1e7;

    private static final int MOST_ITERATIONS = 60;
    /** In units of chi-square. */
    private static final double DONE = 1e-5;

    /** A density is wanted to a few per cent. */
    private static final double DONE_OF_A_DENSITY = 0.01;

    private static final double HEAVIEST_DAMPING = 1e12;

    private final List<ReadingModel> models;
    private final double[] priorMean;
    private final double[][] priorPrecision;
    private double[] shared;
    private final List<double[]> owns = new ArrayList<>();
    private double[][] precision;
    private boolean sharedIsHeld;

    /**
     * What was found.
     *
     * @param mode       of what is shared
     * @param precision  of it there, each try's own taken out
     * @param chiSquares of each reading at the mode, its own unknowns' prior included
     * @param fit        to ask more of
     */
    record Found(double[] mode, double[][] precision, double[] chiSquares, JointFit fit) {
        double[][] covariance() {
            return Matrices.inverse(precision);
        }
    }

    private JointFit(List<ReadingModel> models, double[] priorMean, double[][] priorPrecision) {
        this.models = models;
        this.priorMean = priorMean;
        this.priorPrecision = priorPrecision;
        shared = priorMean.clone();
        models.forEach(model -> owns.add(model.start(priorMean)));
    }

    static Found of(List<ReadingModel> models, double[] priorMean, double[][] priorPrecision) {
        return from(priorMean, models, priorMean, priorPrecision);
    }

    /** Begun where the answer is believed to lie: it is the same, and sooner there. */
    static Found from(double[] start, List<ReadingModel> models, double[] priorMean, double[][] priorPrecision) {
        JointFit fit = new JointFit(models, priorMean, priorPrecision);
        fit.shared = start.clone();
        fit.settleOwn();
        fit.run();
        double[] chiSquares = new double[models.size()];
        for (int i = 0; i < chiSquares.length; i++) {
            chiSquares[i] = fit.chiSquare(i);
        }
        return new Found(fit.shared, fit.precision, chiSquares, fit);
    }

    /** Each try's own unknowns first, with what is shared held fast: a good start. */
    private void settleOwn() {
        List<double[]> settled = IntStream.range(0, models.size())
                .parallel()
                .mapToObj(i -> {
                    JointFit alone = new JointFit(List.of(models.get(i)), shared, Matrices.diagonal(shared.length, 1));
                    alone.sharedIsHeld = true;
                    alone.run();
                    return alone.owns.get(0);
                })
                .toList();
        for (int i = 0; i < settled.size(); i++) {
            owns.set(i, settled.get(i));
        }
    }

    private void run() {
        run(DONE);
    }

    private void run(double enough) {
        double damping = 1e-3;
        double cost = cost(shared, owns);
        for (int iteration = 0; iteration < MOST_ITERATIONS; iteration++) {
            Step step = step(damping);
            double next = cost(step.shared, step.owns);
            if (next <= cost) {
                boolean done = cost - next < enough;
                shared = step.shared;
                for (int i = 0; i < owns.size(); i++) {
                    owns.set(i, step.owns.get(i));
                }
                cost = next;
                damping = Math.max(1e-9, damping * 0.2);
                if (done) {
                    break;
                }
            } else {
                damping *= 8;
                if (damping > HEAVIEST_DAMPING) {
                    break;
                }
            }
        }
        if (!sharedIsHeld) {
            precision = step(0).precision;
        }
    }

    /**
     * ln of the marginal density of one of what is shared, at some values and without a constant: everything else at its top there, with
     * Laplace's determinants. It shows what the curvature at the top alone does not: that small squirt is told less well than large.
     *
     * @see "Tierney and Kadane 1986, equation 4.1"
     */
    double[] logMarginal(int p, double[] values) {
        double[] found = shared.clone();
        List<double[]> foundOwns = owns.stream().map(double[]::clone).toList();
        double[] logs = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            JointFit held = new JointFit(models, heldMean(p, values[i]), heldPrecision(p));
            held.shared = found.clone();
            held.shared[p] = values[i];
            for (int k = 0; k < owns.size(); k++) {
                held.owns.set(k, foundOwns.get(k).clone());
            }
            held.run(DONE_OF_A_DENSITY);
            double determinants = 0;
            for (int k = 0; k < models.size(); k++) {
                determinants += Math.log(Matrices.determinant(held.ownCurvature(k)));
            }
            logs[i] = -0.5
                    * (cost(held.shared, held.owns) + Math.log(Matrices.determinant(held.precision)) + determinants);
        }
        return logs;
    }

    /** The same prior with one value nailed down; the others keep theirs as they are, given that value's own prior is counted apart. */
    private double[] heldMean(int p, double value) {
        double[] mean = priorMean.clone();
        mean[p] = value;
        return mean;
    }

    private double[][] heldPrecision(int p) {
        double[][] nailed = Matrices.copy(priorPrecision);
        nailed[p][p] += NAILED;
        return nailed;
    }

    private double[][] ownCurvature(int i) {
        ReadingModel model = models.get(i);
        double[] own = owns.get(i);
        double[] base = new double[model.observations()];
        model.residuals(shared, own, base);
        int m = shared.length;
        double[][] jacobian = jacobian(model, own, base, m);
        double[][] d = new double[own.length][own.length];
        for (int k = 0; k < own.length; k++) {
            for (int l = 0; l < own.length; l++) {
                for (int o = 0; o < base.length; o++) {
                    d[k][l] += (FREEDOM + 1) / FREEDOM * jacobian[o][m + k] * jacobian[o][m + l];
                }
            }
            d[k][k] += k > 0 ? 1 : 1e-12;
        }
        return d;
    }

    private record Step(double[] shared, List<double[]> owns, double[][] precision) {}

    private Step step(double damping) {
        int m = shared.length;
        double[][] h = new double[m][m];
        double[] g = new double[m];
        for (int a = 0; a < m; a++) {
            for (int b = 0; b < m; b++) {
                h[a][b] = priorPrecision[a][b];
                g[a] += priorPrecision[a][b] * (shared[b] - priorMean[b]);
            }
        }
        // Side by side, and added up in their order: the same readings give the same answer to the last digit.
        List<Block> blocks = IntStream.range(0, models.size())
                .parallel()
                .mapToObj(i -> block(i, damping))
                .toList();
        blocks.forEach(block -> block.addTo(h, g));
        double[][] damped = Matrices.copy(h);
        for (int a = 0; a < m; a++) {
            damped[a][a] += damping * h[a][a];
        }
        double[] move = Matrices.solve(damped, negative(g));
        double[] next = shared.clone();
        for (int a = 0; a < m; a++) {
            next[a] += move[a];
        }
        List<double[]> nextOwns = new ArrayList<>();
        for (int i = 0; i < models.size(); i++) {
            nextOwns.add(blocks.get(i).own(owns.get(i), move));
        }
        return new Step(next, nextOwns, h);
    }

    /** One reading's part of the normal equations, with its own unknowns eliminated. */
    private record Block(double[][] a, double[][] b, double[][] dInverse, double[] gShared, double[] gOwn) {
        void addTo(double[][] h, double[] g) {
            double[][] bd = Matrices.product(b, dInverse);
            for (int i = 0; i < a.length; i++) {
                for (int j = 0; j < a.length; j++) {
                    h[i][j] += a[i][j];
                    for (int k = 0; k < dInverse.length; k++) {
                        h[i][j] -= bd[i][k] * b[j][k];
                    }
                }
                g[i] += gShared[i];
                for (int k = 0; k < dInverse.length; k++) {
                    g[i] -= bd[i][k] * gOwn[k];
                }
            }
        }

        double[] own(double[] now, double[] move) {
            double[] right = negative(gOwn);
            for (int k = 0; k < right.length; k++) {
                for (int i = 0; i < move.length; i++) {
                    right[k] -= b[i][k] * move[i];
                }
            }
            double[] next = now.clone();
            for (int k = 0; k < next.length; k++) {
                for (int l = 0; l < next.length; l++) {
                    next[k] += dInverse[k][l] * right[l];
                }
            }
            return next;
        }
    }

    private Block block(int i, double damping) {
        ReadingModel model = models.get(i);
        int m = shared.length;
        int n = model.own();
        int count = model.observations();
        double[] own = owns.get(i);
        double[] base = new double[count];
        model.residuals(shared, own, base);
        double[][] jacobian = jacobian(model, own, base, sharedIsHeld ? m : 0);
        double[][] a = new double[m][m];
        double[][] b = new double[m][n];
        double[][] d = new double[n][n];
        double[] gShared = new double[m];
        double[] gOwn = new double[n];
        for (int o = 0; o < count; o++) {
            double t = robust(base[o]);
            double slope = robustSlope(base[o]);
            for (int p = 0; p < m + n; p++) {
                double jp = slope * jacobian[o][p];
                for (int q = 0; q < m + n; q++) {
                    double jq = slope * jacobian[o][q];
                    if (p < m && q < m) {
                        a[p][q] += jp * jq;
                    } else if (p < m) {
                        b[p][q - m] += jp * jq;
                    } else if (q >= m) {
                        d[p - m][q - m] += jp * jq;
                    }
                }
                if (p < m) {
                    gShared[p] += jp * t;
                } else {
                    gOwn[p - m] += jp * t;
                }
            }
        }
        for (int k = 0; k < n; k++) {
            if (k > 0) {
                d[k][k] += 1;
                gOwn[k] += own[k];
            }
            d[k][k] *= 1 + damping;
            d[k][k] += 1e-12;
        }
        return new Block(a, b, Matrices.inverse(d), gShared, gOwn);
    }

    /** By all unknowns from number {@code from} on, what is shared first; the columns before are zero. */
    private double[][] jacobian(ReadingModel model, double[] own, double[] base, int from) {
        int m = shared.length;
        double[][] jacobian = new double[base.length][m + own.length];
        double[] moved = new double[base.length];
        double[] atShared = shared.clone();
        double[] atOwn = own.clone();
        for (int p = from; p < m + own.length; p++) {
            double[] point = p < m ? atShared : atOwn;
            int at = p < m ? p : p - m;
            double step = p < m ? SHARED_STEP : OWN_STEP;
            double was = point[at];
            point[at] = was + step;
            model.residuals(atShared, atOwn, moved);
            if (isOut(moved) && !isOut(base)) {
                // Just past an edge, where a ball no longer gets to the cushion: the slope on this side is the one that
                // counts.
                step = -step;
                point[at] = was + step;
                model.residuals(atShared, atOwn, moved);
            }
            point[at] = was;
            for (int o = 0; o < base.length; o++) {
                jacobian[o][p] = (moved[o] - base[o]) / step;
            }
        }
        return jacobian;
    }

    private static boolean isOut(double[] residuals) {
        return Arrays.stream(residuals).anyMatch(r -> Math.abs(r) >= ReadingModel.IMPOSSIBLE);
    }

    private double cost(double[] at, List<double[]> own) {
        double cost = 0;
        for (int a = 0; a < at.length; a++) {
            for (int b = 0; b < at.length; b++) {
                cost += (at[a] - priorMean[a]) * priorPrecision[a][b] * (at[b] - priorMean[b]);
            }
        }
        double[] ofReadings = IntStream.range(0, models.size())
                .parallel()
                .mapToDouble(i -> cost(at, own.get(i), i))
                .toArray();
        return cost + Arrays.stream(ofReadings).sum();
    }

    private double cost(double[] at, double[] own, int reading) {
        double cost = 0;
        double[] out = new double[models.get(reading).observations()];
        models.get(reading).residuals(at, own, out);
        for (double r : out) {
            cost += Math.pow(robust(r), 2);
        }
        for (int k = 1; k < own.length; k++) {
            cost += own[k] * own[k];
        }
        return cost;
    }

    private double chiSquare(int i) {
        double[] out = new double[models.get(i).observations()];
        models.get(i).residuals(shared, owns.get(i), out);
        double sum = Arrays.stream(out).map(r -> r * r).sum();
        for (int k = 1; k < owns.get(i).length; k++) {
            sum += owns.get(i)[k] * owns.get(i)[k];
        }
        return sum;
    }

    private static double robust(double r) {
        return Math.signum(r) * Math.sqrt((FREEDOM + 1) * Math.log1p(r * r / FREEDOM));
    }

    private static double robustSlope(double r) {
        double t = robust(r);
        return Math.abs(r) < 1e-6 ? Math.sqrt((FREEDOM + 1) / FREEDOM) : (FREEDOM + 1) * r / (FREEDOM + r * r) / t;
    }

    private static double[] negative(double[] of) {
        return Arrays.stream(of).map(one -> -one).toArray();
    }
}
