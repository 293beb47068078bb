package amberrail.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.aiming.FullHit;
import amberrail.core.aiming.StopStroke;
import amberrail.core.aiming.StraightPath;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.BallSet;
import amberrail.core.table.TablePresets;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The stop shot in hands that stray, against drawing the errors one by one; and the times that a drag takes. */
class StopChanceTest {
    private static final BallSet BALLS = TablePresets.byId("pool-9ft").balls();
    private static final double BALL_METRES = BALLS.cueBall().diameterMillimetres() / 1000;

    private static double chance(double lowOverRadius, double distance, ExecutionErrors errors) {
        double pace = StopStroke.paceMetresPerSecond(distance, lowOverRadius, Physics.POOL);
        StopChance.Stroke stroke = new StopChance.Stroke(pace, -lowOverRadius, 0);
        return StopChance.of(stroke, distance, BALL_METRES, errors, BALLS, Physics.POOL);
    }

    @Test
    void aHandThatNeverStraysAlwaysStopsAndALessSteadyOneLessOften() {
        assertThat(chance(0.4, 1, ExecutionErrors.NONE)).isEqualTo(1);
        double last = 0;
        for (double ability = -3; ability <= 3; ability += 1.5) {
            double now = chance(0.4, 1, ExecutionErrors.ofAbility(ability));
            assertThat(now).isGreaterThan(last);
            last = now;
        }
    }

    /** 20,000 drawn strokes; the bound is four Monte Carlo errors. */
    @Test
    void theSharesAreThoseOfDrawnErrors() {
        Random random = new Random(31);
        for (double low : new double[] {0.2, 0.45}) {
            double pace = StopStroke.paceMetresPerSecond(1.2, low, Physics.POOL);
            ExecutionErrors errors = ExecutionErrors.REFERENCE.at(pace);
            int stops = 0;
            for (int i = 0; i < 20_000; i++) {
                double drawnPace = pace * (1 + errors.paceFraction() * random.nextGaussian());
                double height = -low
                        + errors.tipHeightMillimetres() / BALLS.cueBall().radiusMillimetres() * random.nextGaussian();
                if (Math.abs(height) <= 0.55) {
                    var travel = FullHit.travelMetres(drawnPace, height, 0, 1.2, BALLS, Physics.POOL);
                    stops += travel.isPresent() && Math.abs(travel.getAsDouble()) <= BALL_METRES ? 1 : 0;
                }
            }
            assertThat(chance(low, 1.2, ExecutionErrors.REFERENCE)).isCloseTo(stops / 20_000.0, within(0.02));
        }
    }

    /** Against small steps of time. */
    @Test
    void theWayTakesAsLongAsSmallStepsSay() {
        double slide = Physics.POOL.slidingFriction() * Physics.POOL.gravity();
        double roll = Physics.POOL.rollingFriction() * Physics.POOL.gravity();
        double v = 2.5;
        double spin = -2.5 * 0.3 * v;
        double at = 0;
        double sliding = 0;
        double rolling = 0;
        double step = 1e-5;
        while (at < 1.8) {
            if (spin < v) {
                v -= slide * step;
                spin += 2.5 * slide * step;
                sliding += step;
            } else {
                v -= roll * step;
                rolling += step;
            }
            at += v * step;
        }
        StraightPath.Time time =
                StraightPath.of(2.5, -0.3, 0, Physics.POOL).timeTo(1.8).orElseThrow();
        assertThat(time.slidingSeconds()).isCloseTo(sliding, within(1e-3));
        assertThat(time.rollingSeconds()).isCloseTo(rolling, within(1e-3));
        assertThat(new StraightPath.Time(0, 2).asideMetres(0.002)).isCloseTo(0.004, within(1e-12));
    }
}
