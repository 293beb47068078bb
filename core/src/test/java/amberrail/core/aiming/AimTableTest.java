package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import amberrail.core.simulation.ShotTable;
import amberrail.core.statistics.Interval;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Where to aim with side: against the engine's own ball, and what must hold of any cue. */
class AimTableTest {
    private static final double RADIUS_MILLIMETRES = 28.575;

    private static AimTable of(double ratio, Interval between) {
        return AimTable.of(new AimTable.Cue(12.5, ratio, between, 2), RADIUS_MILLIMETRES, Physics.POOL);
    }

    private static OptionalDouble left(double side, double pace, double metres, double ratio) {
        CueStrike strike = new CueStrike(pace, 0, side, 0, 2, OptionalDouble.of(ratio));
        return CueAim.leftMillimetres(strike, metres, RADIUS_MILLIMETRES / 1000, Physics.POOL);
    }

    /** The engine's ball, aimed as told, goes through the place that was aimed beside. */
    @Test
    void whoAimsAsToldMeetsTheBallInTheMiddle() {
        LoneBall ball =
                new LoneBall(ShotTable.of(TablePlan.of(TablePresets.POOL_9FT)), RADIUS_MILLIMETRES / 1000, 0.17);
        double from = 0.4;
        double nose = 2.54
                - TablePresets.POOL_9FT.noseDistanceMillimetres(
                                TablePresets.POOL_9FT.balls().cueBall())
                        / 1000;
        double metres = nose - from;
        for (double pace : new double[] {1.5, 3, 4.5}) {
            double aim = left(0.3, pace, metres, 22).orElseThrow();
            CueStrike strike = new CueStrike(
                    pace, Math.toDegrees(Math.atan2(aim / 1000, metres)), 0.3, 0, 2, OptionalDouble.of(22));
            ball.releaseToCushion(strike.launch(from, 0.5, RADIUS_MILLIMETRES / 1000, Physics.POOL), Physics.POOL);
            assertThat(1000 * (ball.cushionY() - 0.5)).as("at %s m/s", pace).isCloseTo(0, within(1.0));
        }
    }

    @Test
    void leftIsTheMirrorOfRightAndTheCentreIsStraight() {
        assertThat(left(0, 2, 1, 22).orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(left(-0.3, 2, 1, 22).orElseThrow())
                .isCloseTo(-left(0.3, 2, 1, 22).orElseThrow(), within(1e-9));
    }

    @Test
    void theIntervalHoldsTheAimAndGrowsWithWhatIsOpen() {
        List<AimTable.Row> narrow = of(22, new Interval(20, 24)).rows();
        List<AimTable.Row> wide = of(22, new Interval(15, 30)).rows();
        for (int row = 0; row < narrow.size(); row++) {
            for (int cell = 0; cell < narrow.get(row).cells().size(); cell++) {
                AimTable.Aim one = narrow.get(row).cells().get(cell).aim().orElseThrow();
                Interval other =
                        wide.get(row).cells().get(cell).aim().orElseThrow().between();
                assertThat(one.between().contains(one.leftMillimetres())).isTrue();
                assertThat(other.lower()).isLessThan(one.between().lower());
                assertThat(other.upper()).isGreaterThan(one.between().upper());
            }
        }
    }

    @Test
    void whatDoesNotGetThereOrSlipsOffHasNoAim() {
        assertThat(left(0.3, 0.05, 2.5, 22)).isEmpty();
        assertThat(left(0.6, 2, 1, 22)).isEmpty();
    }
}
