package amberrail.core.motion;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.OptionalDouble;

/**
 * How the cue meets the ball.
 *
 * @param speedMetresPerSecond v0, speed of the ball's centre along the cloth just after the strike; 0 to 15
 * @param azimuthDegrees       phi, direction of the cue, counter-clockwise from +x
 * @param side                 a/R, positive right as the striker sees it
 * @param height               b/R, positive above the centre
 * @param elevationDegrees     of the cue, 0 to below 60
 * @param endMassRatio         ball mass over the cue's effective end mass; empty = no squirt
 * @see "physics/model.md, section 3"
 */
public record CueStrike(
        double speedMetresPerSecond,
        double azimuthDegrees,
        double side,
        double height,
        double elevationDegrees,
        OptionalDouble endMassRatio) {
    /** Harder than any break on record; beyond it the model has nothing to say. */
    public static final double FASTEST_METRES_PER_SECOND = 15;

    private static final double STEEPEST_DEGREES = 60;
    private static final double MISCUE_ROUNDING = 1e-9;

    public CueStrike {
        Require.between("speedMetresPerSecond", speedMetresPerSecond, 0, FASTEST_METRES_PER_SECOND);
        Require.finite("azimuthDegrees", azimuthDegrees);
        Require.between("side", side, -1, 1);
        Require.between("height", height, -1, 1);
        Require.between("elevationDegrees", elevationDegrees, 0, STEEPEST_DEGREES - 1e-9);
        endMassRatio.ifPresent(ratio -> Require.positive("endMassRatio", ratio));
    }

    /** Whether the tip slips off: offset beyond the limit. No motion results then. */
    public boolean miscues(Physics physics) {
        return Math.hypot(side, height) > physics.miscueLimit() + MISCUE_ROUNDING;
    }

    /**
     * Angle by which the ball leaves aside of the cue's line (degrees), signed like the side: right side sends it to the left,
     * which is counter-clockwise. tan(al) = (5/2)(a/R)√(1-(a/R)²) / (1 + mr + (5/2)(1-(a/R)²)). Example: a/R = 0.5, mr = 22: 2.492.
     */
    public double squirtDegrees() {
        if (endMassRatio.isEmpty()) {
            return 0;
        }
        double rest = 1 - side * side;
        double tangent = 2.5 * side * Math.sqrt(rest) / (1 + endMassRatio.getAsDouble() + 2.5 * rest);
        return Math.toDegrees(Math.atan(tangent));
    }

    /** psi: the direction in which the ball's centre leaves (degrees). */
    public double launchDegrees() {
        return azimuthDegrees + squirtDegrees();
    }

    /**
     * The ball just after the strike, from where it lay (x and y in m).
     *
     * <p>v = v0 f; with K = (5/2) v0 / (R cos el): wx = K[(a/R) sin el cos psi - (b/R) sin psi], wy = K[(a/R) sin el sin psi +
     * (b/R) cos psi], wz = K (a/R) cos el. {@code INVALID_PARAMETER} for a miscue.
     */
    public BallState launch(double x, double y, double radiusMetres, Physics physics) {
        if (miscues(physics)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "side",
                    Math.hypot(side, height),
                    "must stay within the miscue limit of " + physics.miscueLimit() + " of the radius");
        }
        double psi = Math.toRadians(launchDegrees());
        double elevation = Math.toRadians(elevationDegrees);
        double cos = Math.cos(psi);
        double sin = Math.sin(psi);
        double v0 = speedMetresPerSecond;
        double k = 2.5 * v0 / (radiusMetres * Math.cos(elevation));
        double raised = side * Math.sin(elevation);
        return new BallState(
                x,
                y,
                v0 * cos,
                v0 * sin,
                k * (raised * cos - height * sin),
                k * (raised * sin + height * cos),
                k * side * Math.cos(elevation));
    }
}
