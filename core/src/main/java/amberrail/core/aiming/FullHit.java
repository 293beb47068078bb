package amberrail.core.aiming;

import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import amberrail.core.table.BallSet;
import java.util.OptionalDouble;

/** A dead straight shot: how far the cue ball goes on, or comes back, after it has hit the object ball full. */
public final class FullHit {
    private static final double LOWEST = -0.5;
    private static final double HIGHEST = 0.5;
    private static final int HALVINGS = 60;

    private FullHit() {}

    /**
     * Where the cue ball would come to rest with nothing in the way (m beyond the place of contact; negative comes back).
     *
     * <p>Impact of physics/model.md section 4 with n along the way: v' = v(1 - (1+e)·mB/(mA+mB)), topspin loses what friction takes (slip is the
     * surface topspin alone); then it slides until it rolls, and rolls out.
     *
     * @param paceMetresPerSecond of the launch
     * @param heightOverRadius    b/R
     * @param elevationDegrees    of the cue
     * @param distanceMetres      to the ghost ball
     * @return empty if the cue ball does not get to the object ball
     */
    public static OptionalDouble travelMetres(
            double paceMetresPerSecond,
            double heightOverRadius,
            double elevationDegrees,
            double distanceMetres,
            BallSet balls,
            Physics physics) {
        return StraightPath.of(paceMetresPerSecond, heightOverRadius, elevationDegrees, physics)
                .at(distanceMetres)
                .map(at -> OptionalDouble.of(after(
                        at.speedMetresPerSecond(), at.rollingShare() * at.speedMetresPerSecond(), balls, physics)))
                .orElse(OptionalDouble.empty());
    }

    private static double after(double v, double s, BallSet balls, Physics physics) {
        double cue = balls.cueBall().massKilograms();
        double object = balls.objectBall().massKilograms();
        double reduced = cue * object / (cue + object);
        double normal = (1 + physics.ballRestitution()) * reduced * v;
        double tangential = Math.min(physics.ballFriction().at(Math.abs(s)) * normal, 2.0 / 7 * reduced * Math.abs(s));
        double speed = v - normal / cue;
        double spin = s - Math.signum(s) * 2.5 * tangential / cue;
        double slide = physics.slidingFriction() * physics.gravity();
        double sign = Math.signum(speed - spin);
        double t = 2 * Math.abs(speed - spin) / (7 * slide);
        double rolling = speed - sign * slide * t;
        return speed * t
                - 0.5 * sign * slide * t * t
                + rolling * Math.abs(rolling) / (2 * physics.rollingFriction() * physics.gravity());
    }

    /**
     * Tip height (b/R) for a wanted run-through or draw at this pace; travel grows with height, so it is found by halving.
     *
     * @param wantedMetres beyond the place of contact, negative to come back
     * @return empty if no height from -0.5 to 0.5 does it
     */
    public static OptionalDouble heightFor(
            double wantedMetres,
            double paceMetresPerSecond,
            double elevationDegrees,
            double distanceMetres,
            BallSet balls,
            Physics physics) {
        Require.finite("wantedMetres", wantedMetres);
        double low = LOWEST;
        double high = HIGHEST;
        OptionalDouble least = travelMetres(paceMetresPerSecond, low, elevationDegrees, distanceMetres, balls, physics);
        OptionalDouble most = travelMetres(paceMetresPerSecond, high, elevationDegrees, distanceMetres, balls, physics);
        if (most.isEmpty() || most.getAsDouble() < wantedMetres) {
            return OptionalDouble.empty();
        }
        if (least.isPresent() && least.getAsDouble() > wantedMetres) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            OptionalDouble travel =
                    travelMetres(paceMetresPerSecond, middle, elevationDegrees, distanceMetres, balls, physics);
            if (travel.isEmpty() || travel.getAsDouble() < wantedMetres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        // Too low to get there at all ends the search on the border of that, which is no answer.
        double found = travelMetres(paceMetresPerSecond, high, elevationDegrees, distanceMetres, balls, physics)
                .orElse(Double.NaN);
        return Math.abs(found - wantedMetres) < 1e-4 ? OptionalDouble.of(high) : OptionalDouble.empty();
    }
}
