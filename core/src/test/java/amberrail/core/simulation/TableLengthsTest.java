package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.Physics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import org.junit.jupiter.api.Test;

class TableLengthsTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);

    @Test
    void aSoftBallThatMeetsNoCushionGoesWhatTheClothLetsIt() {
        // C3: it slides 12/49·v²/(mu_s·g), then rolls (5/7·v)²/(2·mu_r·g); 0.5 m/s stays clear of the cushion.
        double v = 0.5;
        double metres = 12.0 / 49 * v * v / (0.2 * 9.81) + Math.pow(5.0 / 7 * v, 2) / (2 * 0.01 * 9.81);
        assertThat(TableLengths.of(v, PLAN, Physics.POOL)).isCloseTo(metres / 2.54, within(1e-4));
    }

    @Test
    void harderIsAlwaysFurther() {
        double last = 0;
        for (double v = 0.4; v < 6; v += 0.4) {
            double lengths = TableLengths.of(v, PLAN, Physics.POOL);
            assertThat(lengths).isGreaterThan(last);
            last = lengths;
        }
        assertThat(last).isBetween(3.0, 12.0);
    }
}
