package amberrail.core.aiming;

import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import java.util.OptionalDouble;

/**
 * How far beside a far ball or mark a cue is aimed when it strikes with side, so that the cue ball gets there: what squirt sends aside less what
 * swerve brings back. Throw is the object ball's matter and is not in it.
 *
 * @see "physics/model.md, squirt and ball on cloth"
 */
public final class CueAim {
    private CueAim() {}

    /**
     * To the left of the ball (mm at the ball) for a strike whose direction is not used.
     *
     * @return empty where it is too soft to get there, or the tip slips off
     */
    public static OptionalDouble leftMillimetres(
            CueStrike strike, double distanceMetres, double cueRadiusMetres, Physics physics) {
        if (Math.hypot(strike.side(), strike.height()) > physics.miscueLimit()) {
            return OptionalDouble.empty();
        }
        CueStrike along = new CueStrike(
                strike.speedMetresPerSecond(),
                0,
                strike.side(),
                strike.height(),
                strike.elevationDegrees(),
                strike.endMassRatio());
        return new CurvedPath(along.launch(0, 0, cueRadiusMetres, physics), cueRadiusMetres, physics)
                .afterMetres(distanceMetres)
                .map(arrived -> OptionalDouble.of(-Units.millimetres(arrived.y())))
                .orElseGet(OptionalDouble::empty);
    }
}
