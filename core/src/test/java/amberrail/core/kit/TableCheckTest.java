package amberrail.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.simulation.LoneBall;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What must hold whatever the readings are: no readings, few, senseless ones, in any order; and what the words say. */
class TableCheckTest {
    private final CheckedTable table = CheckedTable.of(TablePresets.POOL_9FT);

    /** Readings of a table with these numbers without any error. */
    private List<Reading> exact(ClothNumbers truth) {
        Physics physics = truth.on(table.preset());
        List<Reading> readings = new ArrayList<>();
        for (double degrees : new double[] {0, 180, 90, 270}) {
            double radians = Math.toRadians(degrees);
            double speed = degrees % 180 == 0 ? 0.6 : 0.35;
            RollToRest roll = RollToRest.of(physics, speed, radians, radians);
            double x = degrees == 0 ? 0.2 : degrees == 180 ? 2.3 : 1.0;
            double y = degrees == 90 ? 0.2 : degrees == 270 ? 1.0 : 0.6;
            readings.add(new RollReading(x, y, degrees, roll.seconds(), roll.alongMetres(), 1000 * roll.leftMetres()));
        }
        LoneBall ball = table.newBall();
        for (double speed : new double[] {0.9, 1.0, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6}) {
            ball.release(new BallState(1.6, 0.5, speed, 0, 0, speed / table.radiusMetres(), 0), physics);
            readings.add(new ReboundReading(1.6, 0.5, 0, ball.cushionSeconds(), table.lengthMetres() - ball.restX()));
        }
        return readings;
    }

    @Test
    void aRollLongerThanTheBedIsNone() {
        assertThat(table.isBeyondCushion(new RollReading(0.2, 0.5, 0, 9, 2.3, 0)))
                .isFalse();
        assertThat(table.isBeyondCushion(new RollReading(0.2, 0.5, 0, 9, 2.4, 0)))
                .isTrue();
        assertThat(table.isBeyondCushion(new RollReading(0.2, 0.5, 180, 2, 0.3, 0)))
                .isTrue();
        assertThat(table.isBeyondCushion(new RollReading(0.8, 0.2, 90, 4, 1.0, 0)))
                .isFalse();
        assertThat(table.isBeyondCushion(new SlideReading(0.3, 0.5, 0, 1, 2.3))).isTrue();
        assertThat(table.isBeyondCushion(new ReboundReading(1.6, 0.5, 0, 1, 2.4)))
                .isFalse();
    }

    @Test
    void aRollTakesAsLongAsItsClothLets() {
        RollToRest roll = RollToRest.of(table.preset(), 0.6, 0, 0);
        assertThat(table.secondsOfRoll(roll.alongMetres(), TableFigures.preset(table)))
                .isCloseTo(roll.seconds(), within(1e-9));
    }

    @Test
    void readingsWithoutErrorGiveTheNumbersBack() {
        ClothNumbers truth = new ClothNumbers(0.0085, 0.2, 0.93, 0.004, -0.003);
        TableEstimate found = TableCheck.of(table, exact(truth));
        assertThat(found.figures().rollingFriction().value()).isCloseTo(0.0085, within(0.0001));
        assertThat(found.figures().cushionRestitution().value()).isCloseTo(0.93, within(0.012));
        assertThat(found.figures().cushionRestitution().interval().contains(0.93))
                .isTrue();
        assertThat(found.figures().driftX().value()).isCloseTo(0.004, within(0.0004));
        assertThat(found.figures().driftY().value()).isCloseTo(-0.003, within(0.0004));
        assertThat(found.suspicions()).isEmpty();
    }

    @Test
    void withoutReadingsItIsThePresetWithAWideInterval() {
        TableEstimate found = TableCheck.of(table, List.of());
        assertThat(found.figures().rollingFriction().value()).isCloseTo(0.010, within(1e-9));
        assertThat(found.figures().rollingFriction().interval().upper()).isGreaterThan(0.016);
        assertThat(found.figures().cushionRestitution().interval().upper()).isLessThanOrEqualTo(1);
        TableVerdict verdict = TableVerdict.of(table, found.figures());
        assertThat(verdict.cloth()).isEqualTo(TableVerdict.Pace.NOT_TOLD_YET);
        assertThat(verdict.cushions()).isEqualTo(TableVerdict.Liveliness.NOT_TOLD_YET);
        assertThat(verdict.drift()).isEqualTo(TableVerdict.Drift.NONE);
        CueEstimate cue = CueCheck.of(table, found.posterior(), 22, List.of(), ReadingNoise.USUAL);
        assertThat(cue.endMassRatio().value()).isCloseTo(22, within(0.2));
    }

