package amberrail.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.kit.CheckPlaces.Kind;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A coach who does what the check asks for, until it asks for nothing more. */
class CheckProgressTest {
    private static final long SEED = 20_261_128;
    private static final int PATIENCE = 60;

    static List<TableSpec> tables() {
        return TablePresets.all();
    }

    private final Random random = new Random(SEED);

    /** One try with the errors that people make (kit-cases.json, noise), at the asked place. */
    private Reading reading(CheckedTable table, Physics truth, Kind kind, CheckPlaces.Place place) {
        double x = place.xMetres(table.spec());
        double y = place.yMetres(table.spec());
        double meant = Math.toRadians(place.directionDegrees());
        double along = meant + 0.003 * random.nextGaussian();
        boolean across = place.directionDegrees() % 180 != 0;
        double span = across ? table.widthMetres() : table.lengthMetres();
        if (kind == Kind.ROLL) {
            double wanted = span * (0.55 + 0.15 * random.nextDouble());
            double speed = Math.sqrt(2 * truth.rollingFriction() * truth.gravity() * wanted);
            RollToRest roll = RollToRest.of(truth, speed, meant, along);
            return new RollReading(
                    x,
                    y,
                    place.directionDegrees(),
                    roll.seconds() + 0.12 * random.nextGaussian(),
                    roll.alongMetres() + 0.005 * random.nextGaussian(),
                    1000 * roll.leftMetres() + 3 * random.nextGaussian());
        }
        double speed = (kind == Kind.REBOUND ? 0.9 : 2) + 0.4 * random.nextDouble();
        double spin = kind == Kind.REBOUND ? speed / table.radiusMetres() : 0;
        LoneBall ball = table.newBall();
        double vx = speed * Math.cos(meant);
        ball.release(new BallState(x, y, vx, 0, 0, Math.signum(vx) * spin, 0), truth);
        double seconds = ball.cushionSeconds() + 0.03 * random.nextGaussian();
        return kind == Kind.REBOUND
                ? new ReboundReading(
                        x,
                        y,
                        place.directionDegrees(),
                        seconds,
                        (vx > 0 ? table.lengthMetres() - ball.restX() : ball.restX()) + 0.005 * random.nextGaussian())
                : new SlideReading(
                        x,
                        y,
                        place.directionDegrees(),
                        seconds,
                        Math.max(0.05, Math.abs(ball.rollX() - x) + 0.1 * random.nextGaussian()));
    }

    @ParameterizedTest
    @MethodSource("tables")
    void whoDoesWhatIsAskedComesToAnEndAndKnowsTheTable(TableSpec spec) {
        CheckedTable table = CheckedTable.of(spec);
        Physics preset = table.preset();
        Physics truth = new ClothNumbers(
                        0.88 * preset.rollingFriction(), 1.1 * preset.slidingFriction(), 0.93, 0.002, -0.002)
                .on(preset);
        TableFigures before = TableFigures.preset(table);
        List<Reading> readings = new ArrayList<>();
        CheckProgress progress = CheckProgress.of(before, before, readings);
        assertThat(progress.next().orElseThrow().why()).isEqualTo(CheckProgress.Why.NONE_YET);
        assertThat(progress.next().orElseThrow().kind()).isEqualTo(Kind.ROLL);
        TableFigures found = before;
        while (progress.next().isPresent() && readings.size() < PATIENCE) {
            CheckProgress.Next next = progress.next().orElseThrow();
            readings.add(reading(table, truth, next.kind(), next.place()));
            found = TableCheck.of(table, readings).figures();
            progress = CheckProgress.of(before, found, readings);
        }
        assertThat(progress.next())
                .as("%d readings were not enough", readings.size())
                .isEmpty();
        // Five minutes' work: a handful of each.
        assertThat(readings).hasSizeBetween(8, 40);
        assertThat(found.rollingFriction().value())
                .isCloseTo(truth.rollingFriction(), within(0.1 * truth.rollingFriction()));
        assertThat(found.level().unknownDriftMetresPerSecondSquared())
                .isLessThan(TableLevel.NEVER_CHECKED.unknownDriftMetresPerSecondSquared());
    }

