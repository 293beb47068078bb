package amberrail.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pace 1 to 10 (answers.md, "Strike and pace"). */
class PaceScaleTest {
    @ParameterizedTest
    @CsvSource({"0.6, 1", "1.0, 2", "1.5, 3", "2.0, 4", "2.7, 5", "3.4, 6", "4.2, 7", "5.0, 8", "6.0, 9", "7.0, 10"})
    void theStepsAreTheDecidedSpeeds(double metresPerSecond, double pace) {
        assertThat(PaceScale.pace(metresPerSecond)).isCloseTo(pace, within(1e-12));
    }

    @Test
    void betweenTheStepsItIsLinear() {
        assertThat(PaceScale.pace(1.75)).isCloseTo(3.5, within(1e-12));
        assertThat(PaceScale.pace(2.0 + 0.35)).isCloseTo(4.5, within(1e-12));
    }

    @Test
    void outsideTheScaleItsEndsHold() {
        assertThat(PaceScale.pace(0.1)).isEqualTo(1);
        assertThat(PaceScale.pace(12)).isEqualTo(10);
    }

    @Test
    void fasterIsNeverALowerPace() {
        double last = 0;
        for (double speed = 0.05; speed < 13; speed += 0.01) {
            double pace = PaceScale.pace(speed);
            assertThat(pace).as(speed + " m/s").isGreaterThanOrEqualTo(last);
            last = pace;
        }
    }

    @Test
    void oneStepIsSoManyPerCentOfTheSpeedWhereItLies() {
        assertThat(PaceScale.stepPercent(2.0)).as("from 2.0 to 2.7 m/s").isCloseTo(35, within(1e-9));
        assertThat(PaceScale.stepPercent(1.5)).as("from 1.5 to 2.0 m/s").isCloseTo(100 / 3.0, within(1e-9));
        assertThat(PaceScale.stepPercent(7.0))
                .as("the last step, from 6.0 to 7.0 m/s")
                .isCloseTo(100 / 7.0, within(1e-9));
        assertThat(PaceScale.stepPercent(12))
                .as("past the end it goes on as the last")
                .isCloseTo(100 / 12.0, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
    void aSpeedThatIsNoneIsNamed(double metresPerSecond) {
        assertThatThrownBy(() -> PaceScale.pace(metresPerSecond))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.field()).isEqualTo("paceMetresPerSecond"));
    }
}
