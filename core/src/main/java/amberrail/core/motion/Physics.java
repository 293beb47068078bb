package amberrail.core.motion;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;

/**
 * Properties of cloth, balls and cushions.
 *
 * @param gravity               g (m/s²)
 * @param slidingFriction       mu_s
 * @param rollingFriction       mu_r
 * @param spinDeceleration      alpha_z (rad/s²)
 * @param driftX                acceleration that a rolling ball shows along +x (m/s²)
 * @param driftY                the same along +y
 * @param ballRestitution       e_b
 * @param ballFriction          of ball on ball
 * @param cushionRestitution    e_c, along the tilted contact normal
 * @param cushionFriction       mu_c
 * @param miscueLimit           greatest contact offset over the ball's radius
 * @see "physics/model.md, section 8"
 */
public record Physics(
        double gravity,
        double slidingFriction,
        double rollingFriction,
        double spinDeceleration,
        double driftX,
        double driftY,
        double ballRestitution,
        BallFriction ballFriction,
        double cushionRestitution,
        double cushionFriction,
        double miscueLimit) {

    /** mu(u) = a + b·exp(-c·u), u the slip speed (m/s); Marlow's data, fit by Alciatore. */
    public record BallFriction(double a, double b, double c) {
        static final BallFriction MEASURED = new BallFriction(0.009951, 0.108, 1.088);

        public BallFriction {
            Require.notNegative("ballFriction.a", a);
            Require.notNegative("ballFriction.b", b);
            Require.notNegative("ballFriction.c", c);
        }

        /** mu at this slip speed. */
        public double at(double slipMetresPerSecond) {
            return a + b * Math.exp(-c * slipMetresPerSecond);
        }
    }

    public static final Physics POOL =
            new Physics(9.81, 0.20, 0.010, 10, 0, 0, 0.95, BallFriction.MEASURED, 0.85, 0.20, 0.5);
    public static final Physics SNOOKER =
            new Physics(9.81, 0.21, 0.0125, 9, 0, 0, 0.96, BallFriction.MEASURED, 0.90, 0.14, 0.5);
    public static final Physics PUB =
            new Physics(9.81, 0.22, 0.014, 11, 0, 0, 0.93, BallFriction.MEASURED, 0.80, 0.16, 0.5);

    /** {@code INVALID_PARAMETER} where drift would start a ball, |d| >= mu_r·g. */
    public Physics {
        Require.positive("gravity", gravity);
        Require.positive("slidingFriction", slidingFriction);
        Require.positive("rollingFriction", rollingFriction);
        Require.notNegative("spinDeceleration", spinDeceleration);
        Require.finite("driftX", driftX);
        Require.finite("driftY", driftY);
        Require.between("ballRestitution", ballRestitution, 0, 1);
        Require.between("cushionRestitution", cushionRestitution, 0, 1);
        Require.notNegative("cushionFriction", cushionFriction);
        Require.between("miscueLimit", miscueLimit, 0, 0.9);
        if (Math.hypot(driftX, driftY) >= rollingFriction * gravity) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "driftX",
                    Math.hypot(driftX, driftY),
                    "must be less in all than rolling friction times gravity, " + rollingFriction * gravity);
        }
    }

    public Physics withDrift(double x, double y) {
        return new Physics(
                gravity,
                slidingFriction,
                rollingFriction,
                spinDeceleration,
                x,
                y,
                ballRestitution,
                ballFriction,
                cushionRestitution,
                cushionFriction,
                miscueLimit);
    }

    public boolean hasDrift() {
        return driftX != 0 || driftY != 0;
    }

    /** {@code INVALID_PARAMETER} where a ball of this size would not come back from the cushion. */
    public void requireRebound(double cushionSine) {
        double cos2 = 1 - cushionSine * cushionSine;
        double gain = (1 + cushionRestitution) * cos2
                - 1
                - cushionFriction * (1 + cushionRestitution) * Math.sqrt(cos2) * cushionSine;
        if (!(gain > 0)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "cushionRestitution",
                    cushionRestitution,
                    "must be great enough for a ball to come back from a cushion of this height");
        }
    }
}
