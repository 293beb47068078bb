package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.Preferences.Dialect;
import amberrail.app.words.DrillTerms;
import amberrail.core.drill.Drill;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class DrillTermsTest {
    @Test
    void eachGameReadsItsOwnTerms() {
        assertThat(DrillTerms.inDialect("Draw off the side rail into the side pocket; the rails.", Dialect.SNOOKER))
                .isEqualTo("Screw off the side cushion into the middle pocket; the cushions.");
        assertThat(DrillTerms.inDialect("Frozen to the long cushion, screwed back.", Dialect.POOL))
                .isEqualTo("Frozen to the long rail, drawn back.");
        assertThat(DrillTerms.inDialect("A drawer on a railing.", Dialect.SNOOKER))
                .as("words that only begin so")
                .isEqualTo("A drawer on a railing.");
    }

    /** In no shipped drill one game's term is left for the other game's reader. */
    @Test
    void noShippedDrillSpeaksTheOtherGamesTerms() {
        Pattern pool = Pattern.compile("\\b(draws?|drawn|rails?|side pockets?)\\b", Pattern.CASE_INSENSITIVE);
        Pattern snooker = Pattern.compile("\\b(screws?|screwed|middle pockets?)\\b", Pattern.CASE_INSENSITIVE);
        for (Drill drill : new ShippedDrills().all()) {
            String text = drill.purpose() + " " + drill.watch() + " " + drill.missReads();
            assertThat(DrillTerms.inDialect(text, Dialect.SNOOKER))
                    .as(drill.id())
                    .doesNotContainPattern(pool);
            assertThat(DrillTerms.inDialect(text, Dialect.POOL)).as(drill.id()).doesNotContainPattern(snooker);
        }
    }
}
