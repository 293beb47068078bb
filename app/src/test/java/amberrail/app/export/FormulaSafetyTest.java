package amberrail.app.export;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaSafetyTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+1",
                "-1",
                "@SUM(A1)",
                "\t=1",
                "\n=1",
                "\r=1",
                "\uFF1D1+1",
                "\uFF0B1",
                "\uFF0D1",
                "\uFF20A"
            })
    void whatASpreadsheetWouldRunIsKeptAText(String text) {
        assertThat(FormulaSafety.guarded(text)).isEqualTo("'" + text);
        assertThat(FormulaSafety.unguarded(FormulaSafety.guarded(text))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "rushed", "'tis", "'", "4 - 1"})
    void allElseStaysAsItIs(String text) {
        assertThat(FormulaSafety.guarded(text)).isEqualTo(text);
        assertThat(FormulaSafety.unguarded(text)).isEqualTo(text);
    }

    @Test
    void anApostropheOfOnesOwnBeforeAWordIsKept() {
        assertThat(FormulaSafety.unguarded("'rushed")).isEqualTo("'rushed");
    }
}
