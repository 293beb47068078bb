package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** One setting changes the words on every screen, another the unit of every length. */
class DialectAndUnitsTest extends Journey {
    @Test
    void aCoachWhoSpeaksSnookerReadsSnooker() {
        Page page = signedIn("tomas", 1280, 800);
        page.navigate("/settings");
        page.getByText("Snooker: pot, side").click();
        page.getByText("inches").click();
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.navigate("/drills/roll-on-to-the-ring");
        assertThat(page.getByText("Pot ball 1 in the left middle pocket")).isVisible();
        assertThat(page.getByText("8.7 in").first()).isVisible();
        assertThat(page.getByText("top cushion").first()).isVisible();
        page.reload();
        assertThat(page.getByText("Pot ball 1 in the left middle pocket")).isVisible();
    }
}
