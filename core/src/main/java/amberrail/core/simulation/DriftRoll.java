package amberrail.core.simulation;

/**
 * Rolling on a table that is not level, in pieces of constant acceleration.
 *
 * <p>The curve is known exactly (physics/model.md, section 2): with th the angle between velocity and drift, k = mu_r·g/a and a = |d|,
 * s(th) = s0 [tan(th/2)/tan(th0/2)]^k sin(th0)/sin(th), time is linear in k s + p, and displacement is the difference of two stop
 * displacements. Each piece ends exactly on that curve; in between it is a parabola that strays from it by at most
 * {@link #MOST_STRAY_METRES}, or thirty times that where the slope is a draw.
 */
final class DriftRoll {
    static final double MOST_STRAY_METRES = 1e-5;
    private static final double MOST_TURN_RADIANS = 0.05;
    /** The same where the slope itself is only a draw. */
    private static final double MOST_STRAY_ON_A_DRAWN_SLOPE_METRES = 3e-4;

    private static final double MOST_TURN_ON_A_DRAWN_SLOPE_RADIANS = 0.25;
    /** Below this angle or this side speed the path is straight. */
    private static final double PARALLEL = 1e-9;

    private static final double SLOW_METRES_PER_SECOND = 1e-6;

    double seconds;
    double endX;
    double endY;
    double endVx;
    double endVy;
    double ax;
    double ay;
    boolean stops;

    private double mostStray = MOST_STRAY_METRES;
    private double mostTurn = MOST_TURN_RADIANS;

    /** How near the parabolas must keep to the curve. */
    void slopeIsDrawn(boolean drawn) {
        mostStray = drawn ? MOST_STRAY_ON_A_DRAWN_SLOPE_METRES : MOST_STRAY_METRES;
        mostTurn = drawn ? MOST_TURN_ON_A_DRAWN_SLOPE_RADIANS : MOST_TURN_RADIANS;
    }

    /** The next piece from this place and velocity; fills the fields. */
    void next(double x, double y, double vx, double vy, double dx, double dy, double rollingDeceleration) {
        double a = Math.hypot(dx, dy);
        double ux = dx / a;
        double uy = dy / a;
        double k = rollingDeceleration / a;
        double s0 = Math.hypot(vx, vy);
        double p0 = vx * ux + vy * uy;
        double q0 = -vx * uy + vy * ux;
        if (Math.abs(q0) < PARALLEL * s0 || s0 < SLOW_METRES_PER_SECOND) {
            stop(x, y, vx, vy, ux, uy, a, k, s0, p0, q0);
            return;
        }
        double side = Math.signum(q0);
        double th0 = Math.atan2(Math.abs(q0), p0);
        double turn = Math.min(mostTurn, 0.5 * th0);
        while (true) {
            double th1 = th0 - turn;
            double s1 = s0 * Math.pow(Math.tan(th1 / 2) / Math.tan(th0 / 2), k) * Math.sin(th0) / Math.sin(th1);
            double p1 = s1 * Math.cos(th1);
            double q1 = side * s1 * Math.sin(th1);
            double dt = (k * s0 + p0 - k * s1 - p1) / (a * (k * k - 1));
            // The acceleration turns with the velocity; a parabola that ends on the curve strays by about 1/15 of the
            // change.
            double change = rollingDeceleration * turn;
            if (change * dt * dt / 15 > mostStray && turn > 1e-7) {
                turn *= 0.5;
                continue;
            }
            double along = stopAlong(s0, p0, a, k) - stopAlong(s1, p1, a, k);
            double aside = stopAside(s0, p0, q0, a, k) - stopAside(s1, p1, q1, a, k);
            fill(x, y, vx, vy, ux, uy, along, aside, dt);
            endVx = p1 * ux - q1 * uy;
            endVy = p1 * uy + q1 * ux;
            stops = false;
            return;
        }
    }

    private void stop(
            double x,
            double y,
            double vx,
            double vy,
            double ux,
            double uy,
            double a,
            double k,
            double s0,
            double p0,
            double q0) {
        double dt = (k * s0 + p0) / (a * (k * k - 1));
        fill(x, y, vx, vy, ux, uy, stopAlong(s0, p0, a, k), stopAside(s0, p0, q0, a, k), dt);
        endVx = 0;
        endVy = 0;
        stops = true;
    }

    private void fill(
            double x, double y, double vx, double vy, double ux, double uy, double along, double aside, double dt) {
        double moveX = along * ux - aside * uy;
        double moveY = along * uy + aside * ux;
        seconds = dt;
        endX = x + moveX;
        endY = y + moveY;
        ax = 2 * (moveX - vx * dt) / (dt * dt);
        ay = 2 * (moveY - vy * dt) / (dt * dt);
    }

    private static double stopAlong(double s, double p, double a, double k) {
        return (s * s + 2 * k * s * p + p * p) / (4 * a * (k * k - 1));
    }

    private static double stopAside(double s, double p, double q, double a, double k) {
        return (p * q + 2 * k * s * q) / (a * (4 * k * k - 1));
    }
}
