package amberrail.app.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.app.people.Preferences.Dialect;
import amberrail.app.testing.ScreenWords;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The catalogue that paper reads is the one of the screens. */
class WordCatalogueTest {
    private final WordCatalogue pool = new WordCatalogue(Dialect.POOL);
    private final WordCatalogue snooker = new WordCatalogue(Dialect.SNOOKER);

    @Test
    void eachDialectHasItsWordAndSharesTheRest() {
        assertThat(pool.say("pocket.N")).isEqualTo("left side");
        assertThat(snooker.say("pocket.N")).isEqualTo("left middle");
        assertThat(snooker.say("paper.mirror")).isEqualTo(pool.say("paper.mirror"));
    }

    @Test
    void aSentenceIsFilledAndOneIsNotMany() {
        assertThat(pool.say("drills.ball.OBJECT", Map.of("label", "$1"))).isEqualTo("Ball $1");
        assertThat(pool.count("report.played", 1, Map.of())).isEqualTo("Played once so far.");
        assertThat(pool.count("report.played", 3, Map.of())).isEqualTo("Played 3 times so far.");
        assertThat(pool.count("drills.byCushions", 0, Map.of())).isEqualTo("no rail");
        assertThat(snooker.count("drills.byCushions", 4, Map.of())).isEqualTo("off 4 cushions");
    }

    @Test
    void whatIsMissingIsToldAndNotPrintedWithAHole() {
        assertThatThrownBy(() -> pool.say("no.such.words")).hasMessageContaining("no.such.words");
        assertThatThrownBy(() -> pool.say("drills.ball.OBJECT")).hasMessageContaining("needs label");
    }

    /** Every sentence of the files is in it, so a key that a screen has can be printed. */
    @Test
    void itHoldsAllThatTheScreensHold() {
        ScreenWords.pool().forEach((key, text) -> {
            if (!text.contains("{") && !text.contains(" | ")) {
                assertThat(pool.say(key)).as(key).isEqualTo(text);
            }
        });
    }
}
