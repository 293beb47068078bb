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
 * @param cushionRestitution    energetic coefficient of a cushion at low speed
 * @param cushionRestitutionSlope how much of it is lost per m/s of approach (s/m)
 * @param cushionRestitutionFloor below which it does not fall
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
        double cushionRestitutionSlope,
        double cushionRestitutionFloor,
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

        /** mu (without unit) at this slip speed. */
        public double at(double slipMetresPerSecond) {
            return a + b * Math.exp(-c * slipMetresPerSecond);
        }
    }

    public static final Physics POOL =
            new Physics(9.81, 0.20, 0.010, 10, 0, 0, 0.95, BallFriction.MEASURED, 0.98, 0.015, 0.70, 0.17, 0.5);
    public static final Physics SNOOKER =
            new Physics(9.81, 0.21, 0.0125, 9, 0, 0, 0.96, BallFriction.MEASURED, 0.99, 0.010, 0.70, 0.15, 0.5);
    public static final Physics PUB =
            new Physics(9.81, 0.22, 0.014, 11, 0, 0, 0.93, BallFriction.MEASURED, 0.95, 0.020, 0.70, 0.15, 0.5);

    /** {@code INVALID_PARAMETER} where drift would start a ball, |d| >= mu_r·g. */
    public Physics {
        Require.positive("gravity", gravity);
        Require.positive("slidingFriction", slidingFriction);
        Require.positive("rollingFriction", rollingFriction);
        Require.notNegative("spinDeceleration", spinDeceleration);
        Require.finite("driftX", driftX);
        Require.finite("driftY", driftY);
        Require.between("ballRestitution", ballRestitution, 0, 1);
        Require.positive("cushionRestitutionFloor", cushionRestitutionFloor);
        Require.between("cushionRestitution", cushionRestitution, cushionRestitutionFloor, 1);
        Require.notNegative("cushionRestitutionSlope", cushionRestitutionSlope);
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

    /** On a table that draws a rolling ball aside, m/s² along x and y. */
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
                cushionRestitutionSlope,
                cushionRestitutionFloor,
                cushionFriction,
                miscueLimit);
    }

    /** Restitution of a cushion that a ball approaches at this speed along its normal (model.md, section 5). */
    public double cushionRestitutionAt(double approachMetresPerSecond) {
        return Math.max(
                cushionRestitutionFloor, cushionRestitution - cushionRestitutionSlope * approachMetresPerSecond);
    }

    public boolean hasDrift() {
        return driftX != 0 || driftY != 0;
    }

    /**
     * {@code INVALID_PARAMETER} where friction could keep a ball of this size from leaving the cushion (model.md, section 5).
     *
     * @param cushionSine height of the nose above the ball's centre over its radius
     */
    public void requireRebound(double cushionSine) {
        double cosine = Math.sqrt(1 - cushionSine * cushionSine);
        double held = cushionFriction * cushionSine + slidingFriction * (cushionSine + cushionFriction * cosine);
        if (!(cosine > held)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "cushionFriction",
                    cushionFriction,
                    "must be small enough for a ball to come back from a cushion of this height");
        }
    }
}
