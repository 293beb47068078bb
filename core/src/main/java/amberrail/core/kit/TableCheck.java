package amberrail.core.kit;

import amberrail.core.kit.TableEstimate.Posterior;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Quantile;
import java.util.List;

/**
 * A table's numbers from all readings together: rolls, rebounds and slides. Priors about the preset as in {@link ClothScale}; the mode by
 * {@link JointFit}, the curvature there as covariance, restitution cut at 1.
 *
 * @see "kit/README.md, Estimation"
 */
public final class TableCheck {
    static final double HALF_WIDTH = Quantile.normal(0.5 + Estimated.LEVEL / 2);
    private static final int MOST_READINGS = 200;

    private TableCheck() {}

    public static TableEstimate of(CheckedTable table, List<Reading> readings) {
        return of(table, readings, ReadingNoise.USUAL);
    }

    /** {@code INVALID_PARAMETER} for a reading that is none of a table, or too many. */
    public static TableEstimate of(CheckedTable table, List<Reading> readings, ReadingNoise noise) {
        requireOfTable(readings);
        ReadingModels models = new ReadingModels(table, noise);
        double[] mean = new double[ClothScale.SIZE];
        double[][] precision = Matrices.diagonal(ClothScale.SIZE, 1);
        Faults faults = new Faults(reading -> models.of(reading, 0, null), mean, precision);
        JointFit.Found found = faults.fit(readings);
        ClothScale scale = new ClothScale(table.preset());
        double[] z = found.mode();
        double[][] covariance = found.covariance();
        TableFigures figures = new TableFigures(
                log(scale.rolling(z[ClothScale.ROLLING]), covariance, ClothScale.ROLLING),
                log(scale.sliding(z[ClothScale.SLIDING]), covariance, ClothScale.SLIDING),
                restitution(scale.restitution(z[ClothScale.RESTITUTION]), covariance),
                drift(scale.drift(z[ClothScale.DRIFT_X]), covariance, ClothScale.DRIFT_X),
                drift(scale.drift(z[ClothScale.DRIFT_Y]), covariance, ClothScale.DRIFT_Y));
        return new TableEstimate(figures, faults.among(readings, found), new Posterior(z, found.precision()));
    }

    private static void requireOfTable(List<Reading> readings) {
        if (readings.size() > MOST_READINGS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "readings", readings.size(), "must be at most " + MOST_READINGS);
        }
        if (readings.stream().anyMatch(SideReading.class::isInstance)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "readings", "side", "must be rolls, rebounds and slides");
        }
    }

    static Estimated log(double value, double[][] covariance, int unknown) {
        double half = HALF_WIDTH * ClothScale.LOG_SPREAD * Math.sqrt(covariance[unknown][unknown]);
        return new Estimated(value, new Interval(value * Math.exp(-half), value * Math.exp(half)));
    }

    private static Estimated drift(double value, double[][] covariance, int unknown) {
        double half = HALF_WIDTH * ClothScale.DRIFT_SPREAD * Math.sqrt(covariance[unknown][unknown]);
        return new Estimated(value, new Interval(value - half, value + half));
    }

    /** A normal distribution cut at 1: its mean, and the quantiles of what is left. */
    static Estimated restitution(double mode, double[][] covariance) {
        double sd =
                ClothScale.RESTITUTION_SPREAD * Math.sqrt(covariance[ClothScale.RESTITUTION][ClothScale.RESTITUTION]);
        double below = Normal.cumulative((1 - mode) / sd);
        double tail = (1 - Estimated.LEVEL) / 2;
        double cut = (1 - mode) / sd;
        double mean = mode - sd * Normal.density(cut) / below;
        return new Estimated(
                Math.max(0, mean),
                new Interval(
                        Math.max(0, mode + sd * Quantile.normal(below * tail)),
                        Math.min(1, mode + sd * Quantile.normal(below * (1 - tail)))));
    }
}
