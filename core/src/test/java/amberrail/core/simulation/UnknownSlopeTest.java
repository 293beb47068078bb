package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** grading.md, version 2: a table that was never checked slopes by an unknown amount, drawn for each simulated stroke. */
class UnknownSlopeTest {
    private static final ShotTable TABLE = ShotTable.of(TablePlan.of(TablePresets.POOL_9FT));
    private static final double RADIUS = 0.0286;
    private static final StrokeNoise NOISE = StrokeNoise.of(4000, 611);

    /** Rolled slowly along the table's middle line. */
    private static final List<TableBall> ALONE =
            List.of(new TableBall("cue", BallState.atRest(0.4, 0.635), RADIUS, 0.17));

    private static final CueStrike SOFT = new CueStrike(0.6, 0, 0, 0.4, 0, OptionalDouble.empty());

    @Test
    void aSlowRollWandersAsFarAsTheSlopeBendsIt() {
        double[] squares = new double[2];
        ShotRunner runner = new ShotRunner(TABLE, Physics.POOL, ALONE, 0);
        runner.play(SOFT, 0);
        double straight = runner.result().xMetres(0);
        for (int batch = 0; batch < NOISE.batches(); batch++) {
            runner.successes(SOFT, ExecutionErrors.NONE, TableLevel.NEVER_CHECKED, NOISE, batch, shot -> {
                squares[0] += Math.pow(shot.xMetres(0) - straight, 2);
                squares[1] += Math.pow(shot.yMetres(0) - 0.635, 2);
                return true;
            });
        }
        int strokes = NOISE.batches() * NOISE.perBatch();
        // physics/model.md, section 2, in the first order of the drift: it stops d·T²/4 aside and d·T²/2 further along.
        double seconds = 0.6 / (Physics.POOL.rollingFriction() * Physics.POOL.gravity());
        double drift = TableLevel.NEVER_CHECKED.unknownDriftMetresPerSecondSquared();
        assertThat(Math.sqrt(squares[1] / strokes)).isCloseTo(drift * seconds * seconds / 4, within(0.003));
        assertThat(Math.sqrt(squares[0] / strokes)).isCloseTo(drift * seconds * seconds / 2, within(0.006));
    }

    @Test
    void whereTheSlopeIsKnownNothingChanges() {
        SuccessSimulation plain = new SuccessSimulation(TABLE, Physics.POOL, ALONE, 0);
        SuccessSimulation known = new SuccessSimulation(TABLE, Physics.POOL, ALONE, 0, TableLevel.KNOWN);
        Predicate<PlayedShot> near = shot -> Math.abs(shot.yMetres(0) - 0.635) < 0.02;
        assertThat(successes(known, near)).isEqualTo(successes(plain, near));
    }

    /** Seen in a mirror, strokes and slope come out as each other's mirror image. */
    @Test
    void theMirrorHasTheMirroredSlope() {
        SuccessSimulation unchecked = new SuccessSimulation(TABLE, Physics.POOL, ALONE, 0, TableLevel.NEVER_CHECKED);
        int[] left = unchecked.successes(
                SOFT, ExecutionErrors.REFERENCE, NOISE, shot -> shot.yMetres(0) > 0.65, () -> false, done -> {});
        int[] right = unchecked.successes(
                SOFT,
                ExecutionErrors.REFERENCE,
                NOISE.mirrored(),
                shot -> shot.yMetres(0) < 0.62,
                () -> false,
                done -> {});
        assertThat(right).isEqualTo(left);
    }

    private static int[] successes(SuccessSimulation simulation, Predicate<PlayedShot> test) {
        return simulation.successes(SOFT, ExecutionErrors.NONE, NOISE, test, () -> false, done -> {});
    }
}
