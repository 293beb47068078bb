package amberrail.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against RFC 6238, appendix B (SHA-1; the last six of its eight digits). */
class OneTimeCodesTest {
    /** "12345678901234567890" in base 32. */
    private static final String SECRET = "GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ";

    private static final int STEP_SECONDS = 30;

    private final OneTimeCodes codes = new OneTimeCodes();

    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void theCasesOfTheStandard(long second, String code) {
        assertThat(codes.code(SECRET, second / STEP_SECONDS)).isEqualTo(code);
        assertThat(codes.stepOf(SECRET, code, Instant.ofEpochSecond(second), 0)).hasValue(second / STEP_SECONDS);
    }

    @Test
    void oneStepEarlierOrLaterIsTakenAndTwoAreNot() {
        Instant now = Instant.ofEpochSecond(1_234_567_890);
        assertThat(codes.stepOf(SECRET, "005924", now.plusSeconds(STEP_SECONDS), 0))
                .isPresent();
        assertThat(codes.stepOf(SECRET, "005924", now.minusSeconds(STEP_SECONDS), 0))
                .isPresent();
        assertThat(codes.stepOf(SECRET, "005924", now.plusSeconds(2 * STEP_SECONDS), 0))
                .isEmpty();
        assertThat(codes.stepOf(SECRET, "005924", now.minusSeconds(2 * STEP_SECONDS), 0))
                .isEmpty();
    }

    @Test
    void aCodeIsGoodOnce() {
        long step = 1_234_567_890L / STEP_SECONDS;
        assertThat(codes.stepOf(SECRET, "005924", Instant.ofEpochSecond(1_234_567_890), step))
                .isEmpty();
    }

    @Test
    void secretsAreLongAndEachItsOwn() {
        assertThat(OneTimeCodes.newSecret()).matches("[A-Z2-7]{32}").isNotEqualTo(OneTimeCodes.newSecret());
    }
}
