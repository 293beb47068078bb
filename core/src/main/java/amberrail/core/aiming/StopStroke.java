package amberrail.core.aiming;

import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import java.util.OptionalDouble;

/** How low and how hard for a stop shot, and for one that leaves firmly and arrives slowly. */
public final class StopStroke {
    private StopStroke() {}

    /**
     * Pace at which a ball struck this low has lost its spin just at contact: v0 = √(2·mu_s·g·x/(k(2-k))). Slower arrives with topspin,
     * faster with backspin. Example: 1 m, k = 0.5, mu_s = 0.2: 2.287 m/s.
     *
     * @param distanceMetres  from the cue ball's centre to the ghost ball, above 0
     * @param lowOverRadius   k = -b/R of the contact (with the cue level), above 0 to 0.6
     * @see "physics/model.md, C4"
     */
    public static double paceMetresPerSecond(double distanceMetres, double lowOverRadius, Physics physics) {
        Require.positive("distanceMetres", distanceMetres);
        Require.between("lowOverRadius", lowOverRadius, 1e-6, 0.6);
        double k = lowOverRadius;
        return Math.sqrt(2 * physics.slidingFriction() * physics.gravity() * distanceMetres / (k * (2 - k)));
    }

    /**
     * Drag: launch pace at which a ball struck this low arrives rolling at a wanted speed.
     *
     * <p>It rolls from d = c·v0² at (5/7)(1-k)·v0, with c = T(1 - mu·g·T/2) for v0 = 1 and T = 2(1 + 5k/2)/(7·mu_s·g); so
     * v0² = (v² + 2·mu_r·g·x) / ((25/49)(1-k)² + 2·mu_r·g·c).
     *
     * @param lowOverRadius          how far below the centre, -b/R
     * @param arrivalMetresPerSecond wanted speed at the distance, 0 or more
     * @return empty if at that pace it would not roll yet when it arrives
     */
    public static OptionalDouble dragPaceMetresPerSecond(
            double distanceMetres, double lowOverRadius, double arrivalMetresPerSecond, Physics physics) {
        Require.positive("distanceMetres", distanceMetres);
        Require.between("lowOverRadius", lowOverRadius, 0, 0.6);
        Require.notNegative("arrivalMetresPerSecond", arrivalMetresPerSecond);
        double slide = physics.slidingFriction() * physics.gravity();
        double roll = physics.rollingFriction() * physics.gravity();
        double k = lowOverRadius;
        double t = 2 * (1 + 2.5 * k) / (7 * slide);
        double c = t * (1 - 0.5 * slide * t);
        double rollShare = 5.0 / 7 * (1 - k);
        double squared = (arrivalMetresPerSecond * arrivalMetresPerSecond + 2 * roll * distanceMetres)
                / (rollShare * rollShare + 2 * roll * c);
        return c * squared <= distanceMetres ? OptionalDouble.of(Math.sqrt(squared)) : OptionalDouble.empty();
    }

    /**
     * Launch pace at which a ball that rolls all the way arrives at a wanted speed: v0² = v² + 2·mu_r·g·x.
     *
     * @param arrivalMetresPerSecond wanted speed at the distance, 0 or more
     * @see "physics/model.md, section 2"
     */
    public static double rolledPaceMetresPerSecond(
            double distanceMetres, double arrivalMetresPerSecond, Physics physics) {
        Require.positive("distanceMetres", distanceMetres);
        Require.notNegative("arrivalMetresPerSecond", arrivalMetresPerSecond);
        return Math.sqrt(arrivalMetresPerSecond * arrivalMetresPerSecond
                + 2 * physics.rollingFriction() * physics.gravity() * distanceMetres);
    }
}
