package amberrail.core.aiming;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import java.util.Optional;

/**
 * A ball with nothing in its way on a level cloth: one parabola while it slides, then a straight roll (m, s).
 *
 * @see "physics/model.md, ball on the cloth: constant slip direction, so a parabola"
 */
public final class CurvedPath {
    private final BallState start;
    private final double radius;
    private final Physics physics;
    private final double ux;
    private final double uy;
    private final double slideSeconds;

    public CurvedPath(BallState start, double radiusMetres, Physics physics) {
        this.start = start;
        this.radius = radiusMetres;
        this.physics = physics;
        double slipX = start.vx() - radiusMetres * start.wy();
        double slipY = start.vy() + radiusMetres * start.wx();
        double slip = Math.hypot(slipX, slipY);
        ux = slip == 0 ? 0 : slipX / slip;
        uy = slip == 0 ? 0 : slipY / slip;
        slideSeconds = 2 * slip / (7 * physics.slidingFriction() * physics.gravity());
    }

    /** The ball when it has come this far along +x; empty if it never does. */
    public Optional<BallState> afterMetres(double metres) {
        double a = -physics.slidingFriction() * physics.gravity() * ux;
        double t = firstTime(start.vx(), a, metres);
        if (t <= slideSeconds) {
            return Optional.of(sliding(t));
        }
        BallState rolls = sliding(slideSeconds);
        double speed = rolls.speedMetresPerSecond();
        double deceleration = physics.rollingFriction() * physics.gravity();
        double further = firstTime(rolls.vx(), -deceleration * rolls.vx() / speed, metres - rolls.x());
        if (Double.isNaN(further) || further > speed / deceleration) {
            return Optional.empty();
        }
        double left = 1 - deceleration * further / speed;
        double vx = rolls.vx() * left;
        double vy = rolls.vy() * left;
        double share = further * (1 + left) / 2;
        return Optional.of(new BallState(
                rolls.x() + rolls.vx() * share,
                rolls.y() + rolls.vy() * share,
                vx,
                vy,
                -vy / radius,
                vx / radius,
                spin(rolls.wz(), further)));
    }

    /** When v t + a t²/2 = distance for the first time; NaN if never. */
    private static double firstTime(double v, double a, double distance) {
        double root = v * v + 2 * a * distance;
        return root < 0 || v <= 0 ? Double.NaN : 2 * distance / (v + Math.sqrt(root));
    }

    private BallState sliding(double t) {
        double mu = physics.slidingFriction() * physics.gravity();
        double k = 2.5 * mu / radius;
        return new BallState(
                start.x() + t * (start.vx() - 0.5 * t * mu * ux),
                start.y() + t * (start.vy() - 0.5 * t * mu * uy),
                start.vx() - t * mu * ux,
                start.vy() - t * mu * uy,
                start.wx() - t * k * uy,
                start.wy() + t * k * ux,
                spin(start.wz(), t));
    }

    private double spin(double wz, double seconds) {
        return Math.copySign(Math.max(0, Math.abs(wz) - physics.spinDeceleration() * seconds), wz);
    }
}
