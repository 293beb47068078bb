package amberrail.core.motion;

import amberrail.core.problem.Require;

/**
 * A ball at one moment: centre in plan (m), velocity (m/s), spin (rad/s, right-hand rule; wz > 0 is counter-clockwise from
 * above).
 */
public record BallState(double x, double y, double vx, double vy, double wx, double wy, double wz) {
    public BallState {
        Require.finite("x", x);
        Require.finite("y", y);
        Require.finite("vx", vx);
        Require.finite("vy", vy);
        Require.finite("wx", wx);
        Require.finite("wy", wy);
        Require.finite("wz", wz);
    }

    /** x and y in m. */
    public static BallState atRest(double x, double y) {
        return new BallState(x, y, 0, 0, 0, 0, 0);
    }

    public double speedMetresPerSecond() {
        return Math.hypot(vx, vy);
    }
}
