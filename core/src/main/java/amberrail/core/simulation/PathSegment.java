package amberrail.core.simulation;

import amberrail.core.motion.BallState;

/**
 * A stretch of a ball's path on which its acceleration is constant; it can be evaluated at any time.
 *
 * @param phase             sliding, rolling, resting or gone
 * @param fromSeconds       begin
 * @param toSeconds         end; the shot's end for the last one
 * @param start             state at the begin
 * @param ax                acceleration (m/s²)
 * @param spinRateX         change of the horizontal spin (rad/s²); 0 unless sliding
 * @param spinDeceleration  of wz (rad/s²)
 */
public record PathSegment(
        Phase phase,
        double fromSeconds,
        double toSeconds,
        BallState start,
        double ax,
        double ay,
        double spinRateX,
        double spinRateY,
        double radiusMetres,
        double spinDeceleration) {
    /** How a ball moves. */
    public enum Phase {
        RESTING,
        SLIDING,
        ROLLING,
        POTTED
    }

    /** The state at a time, held within this segment. */
    public BallState at(double seconds) {
        double dt = Math.min(Math.max(seconds, fromSeconds), toSeconds) - fromSeconds;
        double vx = start.vx() + dt * ax;
        double vy = start.vy() + dt * ay;
        double turning = Math.max(0, Math.abs(start.wz()) - spinDeceleration * dt);
        boolean rolls = phase == Phase.ROLLING;
        return new BallState(
                start.x() + dt * (start.vx() + 0.5 * dt * ax),
                start.y() + dt * (start.vy() + 0.5 * dt * ay),
                vx,
                vy,
                rolls ? -vy / radiusMetres : start.wx() + dt * spinRateX,
                rolls ? vx / radiusMetres : start.wy() + dt * spinRateY,
                Math.copySign(turning, start.wz()));
    }
}
