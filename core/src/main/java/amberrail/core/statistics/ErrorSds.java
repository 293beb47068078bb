package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Optional;

/**
 * A student's own error sizes, from many landings over several drills: one drill's Jacobian cannot part the causes.
 *
 * @param sd         of each cause, in its own unit
 * @param intervals  90 %, approximate
 * @param resolution how much the landings told of each cause; below 0.3 it is mostly the prior
 * @param reason     {@code NO_DATA} where there is no landing: then it is the prior
 * @see "statistics/methods.md, errorSds; Dempster, Laird and Rubin 1977"
 */
public record ErrorSds(double[] sd, List<Interval> intervals, double[] resolution, Optional<Reason> reason) {
    private static final double TAIL = 0.05;
    private static final double SMALLEST_CHANGE = 1e-10;
    private static final int MOST_STEPS = 100_000;

    /** One landing: mm for a unit of each cause (line, speed), and its error. */
    public record Landing(double[][] jacobian, double line, double speed) {}

    /**
     * @param noise       covariance of placing the mark, 2x2 (mm²)
     * @param priorSd     usual size of each cause
     * @param priorWeight how many landings the prior is worth, above 0
     */
    public static ErrorSds of(List<Landing> landings, double[][] noise, double[] priorSd, double priorWeight) {
        Require.positive("priorWeight", priorWeight);
        int k = priorSd.length;
        for (Landing landing : landings) {
            checked(landing, priorSd, noise);
        }
        double[] variance = new double[k];
        for (int j = 0; j < k; j++) {
            variance[j] = Require.positive("priorSd", priorSd[j]) * priorSd[j];
        }
        boolean moves = !landings.isEmpty();
        for (int step = 0; moves && step < MOST_STEPS; step++) {
            double[] next = improved(landings, noise, priorSd, priorWeight, variance);
            moves = false;
            for (int j = 0; j < k; j++) {
                moves |= Math.abs(Math.sqrt(next[j] / variance[j]) - 1) >= SMALLEST_CHANGE;
            }
            variance = next;
        }
        return described(landings, noise, priorWeight, variance);
    }

    private static void checked(Landing landing, double[] priorSd, double[][] noise) {
        try {
            new CauseModel(landing.jacobian(), priorSd, noise);
        } catch (InvalidInputException e) {
            throw e.field().equals("jacobian")
                            || e.field().equals("priorSd") && e.code() == ProblemCode.DIMENSION_MISMATCH
                    ? new InvalidInputException(e.code(), "attempts.jacobian", e.value(), e.rule())
                    : e;
        }
        Require.finite("attempts.error", landing.line());
        Require.finite("attempts.error", landing.speed());
    }

    /** One step of expectation and maximisation. */
    private static double[] improved(
            List<Landing> landings, double[][] noise, double[] priorSd, double priorWeight, double[] variance) {
        int k = priorSd.length;
        double[] sums = new double[k];
        double[] sd = roots(variance);
        for (Landing landing : landings) {
            CauseModel.Posterior at =
                    new CauseModel(landing.jacobian(), sd, noise).given(landing.line(), landing.speed());
            for (int j = 0; j < k; j++) {
                sums[j] += at.mean()[j] * at.mean()[j] + at.covariance()[j][j];
            }
        }
        double[] next = new double[k];
        for (int j = 0; j < k; j++) {
            next[j] = (sums[j] + priorWeight * priorSd[j] * priorSd[j]) / (landings.size() + priorWeight);
        }
        return next;
    }

    private static ErrorSds described(List<Landing> landings, double[][] noise, double priorWeight, double[] variance) {
        int k = variance.length;
        double[] sd = roots(variance);
        double[] resolution = new double[k];
        for (Landing landing : landings) {
            CauseModel.Posterior at =
                    new CauseModel(landing.jacobian(), sd, noise).given(landing.line(), landing.speed());
            for (int j = 0; j < k; j++) {
                resolution[j] += (1 - at.covariance()[j][j] / variance[j]) / landings.size();
            }
        }
        Interval[] intervals = new Interval[k];
        for (int j = 0; j < k; j++) {
            double df = priorWeight + landings.size() * resolution[j];
            intervals[j] = new Interval(
                    sd[j] * Math.sqrt(df / Quantile.chiSquared(1 - TAIL, df)),
                    sd[j] * Math.sqrt(df / Quantile.chiSquared(TAIL, df)));
        }
        return new ErrorSds(
                sd,
                List.of(intervals),
                resolution,
                landings.isEmpty() ? Optional.of(Reason.NO_DATA) : Optional.empty());
    }

    private static double[] roots(double[] variance) {
        double[] sd = new double[variance.length];
        for (int j = 0; j < sd.length; j++) {
            sd[j] = Math.sqrt(variance[j]);
        }
        return sd;
    }
}
