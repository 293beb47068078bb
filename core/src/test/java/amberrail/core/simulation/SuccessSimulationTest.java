package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SuccessSimulationTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final ShotTable TABLE = ShotTable.of(PLAN);
    private static final BallSpec BALL = TablePresets.POOL_9FT.balls().cueBall();
    private static final ExecutionErrors CHALK = new ExecutionErrors(5.1, 0.166, 5.1, 3.6);
    private static final ExecutionErrors AMBER = new ExecutionErrors(0.78, 0.025, 0.78, 0.55);
    private static final ExecutionErrors NONE = new ExecutionErrors(0, 0, 0, 0);
    /** At which the bands' errors hold as they stand in the table (m/s). */
    private static final double REFERENCE_PACE = 2;

    private static final int OBJECT = 1;

    /** grading.md: an Amber student pots straight over 1.5 m + 1.5 m about as often as a Chalk student over 0.6 m + 0.6 m. */
    @ParameterizedTest
    @CsvSource({"AMBER, 1300, 1300", "CHALK, 600, 600"})
    void theBandsPotTheirStraightBallAboutThreeTimesInFour(String band, double cueToObject, double objectToPocket) {
        StraightPot pot = StraightPot.onTheDiagonal(cueToObject, objectToPocket);
        SuccessRate rate = pot.estimate(band.equals("AMBER") ? AMBER : CHALK, StrokeNoise.of(8000, 1));
        assertThat(rate.probability()).isBetween(0.65, 0.90);
        assertThat(rate.shots()).isEqualTo(8000);
    }

    @Test
    void withoutErrorsEveryShotIsTheSame() {
        SuccessRate rate = StraightPot.onTheDiagonal(800, 700).estimate(NONE, StrokeNoise.of(200, 1));
        assertThat(rate.probability()).isEqualTo(1);
        assertThat(rate.standardError()).isZero();
    }

    @Test
    void theStandardErrorIsWhatOtherSeedsScatterBy() {
        StraightPot pot = StraightPot.onTheDiagonal(1000, 900);
        List<Double> means = new ArrayList<>();
        double claimed = 0;
        int seeds = 24;
        for (int seed = 0; seed < seeds; seed++) {
            SuccessRate rate = pot.estimate(CHALK, StrokeNoise.of(1000, seed));
            means.add(rate.probability());
            claimed += rate.standardError() / seeds;
        }
        double mean = means.stream().mapToDouble(d -> d).sum() / seeds;
        double scatter = Math.sqrt(
                means.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum() / (seeds - 1));
        assertThat(claimed).isBetween(0.5 * scatter, 2 * scatter);
        assertThat(claimed).as("quasi-random beats plain chance").isLessThan(Math.sqrt(mean * (1 - mean) / 1000));
    }

    @Test
    void theFastPathEndsOnTheSameBitsAsTheRecord() {
        StraightPot pot = StraightPot.onTheDiagonal(900, 500);
        CueStrike strike = new CueStrike(1.7, pot.azimuth + 0.9, 0.2, -0.15, 3, OptionalDouble.of(22));
        ShotRecord record = ShotSimulator.play(TABLE, Physics.POOL, pot.balls, "cue", strike);
        AtomicReference<double[]> end = new AtomicReference<>();
        new SuccessSimulation(TABLE, Physics.POOL, pot.balls, 0)
                .estimate(
                        strike,
                        NONE,
                        StrokeNoise.of(1, 1),
                        result -> {
                            end.set(new double[] {result.xMetres(0), result.yMetres(0), result.xMetres(1)});
                            return true;
                        },
                        () -> false,
                        done -> {});
        assertThat(end.get())
                .containsExactly(
                        record.track("cue").end().x(),
                        record.track("cue").end().y(),
                        record.track("object").end().x());
    }

    @Test
    void itCanBeCancelledAndTellsHowFarItIs() {
        StraightPot pot = StraightPot.onTheDiagonal(800, 700);
        SuccessSimulation simulation = new SuccessSimulation(TABLE, Physics.POOL, pot.balls, 0);
        assertThatThrownBy(() -> simulation.estimate(
                        pot.strike(), CHALK, StrokeNoise.of(2000, 1), result -> true, () -> true, done -> {}))
                .isInstanceOf(CancellationException.class);
        List<Double> told = Collections.synchronizedList(new ArrayList<>());
        simulation.estimate(pot.strike(), CHALK, StrokeNoise.of(2000, 1), result -> true, () -> false, told::add);
        assertThat(told).hasSize(20).contains(1.0);
    }

    @Test
    void aMiscueSucceedsAtNothing() {
        StraightPot pot = StraightPot.onTheDiagonal(800, 700);
        CueStrike edge = new CueStrike(1.5, pot.azimuth, 0, -0.5, 3, OptionalDouble.empty());
        SuccessRate rate = new SuccessSimulation(TABLE, Physics.POOL, pot.balls, 0)
                .estimate(edge, CHALK, StrokeNoise.of(2000, 1), result -> true, () -> false, done -> {});
        assertThat(rate.probability()).as("about half of the strokes slip off").isCloseTo(0.5, within(0.1));
    }

    /** Cue ball, object ball and NE pocket on one line. */
    private record StraightPot(List<TableBall> balls, double azimuth) {
        static StraightPot onTheDiagonal(double cueToObjectMillimetres, double objectToPocketMillimetres) {
            Direction line = new Point(100, 60).towards(new Point(2495, 1225));
            Point object = new Point(2495, 1225).moved(line, -objectToPocketMillimetres);
            Point cue = object.moved(line, -cueToObjectMillimetres);
            PotLine pot = PotLine.of(PLAN, TablePresets.POOL_9FT.balls(), cue, object, PLAN.pocket(PocketName.NE));
            Point straight =
                    pot.ghostBall().moved(pot.objectDirection(), -cueToObjectMillimetres + pot.touchingMillimetres());
            return new StraightPot(
                    List.of(ball("cue", straight), ball("object", object)),
                    pot.objectDirection().degrees());
        }

        private static TableBall ball(String id, Point at) {
            return new TableBall(
                    id,
                    BallState.atRest(at.xMillimetres() / 1000, at.yMillimetres() / 1000),
                    BALL.radiusMillimetres() / 1000,
                    BALL.massKilograms());
        }

        CueStrike strike() {
            return new CueStrike(REFERENCE_PACE, azimuth, 0, 0, 0, OptionalDouble.empty());
        }

        SuccessRate estimate(ExecutionErrors errors, StrokeNoise noise) {
            return new SuccessSimulation(TABLE, Physics.POOL, balls, 0)
                    .estimate(strike(), errors, noise, r -> r.isPottedIn(OBJECT, PocketName.NE), () -> false, d -> {});
        }
    }
}
