package amberrail.core.aiming;

import amberrail.core.geometry.Units;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;

/**
 * Where to aim when side is played: what squirt, swerve and throw each do, and the change of the cue's direction that undoes them.
 *
 * <p>All in degrees, counter-clockwise positive. The three are first-order corrections to the geometric aim; their sum is what a player
 * aims over.
 *
 * @param squirtDegrees      by which the ball leaves aside of the cue's line
 * @param swerveDegrees      by which its curve has carried it aside of its launch line when it gets to the object ball
 * @param throwDegrees       by which friction turns the object ball off the line of centres
 * @param aimForSquirtDegrees  change of the cue's direction that undoes the squirt alone
 * @param aimForSwerveDegrees  the swerve alone
 * @param aimForThrowDegrees   the throw alone
 * @see "physics/model.md, squirt, ball on cloth and ball against ball; sums of first order"
 */
public record SideAim(
        double squirtDegrees,
        double swerveDegrees,
        double throwDegrees,
        double aimForSquirtDegrees,
        double aimForSwerveDegrees,
        double aimForThrowDegrees) {

    /**
     * @param strike pace, side, height, elevation and the cue's end-mass ratio; its direction is not used
     * @param pot    the geometric pot
     * @throws InvalidInputException {@code INVALID_PARAMETER} for a miscue or a ball that stops before it gets there
     */
    public static SideAim of(CueStrike strike, PotLine pot, double cueRadiusMetres, Physics physics) {
        CueStrike along = new CueStrike(
                strike.speedMetresPerSecond(),
                -strike.squirtDegrees(),
                strike.side(),
                strike.height(),
                strike.elevationDegrees(),
                strike.endMassRatio());
        BallState launched = along.launch(0, 0, cueRadiusMetres, physics);
        CurvedPath path = new CurvedPath(launched, cueRadiusMetres, physics);
        double distance = Units.metres(pot.cueDistanceMillimetres());
        BallState arrived = path.afterMetres(distance)
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER,
                        "speedMetresPerSecond",
                        strike.speedMetresPerSecond(),
                        "must be enough to get to the object ball"));
        double swerve = Math.toDegrees(Math.atan2(arrived.y(), arrived.x()));
        double speed = arrived.speedMetresPerSecond();
        double top = cueRadiusMetres * (arrived.wy() * arrived.vx() - arrived.wx() * arrived.vy()) / speed;
        double thrown = ThrowAngle.degrees(speed, pot.cutDegrees(), cueRadiusMetres * arrived.wz(), top, physics);
        return new SideAim(
                strike.squirtDegrees(),
                swerve,
                thrown,
                -strike.squirtDegrees(),
                -swerve,
                // The line of centres must lie short of the wanted direction by the throw; aim turns it by the
                // sensitivity.
                -thrown / pot.sensitivity());
    }

    /** Change of the cue's direction that undoes all three. */
    public double totalAimDegrees() {
        return aimForSquirtDegrees + aimForSwerveDegrees + aimForThrowDegrees;
    }
}
