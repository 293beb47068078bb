package amberrail.core.aiming;

import amberrail.core.geometry.Direction;
import amberrail.core.problem.Require;
import amberrail.core.table.BallSet;

/** Where a rolling cue ball goes after it hits an object ball, without ball friction. */
public final class NaturalRoll {
    private NaturalRoll() {}

    /**
     * Direction of the cue ball once it rolls again.
     *
     * <p>The impact takes (1+e)·mB/(mA+mB) of the speed along the line of centres and leaves the rolling spin; the cloth then
     * settles it at 5/7 of the velocity after impact plus 2/7 of the velocity before (C6 of physics/model.md, here with any
     * e and mass). Example: equal balls, e = 1, half ball (cut +30): 33.67 degrees to the right of the aim.
     *
     * @param aim         travel of the cue ball before contact
     * @param cutDegrees  positive: object ball leaves left of the aim; |cut| under 90
     * @param restitution e of ball on ball, 0 to 1
     * @return final direction of the cue ball
     */
    public static Direction after(Direction aim, double cutDegrees, double restitution, BallSet balls) {
        return settled(aim, cutDegrees, 1, restitution, balls);
    }

    /**
     * The same for any spin at contact. The impact leaves v = V·(aim - lost·line of centres); the spin it keeps then adds 2/7 of
     * {@code rollingShare}·V along the aim, and the cloth settles both at 5/7·v + 2/7·spin.
     *
     * @param rollingShare surface topspin over speed at contact: 1 rolls, 0 is stun, -1.25 is the most backspin that a tip at half the radius gives
     */
    public static Direction settled(
            Direction aim, double cutDegrees, double rollingShare, double restitution, BallSet balls) {
        Require.between("cutDegrees", cutDegrees, -90, 90);
        Require.between("rollingShare", rollingShare, -2, 2);
        Require.between("restitution", restitution, 0, 1);
        double massCue = balls.cueBall().massKilograms();
        double massObject = balls.objectBall().massKilograms();
        double phi = Math.toRadians(cutDegrees);
        double lost = (1 + restitution) * massObject / (massCue + massObject) * Math.cos(phi);
        double along = 5.0 / 7 * (1 - lost * Math.cos(phi)) + 2.0 / 7 * rollingShare;
        double left = -5.0 / 7 * lost * Math.sin(phi);
        return aim.turnedDegrees(Math.toDegrees(Math.atan2(left, along)));
    }
}
