package amberrail.core.rack;

import amberrail.core.aiming.CurvedPath;
import amberrail.core.aiming.StraightPath;
import amberrail.core.aiming.ThrowAngle;
import amberrail.core.geometry.Units;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.recipe.CueElevation;
import amberrail.core.simulation.TableBall;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A stroke at a pot, aimed so that throw and swerve are undone to first order.
 *
 * @param look          the pot
 * @param stroke        pace and tip
 * @param strike        as the engine plays it
 * @param launchDegrees where the cue ball leaves to
 */
record AimedStroke(PotLook look, RackStroke stroke, CueStrike strike, double launchDegrees) {
    /** Empty where the cue ball does not get there. {@code balls} has the cue ball first. */
    static Optional<AimedStroke> of(RackTable table, List<TableBall> balls, PotLook look, RackStroke stroke) {
        double aimDegrees = Math.toDegrees(look.aim());
        double elevation = CueElevation.degrees(table.shots, balls, 0, aimDegrees, stroke.height());
        CueStrike strike =
                new CueStrike(stroke.pace(), 0, stroke.side(), stroke.height(), elevation, OptionalDouble.empty());
        return correction(table, look, strike).stream()
                .mapToObj(more -> new AimedStroke(look, stroke, strike, aimDegrees + more))
                .findFirst();
    }

    /** What is added to the geometric aim (degrees) so that a strike pots; empty where the cue ball does not get there. */
    static OptionalDouble correction(RackTable table, PotLook look, CueStrike strike) {
        double metres = Units.metres(look.distance());
        double radius = Units.metres(table.cueBall.radiusMillimetres());
        double speed;
        double top;
        double sideSpin = 0;
        double swerve = 0;
        if (strike.side() == 0) {
            Optional<StraightPath.At> there = StraightPath.of(
                            strike.speedMetresPerSecond(), strike.height(), strike.elevationDegrees(), table.physics)
                    .at(metres);
            if (there.isEmpty()) {
                return OptionalDouble.empty();
            }
            speed = there.get().speedMetresPerSecond();
            top = there.get().rollingShare() * speed;
        } else {
            BallState launched = strike.launch(0, 0, radius, table.physics);
            Optional<BallState> there = new CurvedPath(launched, radius, table.physics).afterMetres(metres);
            if (there.isEmpty()) {
                return OptionalDouble.empty();
            }
            BallState arrived = there.get();
            speed = arrived.speedMetresPerSecond();
            top = radius * (arrived.wy() * arrived.vx() - arrived.wx() * arrived.vy()) / speed;
            sideSpin = radius * arrived.wz();
            swerve = Math.toDegrees(Math.atan2(arrived.y(), arrived.x()));
        }
        double thrown = ThrowAngle.degrees(speed, Math.toDegrees(look.cut()), sideSpin, top, table.physics);
        double perDegree = table.touching * Math.cos(look.cut()) / Math.max(look.distance(), table.touching);
        return OptionalDouble.of(thrown * perDegree - swerve);
    }
}