    @Test
    void rollsInOneDirectionAloneAreAskedForTheOtherWay() {
        CheckedTable table = CheckedTable.of(TablePresets.POOL_9FT);
        List<Reading> rolls = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            rolls.add(reading(
                    table, Physics.POOL, Kind.ROLL, CheckPlaces.of(Kind.ROLL).get(0)));
        }
        CheckProgress.Next next = CheckProgress.of(
                        TableFigures.preset(table), TableCheck.of(table, rolls).figures(), rolls)
                .next()
                .orElseThrow();
        assertThat(next.why()).isEqualTo(CheckProgress.Why.ONE_WAY_ONLY);
        assertThat(next.place().directionDegrees()).isEqualTo(180);
    }

    /** Three rolls may agree by chance; one across the other way is still asked for, however narrow the interval. */
    @Test
    void nothingIsGoodEnoughUntilEveryWayHasBeenTried() {
        CheckedTable table = CheckedTable.of(TablePresets.POOL_9FT);
        List<Reading> rolls = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            rolls.add(reading(
                    table, Physics.POOL, Kind.ROLL, CheckPlaces.of(Kind.ROLL).get(i % 3)));
        }
        CheckProgress progress = CheckProgress.of(
                TableFigures.preset(table), TableCheck.of(table, rolls).figures(), rolls);
        assertThat(progress.states()).noneMatch(CheckProgress.State::goodEnough);
        assertThat(progress.next().orElseThrow().place().directionDegrees()).isEqualTo(270);
    }

    /** A check that was only rolls says nothing about cushions or sliding: those stay what they were. */
    @Test
    void whatWasNotMeasuredStaysWhatItWas() {
        CheckedTable table = CheckedTable.of(TablePresets.SNOOKER_12FT);
        List<Reading> rolls = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            rolls.add(reading(
                    table, Physics.SNOOKER, Kind.ROLL, CheckPlaces.of(Kind.ROLL).get(i % 4)));
        }
        TableFigures before = TableFigures.preset(table);
        TableFigures found = TableCheck.of(table, rolls).figures();
        TableFigures taken = found.orElse(before, before);
        assertThat(taken.rollingFriction()).isEqualTo(found.rollingFriction());
        assertThat(taken.slidingFriction()).isEqualTo(before.slidingFriction());
        assertThat(taken.cushionRestitution().value()).isEqualTo(Physics.SNOOKER.cushionRestitution());
        assertThat(taken.on(table.spec()).physics().cushionRestitution())
                .isEqualTo(Physics.SNOOKER.cushionRestitution());
    }

    @Test
    void nobodyMeasuredMeansThePreset() {
        for (TableSpec spec : TablePresets.all()) {
            assertThat(TableFigures.preset(CheckedTable.of(spec)).on(spec)).isEqualTo(spec);
        }
    }

    @Test
    void aFasterClothIsShownAsLongerStrokes() {
        CheckedTable table = CheckedTable.of(TablePresets.POOL_9FT);
        Physics fast = new ClothNumbers(0.008, 0.2, 0.98, 0, 0.003).on(Physics.POOL);
        List<KitEffect> effects = KitEffect.of(table, Physics.POOL, fast);
        KitEffect roll = effects.get(0);
        assertThat(roll.afterMillimetres() / roll.beforeMillimetres()).isCloseTo(1.25, within(1e-9));
        // The cushion's loss does not change: longer, but by less than the cloth alone would make it.
        KitEffect lag = effects.get(1);
        assertThat(lag.beforeMillimetres()).isCloseTo(2 * 2540, within(2.0));
        assertThat(lag.afterMillimetres()).isBetween(1.02 * lag.beforeMillimetres(), 1.25 * lag.beforeMillimetres());
        KitEffect stray = effects.get(2);
        assertThat(stray.beforeMillimetres()).isZero();
        // Without rolling's curve: half the acceleration times the square of the time it rolls.
        assertThat(Math.abs(stray.afterMillimetres())).isBetween(40.0, 140.0);
    }
}
