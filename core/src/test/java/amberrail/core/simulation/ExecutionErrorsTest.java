package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of bands and how errors grow with the stroke (grading.md, version 2). */
class ExecutionErrorsTest {
    @ParameterizedTest
    @CsvSource({
        "-3, 5.1, 0.166, 5.1, 3.6",
        "-1.5, 3.2, 0.104, 3.2, 2.2",
        "0, 2.0, 0.065, 2.0, 1.4",
        "1.5, 1.25, 0.041, 1.25, 0.88",
        "3, 0.78, 0.025, 0.78, 0.55"
    })
    void theBandsHaveTheirSizes(double logits, double aim, double pace, double height, double side) {
        ExecutionErrors errors = ExecutionErrors.ofAbility(logits);
        assertThat(errors.aimMilliradians()).isCloseTo(aim, within(0.03 * aim));
        assertThat(errors.paceFraction()).isCloseTo(pace, within(0.03 * pace));
        assertThat(errors.tipHeightMillimetres()).isCloseTo(height, within(0.03 * height));
        assertThat(errors.tipSideMillimetres()).isCloseTo(side, within(0.03 * side));
    }

    @ParameterizedTest
    @CsvSource({"0.7, 0.91", "2, 1", "4, 1.26", "7, 1.8"})
    void powerCostsAccuracy(double speed, double times) {
        ExecutionErrors grown = ExecutionErrors.REFERENCE.at(speed);
        assertThat(grown.aimMilliradians() / 2.0).isCloseTo(times, within(0.006));
        assertThat(grown.tipHeightMillimetres() / 2.0).isCloseTo(times, within(0.006));
        assertThat(grown.tipSideMillimetres() / 1.4).isCloseTo(times, within(0.006));
    }

    @ParameterizedTest
    @CsvSource({"2, 0.068", "0.7, 0.086"})
    void aSoftStrokeIsHardToDose(double speed, double fraction) {
        assertThat(ExecutionErrors.REFERENCE.at(speed).paceFraction()).isCloseTo(fraction, within(0.0006));
    }

    @Test
    void noErrorGrowsPastWhatMakesSense() {
        ExecutionErrors crawling = ExecutionErrors.ofAbility(-12).at(0.05);
        assertThat(crawling.paceFraction()).isEqualTo(1);
        assertThat(ExecutionErrors.NONE.at(7)).isEqualTo(ExecutionErrors.NONE);
    }

    @Test
    void sizesOutOfRangeAreNamed() {
        assertThatThrownBy(() -> new ExecutionErrors(-1, 0, 0, 0))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.field()).isEqualTo("aimMilliradians"));
        assertThatThrownBy(() -> ExecutionErrors.ofAbility(Double.NaN)).isInstanceOf(InvalidInputException.class);
    }
}
