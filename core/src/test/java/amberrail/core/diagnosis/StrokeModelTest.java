package amberrail.core.diagnosis;

import static amberrail.core.diagnosis.RingShot.TABLE;
import static amberrail.core.diagnosis.RingShot.WIDTH_MILLIMETRES;
import static amberrail.core.diagnosis.RingShot.layout;
import static amberrail.core.diagnosis.RingShot.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.statistics.ArrivalError;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The model foretells what the engine does with a stroke that is a little off, on the original and on the mirror. */
class StrokeModelTest {
    private static final double ELEVATION_DEGREES = 3;
    /** Where the cue ball rests after this stroke, turned for the mirror. */
    private static Point played(PlannedStroke stroke, boolean mirrored, double pace, double height, double ccw) {
        ShotTask task = task(mirrored);
        double radius = TABLE.spec().balls().cueBall().radiusMillimetres();
        double launch = mirrored ? -stroke.launchDegrees() : stroke.launchDegrees();
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        runner.play(
                new CueStrike(
                        stroke.paceMetresPerSecond() * (1 + pace / 100),
                        0,
                        0,
                        (stroke.tipHeightMillimetres() + height) / radius,
                        ELEVATION_DEGREES,
                        OptionalDouble.empty()),
                launch + Math.toDegrees(ccw / 1000));
        return new Point(
                1000 * runner.result().xMetres(task.cueBall()),
                1000 * runner.result().yMetres(task.cueBall()));
    }

    @ParameterizedTest(name = "mirrored {0}: pace {1} %, height {2} mm, {3} mrad thicker")
    @CsvSource({
        "false, 2, 0, 0",
        "false, 0, 0.5, 0",
        "false, 0, 0, 0.4",
        "false, 1, 0.4, 0.3",
        "true, 2, 0, 0",
        "true, 0, 0.5, 0",
        "true, 0, 0, 0.4",
        "true, 1, 0.4, 0.3"
    })
    void smallErrorsMoveTheLandingAsForetold(boolean mirrored, double pace, double height, double thicker) {
        Recipe usual = PreferredRecipe.of(RecipeSolver.solve(task(false)), Teaching.NOTHING)
                .orElseThrow();
        StrokeModel model = StrokeModel.of(usual, layout(false), mirrored, WIDTH_MILLIMETRES, true);
        assertThat(model.landing().distanceMillimetres(played(usual.stroke(), mirrored, 0, 0, 0)))
                .as("where it is foretold")
                .isLessThan(1);
        // Thicker is counter-clockwise where the object ball leaves to the left, clockwise on the other hand.
        double leaves = Math.signum(layout(mirrored).potLine().orElseThrow().cutDegrees());
        ArrivalError seen = model.error(played(usual.stroke(), mirrored, pace, height, leaves * thicker));
        double[][] j = model.jacobian();
        double line = j[0][0] * pace + j[0][1] * height + j[0][2] * thicker;
        double speed = j[1][0] * pace + j[1][1] * height + j[1][2] * thicker;
        double size = Math.hypot(line, speed);
        assertThat(size).as("it moves at all").isGreaterThan(1);
        assertThat(seen.lineMillimetres()).isCloseTo(line, within(1 + 0.15 * size));
        assertThat(seen.speedMillimetres()).isCloseTo(speed, within(1 + 0.15 * size));
    }
}
