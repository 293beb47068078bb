package amberrail.core.aiming;

import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A cue ball struck without side on its straight way over a level cloth, in closed form: where backspin turns to slide, and slide to
 * roll.
 *
 * <p>Surface topspin s = R·w_top begins at (5/2)(b/R)·v0/cos(el); slip u = v - s falls at (7/2)·mu_s·g; while it lasts v changes at mu_s·g and s at
 * (5/2)·mu_s·g, towards each other; then the ball rolls and slows at mu_r·g (physics/model.md, sections 2 and 3, C1 to C4).
 */
public final class StraightPath {
    private final double v0;
    private final double s0;
    private final double slideDeceleration;
    private final double rollDeceleration;

    private StraightPath(double v0, double s0, Physics physics) {
        this.v0 = v0;
        this.s0 = s0;
        slideDeceleration = physics.slidingFriction() * physics.gravity();
        rollDeceleration = physics.rollingFriction() * physics.gravity();
    }

    /** What the ball does at a place. */
    public enum Phase {
        /** Slides and still spins backwards. */
        BACKSPIN,
        /** Slides, spin forward but less than rolling (or more, after a high strike). */
        SLIDE,
        ROLL
    }

    /**
     * The ball at a place of its way.
     *
     * @param rollingShare surface topspin over speed: 1 rolls, 0 is stun, negative is backspin
     */
    public record At(Phase phase, double speedMetresPerSecond, double rollingShare) {}

    /**
     * @param paceMetresPerSecond launch speed, above 0
     * @param heightOverRadius    b/R, -0.6 to 0.6
     * @param elevationDegrees    of the cue
     */
    public static StraightPath of(
            double paceMetresPerSecond, double heightOverRadius, double elevationDegrees, Physics physics) {
        Require.positive("paceMetresPerSecond", paceMetresPerSecond);
        Require.between("heightOverRadius", heightOverRadius, -0.6, 0.6);
        Require.between("elevationDegrees", elevationDegrees, 0, 59.9);
        double spin = 2.5 * heightOverRadius * paceMetresPerSecond / Math.cos(Math.toRadians(elevationDegrees));
        return new StraightPath(paceMetresPerSecond, spin, physics);
    }

    private double slipSign() {
        return Math.signum(v0 - s0);
    }

    private double slideSeconds() {
        return 2 * Math.abs(v0 - s0) / (7 * slideDeceleration);
    }

    private double rollSpeed() {
        return v0 - slipSign() * slideDeceleration * slideSeconds();
    }

    /** Where it begins to roll (m from the start). */
    public double rollsFromMetres() {
        double t = slideSeconds();
        return v0 * t - 0.5 * slipSign() * slideDeceleration * t * t;
    }

    /** Where its spin is gone (m), the stun point x = k(2-k)·v0²/(2·mu_s·g); empty unless it is struck below the centre. */
    public OptionalDouble stunPointMetres() {
        if (s0 >= 0) {
            return OptionalDouble.empty();
        }
        double k = -s0 / (2.5 * v0);
        return OptionalDouble.of(k * (2 - k) * v0 * v0 / (2 * slideDeceleration));
    }

    /** How far it goes with nothing in the way (m). */
    public double stopsAtMetres() {
        double v = rollSpeed();
        return rollsFromMetres() + v * v / (2 * rollDeceleration);
    }

    /** How long it takes to a place (s), and how much of that it rolls; empty if it does not get there. */
    public Optional<Time> timeTo(double metres) {
        return at(metres).map(there -> {
            double slid = Math.min(metres, rollsFromMetres());
            double slideEnd = Math.sqrt(v0 * v0 - 2 * slipSign() * slideDeceleration * slid);
            double sliding = slid == 0 ? 0 : 2 * slid / (v0 + slideEnd);
            double rolled = metres - slid;
            double rolling = rolled == 0 ? 0 : 2 * rolled / (slideEnd + there.speedMetresPerSecond());
            return new Time(sliding, rolling);
        });
    }

    /** Seconds that it slides, and that it rolls. */
    public record Time(double slidingSeconds, double rollingSeconds) {
        /**
         * How far a slope carries it aside meanwhile (m): a sliding ball is drawn with 7/5 of what a rolling one shows.
         *
         * @param driftMetresPerSecondSquared across the way, of a rolling ball
         */
        public double asideMetres(double driftMetresPerSecondSquared) {
            double slide = 1.4 * driftMetresPerSecondSquared;
            return slide * slidingSeconds * (0.5 * slidingSeconds + rollingSeconds)
                    + 0.5 * driftMetresPerSecondSquared * rollingSeconds * rollingSeconds;
        }
    }

    /** The ball after a distance (m, 0 or more); empty if it does not get there. */
    public Optional<At> at(double metres) {
        Require.notNegative("metres", metres);
        if (metres >= stopsAtMetres()) {
            return Optional.empty();
        }
        double rollsFrom = rollsFromMetres();
        if (metres >= rollsFrom) {
            double v = rollSpeed();
            return Optional.of(new At(Phase.ROLL, Math.sqrt(v * v - 2 * rollDeceleration * (metres - rollsFrom)), 1));
        }
        double v = Math.sqrt(v0 * v0 - 2 * slipSign() * slideDeceleration * metres);
        double s = s0 + 2.5 * (v0 - v);
        return Optional.of(new At(s < 0 ? Phase.BACKSPIN : Phase.SLIDE, v, s / v));
    }
}
