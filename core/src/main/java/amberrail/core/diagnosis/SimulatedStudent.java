package amberrail.core.diagnosis;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.ObservedShot;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A student who is nothing but known error sizes: plays a stroke with them and is seen as a coach sees. What the analysis says of such
 * attempts can be held against the truth. For one thread.
 */
public final class SimulatedStudent {
    private final ExecutionErrors atReference;
    private final Random random;

    public SimulatedStudent(ExecutionErrors errors, Random random) {
        this.atReference = errors;
        this.random = random;
    }

    /**
     * One attempt.
     *
     * @param asked     the layout of the task's balls, original or mirrored
     * @param stroke    what is meant, on the original side; it is turned round for a mirrored layout
     * @param placingSdMillimetres how well the coach marks the landing, in each direction
     */
    public Attempt play(ShotLayout asked, ShotTask task, PlannedStroke stroke, double placingSdMillimetres) {
        double side = asked.mirrored() ? -1 : 1;
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        double radius = runner.struckRadiusMillimetres();
        ExecutionErrors errors = task.errors(atReference).at(stroke.paceMetresPerSecond());
        double left = errors.aimMilliradians() * random.nextGaussian();
        double pace = Math.max(0.02, 1 + errors.paceFraction() * random.nextGaussian());
        double height = stroke.tipHeightMillimetres() + errors.tipHeightMillimetres() * random.nextGaussian();
        double tipSide = side * stroke.tipSideMillimetres() + errors.tipSideMillimetres() * random.nextGaussian();
        CueStrike strike = new PlannedStroke(
                        stroke.paceMetresPerSecond() * pace,
                        within(height, radius),
                        within(tipSide, radius),
                        stroke.elevationDegrees(),
                        side * stroke.launchDegrees() + Units.degrees(left))
                .onBall(radius);
        if (!runner.play(strike, strike.launchDegrees())) {
            // A miscue: whatever happens then, nobody learns where the ball would have gone.
            return new Attempt(PotOutcome.OTHER, false, false, Optional.empty(), List.of());
        }
        Attempt seen = ObservedShot.of(asked, runner.result(), left);
        Optional<Point> landing = ObservedShot.landing(asked, runner.result());
        return new Attempt(
                seen.outcome(),
                seen.foul(),
                seen.inOff(),
                landing.map(at -> new Landing(
                        new Point(
                                at.xMillimetres() + placingSdMillimetres * random.nextGaussian(),
                                at.yMillimetres() + placingSdMillimetres * random.nextGaussian()),
                        Landing.PlacedBy.TAP,
                        placingSdMillimetres)),
                seen.facts());
    }

    private static double within(double millimetres, double radius) {
        return Math.max(-0.99 * radius, Math.min(0.99 * radius, millimetres));
    }
}
