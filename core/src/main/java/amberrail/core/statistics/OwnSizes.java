package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.List;

/**
 * A student's own error sizes and lasting biases, from attempts at strokes whose tables are known.
 *
 * @param attempts         that they rest on
 * @param heavyProbability that now and then a stroke goes wild
 * @param sizes            of aim, pace and height, in the band's sizes
 * @param sdLog            standard deviation of their logarithms
 * @param lower            ends of their 90 % intervals
 * @param upper            likewise
 * @param bias             of aim, pace and height in the band's sizes
 * @param biasSd           likewise
 * @param told             whether each size may be told at all
 * @param leastEffective   what the poorest table is worth at the top, in equal draws; under {@value #FEWEST_EFFECTIVE} nothing is to be told
 * @see "statistics/methods.md, ownErrors; Tierney and Kadane 1986; Louis 1982"
 */
public record OwnSizes(
        int attempts,
        double heavyProbability,
        double[] sizes,
        double[] sdLog,
        double[] lower,
        double[] upper,
        double[] bias,
        double[] biasSd,
        boolean[] told,
        double leastEffective) {
    public static final int FEWEST_EFFECTIVE = 200;

    private static final int CAUSES = 3;
    private static final int UNKNOWNS = StrokeScores.UNKNOWNS;
    private static final double BIAS_SD = 0.5;
    private static final double OF_THE_TABLE = 0.04;
    private static final double TOLD_SD_LOG = 0.25;
    private static final int TOLD_ATTEMPTS = 60;
    private static final double Z_90 = 1.645;
    private static final int MOST_STEPS = 60;
    /** Of ln sizes and biases in sizes: Newton doubles its right digits, so the step after it would be under 1e-15. */
    private static final double STOP = 1e-8;

    private static final double MOST_STEP = 0.7;
    /** Beyond these the tables tell nothing: half a quarter and eight times the band's sizes, and biases of four. */
    private static final double FARTHEST_LOG_SIZE = Math.log(8);

    private static final double FARTHEST_BIAS = 4;

    /**
     * What is believed beforehand of the logarithms of the sizes.
     *
     * @param mean       of ln of the sizes of aim, pace, height, each over the band's size (without unit)
     * @param covariance 3x3, else {@code INVALID_MATRIX}
     */
    public record Prior(double[] mean, double[][] covariance) {
        public Prior {
            if (mean.length != CAUSES || covariance.length != CAUSES) {
                throw new InvalidInputException(
                        ProblemCode.DIMENSION_MISMATCH, "prior.mean", mean.length, "must have three entries");
            }
            Arrays.stream(mean).forEach(value -> Require.finite("prior.mean", value));
            precision(covariance);
        }

        /** Of all six unknowns: the biases are believed to be 0, give or take half a size. */
        double[][] precisionOfAll() {
            double[][] sizes = precision(covariance);
            double[][] all = new double[UNKNOWNS][UNKNOWNS];
            for (int i = 0; i < CAUSES; i++) {
                System.arraycopy(sizes[i], 0, all[i], 0, CAUSES);
                all[CAUSES + i][CAUSES + i] = 1 / (BIAS_SD * BIAS_SD);
            }
            return all;
        }

        double[] meanOfAll() {
            return Arrays.copyOf(mean, UNKNOWNS);
        }

        private static double[][] precision(double[][] covariance) {
            for (int i = 0; i < CAUSES; i++) {
                for (int j = 0; j < i; j++) {
                    if (Math.abs(covariance[i][j] - covariance[j][i]) > 1e-9) {
                        throw notOne(covariance);
                    }
                }
            }
            try {
                return Cholesky.of(covariance).inverse();
            } catch (IllegalArgumentException indefinite) {
                throw notOne(covariance);
            }
        }

        private static InvalidInputException notOne(double[][] covariance) {
            return new InvalidInputException(
                    ProblemCode.INVALID_MATRIX,
                    "prior.covariance",
                    Arrays.deepToString(covariance),
                    "must be symmetric and positive definite");
        }
    }

    /** The top of the posterior for one shape. */
    private record Top(double[] at, double[][] variance, double evidence) {}

    public static OwnSizes of(List<StrokeCell> cells, Prior prior) {
        Top normal = top(cells, prior, StrokeShape.NORMAL);
        Top heavy = top(cells, prior, StrokeShape.HEAVY);
        double h = 1 / (1 + Math.exp(normal.evidence() - heavy.evidence()));
        int n = cells.stream().mapToInt(cell -> cell.attempts().size()).sum();
        double[] mean = new double[UNKNOWNS];
        double[] sd = new double[UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            mean[i] = (1 - h) * normal.at()[i] + h * heavy.at()[i];
            double variance = (1 - h) * (normal.variance()[i][i] + square(normal.at()[i] - mean[i]))
                    + h * (heavy.variance()[i][i] + square(heavy.at()[i] - mean[i]));
            sd[i] = Math.sqrt(variance + (i < CAUSES ? square(OF_THE_TABLE) : 0));
        }
        double[] sizes = new double[CAUSES];
        double[] lower = new double[CAUSES];
        double[] upper = new double[CAUSES];
        boolean[] told = new boolean[CAUSES];
        for (int i = 0; i < CAUSES; i++) {
            sizes[i] = Math.exp(mean[i]);
            lower[i] = Math.exp(mean[i] - Z_90 * sd[i]);
            upper[i] = Math.exp(mean[i] + Z_90 * sd[i]);
            told[i] = sd[i] <= TOLD_SD_LOG && n >= TOLD_ATTEMPTS;
        }
        return new OwnSizes(
                n,
                h,
                sizes,
                Arrays.copyOf(sd, CAUSES),
                lower,
                upper,
                Arrays.copyOfRange(mean, CAUSES, UNKNOWNS),
                Arrays.copyOfRange(sd, CAUSES, UNKNOWNS),
                told,
                leastEffective(cells, sizes, h));
    }

    private static double leastEffective(List<StrokeCell> cells, double[] sizes, double heavy) {
        StrokeShape shape = heavy > 0.5 ? StrokeShape.HEAVY : StrokeShape.NORMAL;
        return cells.stream()
                .mapToDouble(
                        cell -> StrokeMean.of(cell.table(), four(sizes), shape).effective())
                .min()
                .orElse(0);
    }

    /** ln of each attempt's likelihood at these sizes and biases, cell by cell. */
    public static List<double[]> logLikelihoods(
            List<StrokeCell> cells, double[] sizes, double[] bias, StrokeShape shape) {
        return cells.stream()
                .map(cell -> Arrays.stream(cell.likelihoods(four(sizes), bias, shape))
                        .map(Math::log)
                        .toArray())
                .toList();
    }

    /** Their sum and the log prior (natural logarithms), without constants; sizes over the band's, biases in the band's sizes. */
    public static double logPosterior(
            List<StrokeCell> cells, Prior prior, double[] sizes, double[] bias, StrokeShape shape) {
        double[] at = new double[UNKNOWNS];
        for (int i = 0; i < CAUSES; i++) {
            at[i] = Math.log(Require.positive("sizes", sizes[i]));
            at[CAUSES + i] = Require.finite("bias", bias[i]);
        }
        return posterior(cells, prior, prior.precisionOfAll(), at, shape).value();
    }

    private static LogPosterior posterior(
            List<StrokeCell> cells, Prior prior, double[][] precision, double[] at, StrokeShape shape) {
        double[] sizes = new double[CAUSES];
        for (int i = 0; i < CAUSES; i++) {
            sizes[i] = Math.exp(at[i]);
        }
        double[] bias = Arrays.copyOfRange(at, CAUSES, UNKNOWNS);
        LogPosterior sums = new LogPosterior();
        for (StrokeCell cell : cells) {
            cell.addTo(sums, four(sizes), bias, shape);
        }
        sums.addPrior(at, prior.meanOfAll(), precision);
        return sums;
    }

    /** Newton from what is believed beforehand, a step halved while it would lead down. */
    private static Top top(List<StrokeCell> cells, Prior prior, StrokeShape shape) {
        double[][] precision = prior.precisionOfAll();
        double[] at = prior.meanOfAll();
        LogPosterior here = posterior(cells, prior, precision, at, shape);
        for (int i = 0; i < MOST_STEPS; i++) {
            double[] step = step(here);
            if (Arrays.stream(step).map(Math::abs).max().orElse(0) < STOP) {
                break;
            }
            double share = 1;
            // Sums of hundreds of logarithms are not known better than this.
            double rounding = 1e-12 * (1 + Math.abs(here.value()));
            double[] next = moved(at, step, share);
            LogPosterior there = posterior(cells, prior, precision, next, shape);
            while (there.value() < here.value() - rounding && share > 1e-6) {
                share /= 2;
                next = moved(at, step, share);
                there = posterior(cells, prior, precision, next, shape);
            }
            at = next;
            here = there;
        }
        Cholesky information = information(here);
        return new Top(at, information.inverse(), here.value() - 0.5 * information.lnDeterminant());
    }

    private static double[] step(LogPosterior here) {
        return information(here).solve(here.gradient());
    }

    /** Far from the top the second derivatives may bend upwards: as much is added to their diagonal as makes them bend down. */
    private static Cholesky information(LogPosterior here) {
        double[][] hessian = here.hessian();
        double more = 0;
        for (int tries = 0; tries < MOST_STEPS; tries++) {
            double[][] information = new double[UNKNOWNS][UNKNOWNS];
            for (int i = 0; i < UNKNOWNS; i++) {
                for (int j = 0; j < UNKNOWNS; j++) {
                    information[i][j] = -hessian[i][j] + (i == j ? more : 0);
                }
            }
            try {
                return Cholesky.of(information);
            } catch (IllegalArgumentException bendsUp) {
                more = more == 0 ? 0.5 : 2 * more;
            }
        }
        throw new IllegalStateException("second derivatives that are no numbers: " + Arrays.deepToString(hessian));
    }

    private static double[] moved(double[] at, double[] step, double share) {
        double largest = Arrays.stream(step).map(Math::abs).max().orElse(0);
        double times = share * Math.min(1, MOST_STEP / Math.max(largest, 1e-300));
        double[] next = at.clone();
        for (int i = 0; i < UNKNOWNS; i++) {
            double farthest = i < CAUSES ? FARTHEST_LOG_SIZE : FARTHEST_BIAS;
            next[i] = Math.max(-farthest, Math.min(farthest, at[i] + times * step[i]));
        }
        return next;
    }

    /** Side errs as much as height does. */
    private static double[] four(double[] sizes) {
        return new double[] {sizes[0], sizes[1], sizes[2], sizes[2]};
    }

    private static double square(double value) {
        return value * value;
    }
}
