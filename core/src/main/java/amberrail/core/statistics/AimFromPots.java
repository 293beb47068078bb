package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Optional;

/**
 * A student's aim error from how often pots are missed thick and thin (mrad).
 *
 * @param sd     spread of the aim; empty with {@code TOO_FEW}
 * @param bias   thick positive
 * @param reason {@code TOO_FEW}: no figures; {@code NO_MISSES}: hardly more than a guide, the shot is too easy to measure aim
 * @see "statistics/methods.md, aimFromPots"
 */
public record AimFromPots(Optional<Double> sd, Optional<Double> bias, Optional<Reason> reason) {
    private static final int FEWEST = 5;

    /** Counts of 0 or more; tolerances above 0: how far the aim may be off to either side. */
    public static AimFromPots of(int thick, int made, int thin, double toleranceThick, double toleranceThin) {
        count("thick", thick);
        count("made", made);
        count("thin", thin);
        Require.positive("toleranceThick", toleranceThick);
        Require.positive("toleranceThin", toleranceThin);
        int n = thick + made + thin;
        if (n < FEWEST) {
            return new AimFromPots(Optional.empty(), Optional.empty(), Optional.of(Reason.TOO_FEW));
        }
        double z1 = Quantile.normal(1 - (thick + 0.5) / (n + 1.5));
        double z2 = Quantile.normal((thin + 0.5) / (n + 1.5));
        double sd = (toleranceThick + toleranceThin) / (z1 - z2);
        return new AimFromPots(
                Optional.of(sd),
                Optional.of(toleranceThick - sd * z1),
                thick + thin == 0 ? Optional.of(Reason.NO_MISSES) : Optional.empty());
    }

    private static void count(String field, int value) {
        if (value < 0) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, field, value, "must be 0 or more");
        }
    }
}
