package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Optional;

/**
 * Whether a student's clean landings have another middle than the stroke itself has in the hands of somebody without any bias.
 *
 * @param fit    empty where nothing can be said
 * @param real   whether a bias is spoken of at all
 * @param reason {@code NO_DATA}, {@code TOO_FEW} under five, {@code ZERO_SPREAD}, {@code COLLINEAR}
 * @see "statistics/methods.md, biasAgainst; Hotelling 1931"
 */
public record BiasAgainst(int n, Optional<Fit> fit, boolean real, Optional<Reason> reason) {
    private static final int FEWEST = 5;
    private static final double NO_SPREAD = 1e-12;
    private static final double FLAT = 1e-9;

    /** Bias of the mean against the expected one, line and speed (mm), each with its interval; T², F and p as in {@link BiasTest}. */
    public record Fit(
            double biasLineMillimetres,
            double biasSpeedMillimetres,
            Interval biasLineInterval,
            Interval biasSpeedInterval,
            double tSquared,
            double f,
            int df1,
            int df2,
            double p) {}

    /**
     * @param errors        of clean pots: potted clean, no jaw, no foul, no in-off
     * @param expectedLine  simulated mean of the stroke's clean landings at the student's sizes, left positive (mm)
     * @param expectedSpeed long positive (mm)
     * @param expectedCovariance how unsure that mean is, line and speed (mm²), else {@code INVALID_MATRIX}
     */
    public static BiasAgainst of(
            List<ArrivalError> errors,
            double expectedLine,
            double expectedSpeed,
            Covariance expectedCovariance,
            double level) {
        Require.level(level);
        Require.finite("expected", expectedLine);
        Require.finite("expected", expectedSpeed);
        double smaller = expectedCovariance.determinant() < 0 ? -1 : expectedCovariance.minor();
        if (expectedCovariance.first() < 0 || expectedCovariance.second() < 0 || smaller < 0) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_MATRIX, "expectedCovariance", expectedCovariance, "must be a covariance");
        }
        int n = errors.size();
        if (n < FEWEST) {
            return without(n, n == 0 ? Reason.NO_DATA : Reason.TOO_FEW);
        }
        Covariance s = Covariance.of(errors, ArrivalError::lineMillimetres, ArrivalError::speedMillimetres);
        if (s.major() <= NO_SPREAD) {
            return without(n, Reason.ZERO_SPREAD);
        }
        Covariance c = new Covariance(
                s.first() / n + expectedCovariance.first(),
                s.mixed() / n + expectedCovariance.mixed(),
                s.second() / n + expectedCovariance.second());
        if (c.minor() <= FLAT * c.major()) {
            return without(n, Reason.COLLINEAR);
        }
        double line = mean(errors, true) - expectedLine;
        double speed = mean(errors, false) - expectedSpeed;
        double tSquared = c.inverseQuadraticForm(line, speed);
        double p = Math.pow(1 + tSquared / (n - 1), -(n - 2) / 2.0);
        double t = Quantile.studentT(1 - (1 - level) / 2, n - 1);
        Fit fit = new Fit(
                line,
                speed,
                Interval.around(line, t * Math.sqrt(c.first())),
                Interval.around(speed, t * Math.sqrt(c.second())),
                tSquared,
                tSquared * (n - 2) / (2.0 * (n - 1)),
                2,
                n - 2,
                p);
        return new BiasAgainst(n, Optional.of(fit), p < 1 - level, Optional.empty());
    }

    private static double mean(List<ArrivalError> errors, boolean line) {
        return errors.stream()
                .mapToDouble(error -> line ? error.lineMillimetres() : error.speedMillimetres())
                .average()
                .orElseThrow();
    }

    private static BiasAgainst without(int n, Reason reason) {
        return new BiasAgainst(n, Optional.empty(), false, Optional.of(reason));
    }
}
