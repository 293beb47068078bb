package amberrail.core.recipe;

import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.problem.Require;
import java.util.OptionalDouble;

/**
 * A stroke as a person plans it.
 *
 * @param paceMetresPerSecond  launch speed
 * @param tipHeightMillimetres contact above the ball's centre, negative below
 * @param tipSideMillimetres   contact right of the centre, negative left
 * @param elevationDegrees     of the cue
 * @param launchDegrees        direction in which the cue ball leaves, squirt included
 */
public record PlannedStroke(
        double paceMetresPerSecond,
        double tipHeightMillimetres,
        double tipSideMillimetres,
        double elevationDegrees,
        double launchDegrees) {
    public PlannedStroke {
        Require.positive("paceMetresPerSecond", paceMetresPerSecond);
        Require.finite("tipHeightMillimetres", tipHeightMillimetres);
        Require.finite("tipSideMillimetres", tipSideMillimetres);
        Require.between("elevationDegrees", elevationDegrees, 0, 59.9);
        Require.finite("launchDegrees", launchDegrees);
    }

    /** The engine's strike for a ball of this radius; squirt is left out, since the launch direction is what is planned. */
    public CueStrike onBall(double radiusMillimetres) {
        return new CueStrike(
                paceMetresPerSecond,
                launchDegrees,
                tipSideMillimetres / radiusMillimetres,
                tipHeightMillimetres / radiusMillimetres,
                elevationDegrees,
                OptionalDouble.empty());
    }

    public boolean hasSide() {
        return Math.abs(tipSideMillimetres) > 1e-9;
    }

    /** The same stroke on the other side of the table: its mirror image. */
    public PlannedStroke mirrored() {
        return new PlannedStroke(
                paceMetresPerSecond, tipHeightMillimetres, -tipSideMillimetres, elevationDegrees, -launchDegrees);
    }

    public PlannedStroke withPace(double metresPerSecond) {
        return new PlannedStroke(
                metresPerSecond, tipHeightMillimetres, tipSideMillimetres, elevationDegrees, launchDegrees);
    }

    public PlannedStroke withTip(double heightMillimetres, double sideMillimetres) {
        return new PlannedStroke(
                paceMetresPerSecond, heightMillimetres, sideMillimetres, elevationDegrees, launchDegrees);
    }

    public PlannedStroke launched(double degrees) {
        return new PlannedStroke(
                paceMetresPerSecond, tipHeightMillimetres, tipSideMillimetres, elevationDegrees, degrees);
    }

    /** Faster by a share (0.01 = 1 %), higher by mm, launched further to the left by mrad. */
    PlannedStroke moved(double paceFraction, double heightMillimetres, double aimMilliradians) {
        return new PlannedStroke(
                paceMetresPerSecond * (1 + paceFraction),
                tipHeightMillimetres + heightMillimetres,
                tipSideMillimetres,
                elevationDegrees,
                launchDegrees + Units.degrees(aimMilliradians));
    }
}
