package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.app.web.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordRuleTest {
    private static void require(String password) {
        PasswordRule.require(password, "morgan.hale", "Morgan Hale");
    }

    @ParameterizedTest
    @ValueSource(strings = {"password12", "1234567890", "qwertyuiop", "iloveyou12", "aaaaaaaaaaaa", "letmein123"})
    void commonOnesAreRefused(String password) {
        assertThatThrownBy(() -> require(password)).isInstanceOf(Refused.class).hasMessageContaining("easy to guess");
    }

    @ParameterizedTest
    @ValueSource(strings = {"morgan.hale", "MorganHale1", "Morgan Hale", "halemorgan22"})
    void ownNameIsRefused(String password) {
        assertThatThrownBy(() -> require(password)).isInstanceOf(Refused.class).hasMessageContaining("your name");
    }

    @ParameterizedTest
    @ValueSource(strings = {"short", "ninechars"})
    void shortOnesAreRefusedWithTheirLength(String password) {
        assertThatThrownBy(() -> require(password))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("10 to 200 characters")
                .hasMessageContaining("it has " + password.length());
    }

    /** A face is one character to whoever types it and two to Java. */
    @Test
    void lengthIsCountedInCharacters() {
        assertThatThrownBy(() -> require("\uD83C\uDFB1".repeat(9))).hasMessageContaining("it has 9");
        assertThatCode(() -> require("chalk \uD83C\uDFB1 river lamp")).doesNotThrowAnyException();
        assertThatCode(() -> require("\uD83C\uDFB1 tin owl river ".repeat(13).substring(0, 205)))
                .as("205 of Java's, fewer of theirs")
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(strings = {"lantern-street", "a long enough password", "tin owl river lamp"})
    void wordsThatDoNotBelongTogetherAreGood(String password) {
        assertThatCode(() -> require(password)).doesNotThrowAnyException();
    }
}
