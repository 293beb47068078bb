package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import org.junit.jupiter.api.Test;

/** C6 of physics/model.md. */
class NaturalRollTest {
    private static final BallSet EQUAL = BallSet.ofEqual(new BallSpec(57.15, 0.17));
    private static final Direction EAST = new Direction(1, 0);

    @Test
    void aHalfBallTurnsARollingCueBallByAThirdOfARightAngle() {
        assertThat(NaturalRoll.after(EAST, 30, 1, EQUAL).degrees()).isCloseTo(-33.67, within(0.005));
        assertThat(NaturalRoll.after(EAST, -30, 1, EQUAL).degrees()).isCloseTo(33.67, within(0.005));
    }

    @Test
    void theGreatestTurnIsNear28Degrees() {
        double greatest = 0;
        double at = 0;
        for (double cut = 1; cut < 89; cut += 0.1) {
            double turn = -NaturalRoll.after(EAST, cut, 1, EQUAL).degrees();
            if (turn > greatest) {
                greatest = turn;
                at = cut;
            }
        }
        assertThat(greatest).isCloseTo(33.75, within(0.005));
        assertThat(at).isCloseTo(28, within(0.3));
    }

    @Test
    void aFullHitGoesStraightOn() {
        assertThat(NaturalRoll.after(EAST, 0, 0.95, EQUAL).degrees()).isCloseTo(0, within(1e-12));
    }
}
