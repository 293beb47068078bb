package amberrail.core.aiming;

import amberrail.core.motion.Physics;

/** By how much friction between the balls turns the object ball off the line of centres. */
public final class ThrowAngle {
    private ThrowAngle() {}

    /**
     * Throw of an object ball at rest (degrees, counter-clockwise positive): atan(min(mu(u)·|c|/u, 2|c|/(7(1+e)·wn))), c the horizontal slip of
     * the cue ball's surface across the line of centres. Example (C9): stun, e = 0.95, 1 m/s, cut 30: 4.15 degrees against the cut.
     *
     * @param speedMetresPerSecond of the cue ball at contact, above 0
     * @param cutDegrees           positive: the object ball leaves left of the cue ball's travel; |cut| under 90
     * @param sideSpinMetresPerSecond R·wz at contact, positive for right side (counter-clockwise from above)
     * @param topSpinMetresPerSecond  R·w_top at contact
     * @see "physics/model.md, section 4 and C9"
     */
    public static double degrees(
            double speedMetresPerSecond,
            double cutDegrees,
            double sideSpinMetresPerSecond,
            double topSpinMetresPerSecond,
            Physics physics) {
        double cut = Math.toRadians(cutDegrees);
        double across = sideSpinMetresPerSecond - speedMetresPerSecond * Math.sin(cut);
        double vertical = topSpinMetresPerSecond * Math.cos(cut);
        double slip = Math.hypot(across, vertical);
        if (slip < 1e-12) {
            return 0;
        }
        double normal = speedMetresPerSecond * Math.cos(cut);
        double tangent = Math.min(
                physics.ballFriction().at(slip) * Math.abs(across) / slip,
                2 * Math.abs(across) / (7 * (1 + physics.ballRestitution()) * normal));
        return Math.signum(across) * Math.toDegrees(Math.atan(tangent));
    }
}
