package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From the sign-in to a recorded attempt and its undo without touching a pointer. */
class KeyboardOnlyTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    @Test
    void aStudentSignsInAndRecordsWithKeysAlone() throws Exception {
        Page page = browser.open(server, 1280, 800);
        page.navigate("/sign-in");
        page.getByLabel("Sign-in name").waitFor();
        page.keyboard().press("Tab");
        page.keyboard().type("tamsin");
        page.keyboard().press("Tab");
        page.keyboard().type(People.PASSWORD);
        page.keyboard().press("Enter");
        page.waitForURL("**/today");
        tabTo(page, "Another drill");
        page.keyboard().press("Enter");
        page.waitForURL("**/drills");
        page.getByText("Roll on to the ring").waitFor();
        tabTo(page, "Roll on to the ring");
        page.keyboard().press("Enter");
        page.waitForURL("**/drills/*");
        page.getByText("Record this drill").waitFor();
        tabTo(page, "Record this drill");
        page.keyboard().press("Enter");
        page.waitForURL("**/table/*");

        RecordingPage table = new RecordingPage(page).atTheFirstStation();
        page.evaluate("document.activeElement.blur()");
        // The call opens at the usual stroke: two keys call it.
        page.keyboard().press("c");
        page.getByRole(AriaRole.DIALOG).waitFor();
        page.waitForTimeout(400);
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Call: [\\d.]+ of 10"))).isVisible();
        page.evaluate("document.activeElement.blur()");
        page.keyboard().press("Enter");
        assertThat(table.table().locator("[data-mark=cross]")).isVisible();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Shift+ArrowLeft");
        page.keyboard().press("Enter");
        assertThat(table.marks()).hasCount(1);
        assertThat(table.readOut()).containsText("Made it");

        placesWithDigits(page, table, 2);

        page.keyboard().press("s");
        page.keyboard().press("n");
        assertThat(table.readOut()).containsText("Missed, too thin");
        page.keyboard().press("Backspace");
        assertThat(table.marks()).hasCount(2);
        page.keyboard().press("m");
        assertThat(page.getByText("mirror").first()).isVisible();
        assertThat(table.marks()).hasCount(0);
        page.keyboard().press("]");
        assertThat(page.getByText("station 2 of 3")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Scratch on or off");
        page.keyboard().press("Escape");
        assertThat(table.sync()).hasText("Everything saved");
    }

    /** Six keys bring the ball anywhere: Enter, four ninths within ninths (a cell of 31 by 16 mm), Enter. */
    private static void placesWithDigits(Page page, RecordingPage table, int marks) throws Exception {
        page.keyboard().press("Enter");
        assertThat(table.table().locator(".ninths text")).hasCount(9);
        for (String digit : List.of("3", "5", "1", "9")) {
            page.keyboard().press(digit);
        }
        page.keyboard().press("Enter");
        assertThat(table.marks()).hasCount(marks);
        assertThat(table.sync()).hasText("Everything saved");
        JsonNode landing = table.stored().get(table.stored().size() - 1).at("/attempt/landing");
        // 2540 mm by thirds: right, middle, left, right; 1270 mm from the top: first, second, first, third.
        double x = 2540 * (2.0 / 3 + 1.0 / 9 + 2.0 / 81 + 0.5 / 81);
        double y = 1270 * (1 - 1.0 / 9 - 2.0 / 81 - 0.5 / 81);
        assertThat(landing.get("xMillimetres").asDouble()).isCloseTo(x, within(0.1));
        assertThat(landing.get("yMillimetres").asDouble()).isCloseTo(y, within(0.1));
    }

    /** Tabs on until the focus is on something with this text; a page has far fewer stops than this allows. */
    private static void tabTo(Page page, String text) {
        for (int i = 0; i < 200; i++) {
            page.keyboard().press("Tab");
            Object focused = page.evaluate("document.activeElement?.closest('a, button')?.innerText ?? ''");
            if (focused.toString().contains(text)) {
                return;
            }
        }
        assertThat(text).as("reached by Tab").isEmpty();
    }
}