    @Test
    void moreReadingsNeverMakeTheIntervalWider() {
        List<Reading> all = exact(new ClothNumbers(0.0085, 0.2, 0.93, 0.002, 0.001));
        double before = Double.MAX_VALUE;
        for (int n = 0; n <= 4; n++) {
            var interval = TableCheck.of(table, all.subList(0, n))
                    .figures()
                    .rollingFriction()
                    .interval();
            double width = Math.log(interval.upper() / interval.lower());
            assertThat(width).isLessThanOrEqualTo(before * 1.02);
            before = width;
        }
    }

    @Test
    void theOrderOfTheReadingsDoesNotMatter() {
        List<Reading> readings = exact(new ClothNumbers(0.012, 0.2, 0.95, -0.004, 0.002));
        List<Reading> turned = new ArrayList<>(readings);
        Collections.reverse(turned);
        double one = TableCheck.of(table, readings).figures().rollingFriction().value();
        assertThat(TableCheck.of(table, turned).figures().rollingFriction().value())
                .isCloseTo(one, within(1e-5));
    }

    /** Whatever somebody types: finite numbers in order, and no library's exception. */
    @Test
    void senselessReadingsGiveFiniteNumbers() {
        Random random = new Random(181);
        for (int i = 0; i < 60; i++) {
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 6; k++) {
                double seconds = Math.exp(5 * random.nextDouble() - 2);
                double metres = Math.exp(8 * random.nextDouble() - 4);
                readings.add(
                        switch (random.nextInt(3)) {
                            case 0 ->
                                new RollReading(
                                        0.3, 0.6, 90 * random.nextInt(4), seconds, metres, 500 * random.nextGaussian());
                            case 1 -> new ReboundReading(1.2, 0.6, 180 * random.nextInt(2), seconds, metres);
                            default -> new SlideReading(0.3, 0.6, 0, seconds, metres);
                        });
            }
            TableEstimate found = TableCheck.of(table, readings);
            for (Estimated one : List.of(
                    found.figures().rollingFriction(),
                    found.figures().slidingFriction(),
                    found.figures().cushionRestitution(),
                    found.figures().driftX(),
                    found.figures().driftY())) {
                assertThat(one.value()).isFinite();
                assertThat(one.interval().lower()).isFinite();
                assertThat(one.interval().upper()).isFinite();
            }
            assertThat(found.figures().cushionRestitution().interval().upper()).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void aFastClothADullCushionAndAnUnlevelBedAreSaid() {
        TableVerdict fast = TableVerdict.of(
                table,
                TableCheck.of(table, exact(new ClothNumbers(0.007, 0.2, 0.90, 0, 0.006)))
                        .figures());
        assertThat(fast.cloth()).isEqualTo(TableVerdict.Pace.FAST);
        assertThat(fast.tableLengths()).isCloseTo(1 / (2 * 0.007 * 9.81) / 2.54, within(0.1));
        assertThat(fast.cushions()).isEqualTo(TableVerdict.Liveliness.DULL);
        assertThat(fast.drift()).isEqualTo(TableVerdict.Drift.NEEDS_LEVELLING);
        assertThat(fast.driftDegrees()).isCloseTo(90, within(8.0));
    }

    @Test
    void whatCannotBeIsRefusedWithItsField() {
        assertThatThrownBy(() -> new RollReading(0.2, 0.6, 0, -3, 1.4, 0))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("seconds");
        assertThatThrownBy(() -> new RollReading(0.2, 0.6, 0, 3600, 1.4, 0)).hasMessageContaining("seconds");
        assertThatThrownBy(() -> new ReboundReading(0.2, 0.6, 0, 1, 0)).hasMessageContaining("metresBack");
        assertThatThrownBy(() -> TableCheck.of(table, List.of(new SideReading(0.3, 0.6, 0, 10, 0.7, 40))))
                .hasMessageContaining("readings");
        assertThat(table.spec().kind().usualPhysics()).isEqualTo(table.preset());
    }
}
