package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** What scans leave out, they may. */
class AccuracyTest {
    private static final ShotTable TABLE = ShotTable.of(TablePlan.of(TablePresets.POOL_9FT));
    private static final List<TableBall> BALLS = List.of(
            new TableBall("cue", BallState.atRest(1.5, 0.5), 0.0286, 0.17),
            new TableBall("object", BallState.atRest(2.0, 0.9), 0.0286, 0.17));

    @Test
    void aScanEndsWithinMillimetresOfTheFullRun() {
        ShotRunner full = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        ShotRunner scan = new ShotRunner(TABLE, Physics.POOL, BALLS, 0, Accuracy.SCAN);
        Random random = new Random(4_711);
        int far = 0;
        for (int i = 0; i < 500; i++) {
            double degrees = 360 * random.nextDouble();
            CueStrike strike = new CueStrike(0.5 + 3 * random.nextDouble(), 0, 0.3, -0.2, 3, OptionalDouble.empty());
            full.play(strike, degrees);
            scan.play(strike, degrees);
            double off = Math.hypot(
                    full.result().xMetres(0) - scan.result().xMetres(0),
                    full.result().yMetres(0) - scan.result().yMetres(0));
            far += off > 0.008 ? 1 : 0;
        }
        // A ball more or less that is met, or a pocket, makes all the difference; that is rare.
        assertThat(far).isLessThan(25);
    }

    @Test
    void aShotBrokenOffAtItsPotSaysWhatTheWholeOneSays() {
        ShotRunner whole = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        ShotRunner brokenOff = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        Predicate<PlayedShot> pots = shot -> shot.isPottedIn(1, PocketName.NE);
        CueStrike strike = new CueStrike(2.2, 0, 0, 0.1, 3, OptionalDouble.empty());
        int potted = 0;
        for (double degrees = 30; degrees < 50; degrees += 0.02) {
            boolean yes = whole.play(strike, degrees) && pots.test(whole.result());
            assertThat(brokenOff.playUntil(strike, degrees, pots))
                    .as("at %s", degrees)
                    .isEqualTo(yes);
            if (yes) {
                potted++;
                assertThat(brokenOff.result().endSeconds())
                        .isLessThan(whole.result().endSeconds());
            }
        }
        assertThat(potted).isPositive();
    }
}
