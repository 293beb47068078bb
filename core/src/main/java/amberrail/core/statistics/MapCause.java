package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Optional;
import java.util.OptionalInt;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Why a shot landed where it did: the most likely errors of the stroke, given where it landed and what became of the pot.
 *
 * @param estimate           of each cause, in its own unit
 * @param inPriorSds         the same in usual sizes
 * @param posteriorSd        how unsure each is
 * @param resolution         how much the shot told of each cause, 0 to 1; below 0.3 it cannot be told from this shot
 * @param residual           what the causes leave unexplained: line, speed (mm)
 * @param surpriseP          chance of a shot as odd as this; below 0.001 ask whether the record is right
 * @param probabilityOrdinary that nothing was out of the usual
 * @param probabilityCause   that each cause was three times its usual size
 * @param likely             the cause that is more likely than everything else together
 * @see "statistics/methods.md, mapCause"
 */
public record MapCause(
        double[] estimate,
        double[] inPriorSds,
        double[] posteriorSd,
        double[] resolution,
        double[] residual,
        double surpriseP,
        double probabilityOrdinary,
        double[] probabilityCause,
        OptionalInt likely) {
    private static final double ORDINARY_WEIGHT = 0.7;
    private static final double OUT_OF_THE_USUAL_TIMES = 3;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** What the pot says of one cause: it was between these (its unit), an open end is infinite. */
    public record Bounds(int index, double low, double high) {
        public Bounds {
            if (Double.isNaN(low) || Double.isNaN(high)) {
                throw new InvalidInputException(ProblemCode.NOT_FINITE, "aim", low, "must be numbers or left out");
            }
            if (low >= high) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, "aim", low, "must have its low end below its high end");
            }
        }

        double clip(double value) {
            return Math.min(high, Math.max(low, value));
        }

        /** Chance of lying between the bounds. */
        double probability(double mean, double variance) {
            double sd = Math.sqrt(Math.max(variance, 1e-300));
            return NORMAL.cumulativeProbability((high - mean) / sd) - NORMAL.cumulativeProbability((low - mean) / sd);
        }
    }

    /**
     * @param jacobian two rows (line, speed), a column for each cause: mm for one unit of it
     * @param priorSd  usual size of each cause
     * @param line     error across the way of travel, left positive (mm)
     * @param speed    error along it, long positive (mm)
     * @param noise    covariance of placing the mark, 2x2 (mm²)
     * @param aim      what the pot says
     * @throws InvalidInputException {@code DIMENSION_MISMATCH}, {@code NOT_FINITE}, {@code INVALID_PARAMETER} or {@code INVALID_MATRIX}
     */
    public static MapCause of(
            double[][] jacobian, double[] priorSd, double line, double speed, double[][] noise, Optional<Bounds> aim) {
        CauseModel model = new CauseModel(jacobian, priorSd, noise);
        Require.finite("error", line);
        Require.finite("error", speed);
        aim.ifPresent(bounds -> Require.between("aim.index", bounds.index(), 0, model.causes() - 1));
        CauseModel.Posterior posterior = model.given(line, speed);
        double[] u = constrained(posterior, aim);
        int k = model.causes();
        double[] inSds = new double[k];
        double[] sd = new double[k];
        double[] resolution = new double[k];
        double cost = 0;
        double[] residual = {line, speed};
        for (int j = 0; j < k; j++) {
            inSds[j] = u[j] / priorSd[j];
            sd[j] = Math.sqrt(posterior.covariance()[j][j]);
            resolution[j] = 1 - posterior.covariance()[j][j] / (priorSd[j] * priorSd[j]);
            cost += inSds[j] * inSds[j];
            residual[0] -= jacobian[0][j] * u[j];
            residual[1] -= jacobian[1][j] * u[j];
        }
        cost += CauseModel.form(CauseModel.inverse(noise), residual[0], residual[1]);
        double[] weights = weights(model, line, speed, aim);
        double[] causes = new double[k];
        System.arraycopy(weights, 1, causes, 0, k);
        return new MapCause(
                u, inSds, sd, resolution, residual, Math.exp(-cost / 2), weights[0], causes, likely(causes));
    }

    /** Step 2 of the method: the exact constrained maximum where the pot's bounds are broken. */
    private static double[] constrained(CauseModel.Posterior posterior, Optional<Bounds> aim) {
        double[] u = posterior.mean().clone();
        if (aim.isPresent()) {
            int a = aim.get().index();
            double off = aim.get().clip(u[a]) - u[a];
            for (int j = 0; j < u.length; j++) {
                u[j] += posterior.covariance()[j][a] / posterior.covariance()[a][a] * off;
            }
        }
        return u;
    }

    /** Of nothing unusual first, then of each cause; they add up to 1. */
    private static double[] weights(CauseModel model, double line, double speed, Optional<Bounds> aim) {
        int k = model.causes();
        double[] logs = new double[k + 1];
        logs[0] = Math.log(ORDINARY_WEIGHT) + logEvidence(model, line, speed, aim);
        for (int j = 0; j < k; j++) {
            logs[j + 1] = Math.log((1 - ORDINARY_WEIGHT) / k)
                    + logEvidence(model.enlarged(j, OUT_OF_THE_USUAL_TIMES), line, speed, aim);
        }
        double most = Double.NEGATIVE_INFINITY;
        for (double one : logs) {
            most = Math.max(most, one);
        }
        double sum = 0;
        for (int i = 0; i < logs.length; i++) {
            // Where every hypothesis is impossible beyond arithmetic, nothing is said against the ordinary.
            logs[i] = most == Double.NEGATIVE_INFINITY ? (i == 0 ? 1 : 0) : Math.exp(logs[i] - most);
            sum += logs[i];
        }
        for (int i = 0; i < logs.length; i++) {
            logs[i] /= sum;
        }
        return logs;
    }

    private static double logEvidence(CauseModel model, double line, double speed, Optional<Bounds> aim) {
        double density = model.logDensity(line, speed);
        if (aim.isEmpty()) {
            return density;
        }
        CauseModel.Posterior posterior = model.given(line, speed);
        int a = aim.get().index();
        return density
                + Math.log(aim.get().probability(posterior.mean()[a], posterior.covariance()[a][a]));
    }

    private static OptionalInt likely(double[] causes) {
        int greatest = 0;
        for (int j = 1; j < causes.length; j++) {
            greatest = causes[j] > causes[greatest] ? j : greatest;
        }
        return causes[greatest] > 0.5 ? OptionalInt.of(greatest) : OptionalInt.empty();
    }
}
