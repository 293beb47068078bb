package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;

/**
 * The ellipse that holds a share of a normal cloud whose covariance is known, such as the simulator's.
 *
 * @param angleDegrees of the greater axis from the first coordinate, [0, 180)
 * @see "statistics/methods.md, normalEllipse"
 */
public record NormalEllipse(double semiMajor, double semiMinor, double angleDegrees) {

    /** {@code INVALID_MATRIX} unless positive definite; {@code INVALID_PROBABILITY} unless the share is inside (0, 1). */
    public static NormalEllipse of(Covariance covariance, double share) {
        boolean definite = covariance.first() > 0
                && covariance.first() * covariance.second() - covariance.mixed() * covariance.mixed() > 0;
        if (!definite) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_MATRIX, "covariance", covariance, "must be positive definite");
        }
        if (!(share > 0 && share < 1)) {
            throw new InvalidInputException(ProblemCode.INVALID_PROBABILITY, "share", share, "must be between 0 and 1");
        }
        double k = Math.sqrt(-2 * Math.log(1 - share));
        return new NormalEllipse(
                k * Math.sqrt(covariance.major()), k * Math.sqrt(covariance.minor()), covariance.majorAngleDegrees());
    }
}
