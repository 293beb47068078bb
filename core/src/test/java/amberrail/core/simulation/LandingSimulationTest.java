package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Landings of a lone ball rolled along the table, whose spread follows from the errors in closed form. */
class LandingSimulationTest {
    private static final ShotTable TABLE = ShotTable.of(TablePlan.of(TablePresets.POOL_9FT));
    private static final StrokeNoise NOISE = StrokeNoise.of(4_000, 9);

    private static List<Point> landings(ExecutionErrors errors, boolean counts) {
        TableBall cue = new TableBall("cue", BallState.atRest(0.5, 0.635), 0.028575, 0.17);
        return new LandingSimulation(TABLE, Physics.POOL, List.of(cue), 0, TableLevel.KNOWN)
                .landings(
                        // Struck at 2/5 of the radius it rolls at once.
                        new CueStrike(0.5, 0, 0, 0.4, 0, OptionalDouble.empty()),
                        errors,
                        NOISE,
                        shot -> counts
                                ? Optional.of(new Point(1000 * shot.xMetres(0), 1000 * shot.yMetres(0)))
                                : Optional.empty());
    }

    @Test
    void anAimErrorSpreadsTheLineByTheDistanceTimesIt() {
        List<Point> found = landings(new ExecutionErrors(2, 0, 0, 0), true);
        double distance = 1000 * 0.5 * 0.5 / (2 * 0.01 * 9.81);
        double mean = found.stream().mapToDouble(Point::yMillimetres).average().orElseThrow();
        double squares = found.stream()
                .mapToDouble(point -> Math.pow(point.yMillimetres() - mean, 2))
                .sum();
        assertThat(found).hasSize(4_000);
        // 2 mrad hold at 2 m/s; half a metre a second is easier to aim (grading.md).
        double aim = 0.002 * Math.sqrt((1 + 0.125 * 0.125) / 1.25);
        assertThat(Math.sqrt(squares / (found.size() - 1))).isCloseTo(aim * distance, within(0.02 * distance * aim));
    }

    @Test
    void withoutErrorsAllLandInOnePlace() {
        List<Point> found = landings(ExecutionErrors.NONE, true);
        assertThat(found).allMatch(point -> point.distanceMillimetres(found.get(0)) < 1e-9);
    }

    @Test
    void whatDoesNotCountIsLeftOut() {
        assertThat(landings(ExecutionErrors.REFERENCE, false)).isEmpty();
    }

    @Test
    void aMirroredNoiseMirrorsTheLandings() {
        TableBall cue = new TableBall("cue", BallState.atRest(0.5, 0.635), 0.028575, 0.17);
        LandingSimulation simulation = new LandingSimulation(TABLE, Physics.POOL, List.of(cue), 0, TableLevel.KNOWN);
        CueStrike strike = new CueStrike(1.5, 20, 0, 0, 0, OptionalDouble.empty());
        CueStrike image = new CueStrike(1.5, -20, 0, 0, 0, OptionalDouble.empty());
        List<Point> original = simulation.landings(
                strike,
                ExecutionErrors.REFERENCE,
                NOISE,
                shot -> Optional.of(new Point(1000 * shot.xMetres(0), 1000 * shot.yMetres(0))));
        List<Point> mirrored = simulation.landings(
                image,
                ExecutionErrors.REFERENCE,
                NOISE.mirrored(),
                shot -> Optional.of(new Point(1000 * shot.xMetres(0), 1270 - 1000 * shot.yMetres(0))));
        for (int i = 0; i < original.size(); i++) {
            assertThat(original.get(i).distanceMillimetres(mirrored.get(i))).isLessThan(1e-3);
        }
    }
}
