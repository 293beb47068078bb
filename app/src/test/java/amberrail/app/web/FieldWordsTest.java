package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FieldWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "stroke.tipHeightMillimetres | Stroke, tip height",
                "stations[0].shots[2].balls | Stations 1, shots 3, balls",
                "paceMetresPerSecond | Pace",
                "name | Name"
            })
    void aPathReadsLikeWords(String field, String words) {
        assertThat(FieldWords.words(field)).isEqualTo(words);
    }

    @Test
    void theSentenceHoldsRuleAndValue() {
        var e = new InvalidInputException(
                ProblemCode.INVALID_PARAMETER, "zone.radiusMillimetres", -3, "must be more than 0");
        assertThat(FieldWords.sentence(e)).isEqualTo("Zone, radius: must be more than 0 (it is -3).");
    }
}
