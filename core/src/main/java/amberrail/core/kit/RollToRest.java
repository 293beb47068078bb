package amberrail.core.kit;

import amberrail.core.motion.Physics;

/**
 * A roll over a mark to its rest, as {@code physics/model.md} section 2 has it in closed form, drift included.
 *
 * @param seconds     until it rests
 * @param alongMetres in the direction that is called along
 * @param leftMetres  to the left of it
 */
record RollToRest(double seconds, double alongMetres, double leftMetres) {
    /** Below this (m/s²) the path is straight to far less than anybody measures. */
    private static final double NO_DRIFT = 1e-9;

    /**
     * @param speed     over the mark (m/s)
     * @param along     the direction that is called along (rad)
     * @param direction in which it really rolls (rad)
     */
    static RollToRest of(Physics physics, double speed, double along, double direction) {
        double brake = physics.rollingFriction() * physics.gravity();
        double a = Math.hypot(physics.driftX(), physics.driftY());
        if (a < NO_DRIFT) {
            return turned(speed / brake, speed * speed / (2 * brake), 0, direction - along);
        }
        double drift = Math.atan2(physics.driftY(), physics.driftX());
        double k = brake / a;
        double p = speed * Math.cos(direction - drift);
        double q = speed * Math.sin(direction - drift);
        double seconds = (k * speed + p) / (a * (k * k - 1));
        double alongDrift = (speed * speed + 2 * k * speed * p + p * p) / (4 * a * (k * k - 1));
        double asideDrift = (p * q + 2 * k * speed * q) / (a * (4 * k * k - 1));
        return turned(seconds, alongDrift, asideDrift, drift - along);
    }

    private static RollToRest turned(double seconds, double x, double y, double by) {
        return new RollToRest(seconds, x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by));
    }
}
