package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import amberrail.e2e.pages.Choices;
import amberrail.e2e.pages.StudentOnTheRail;
import amberrail.e2e.pages.TypedDay;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Three weeks for a student: what they are for is seen before anything is kept, then the week gets its plans. */
class BlockOfWeeksTest extends Journey {

    @Override
    protected boolean sharesServer() {
        return true;
    }

    @Test
    void aBlockIsSeenKeptAndItsWeekPlanned() {
        Page page = signedIn("iris", 1280, 900);
        StudentOnTheRail.choose(page, "Od");
        page.navigate("/plan/blocks/new");
        assertThat(page.locator("h1")).hasText("4 weeks for Odo Brandt");
        assertThat(page.locator("ol.weeks > li")).hasCount(4);
        Choices.choose(page, "Weeks", "3");
        assertThat(page.locator("ol.weeks > li")).hasCount(3);
        page.getByLabel("Minutes a day").fill("40");
        page.keyboard().press("Tab");
        assertThat(page.locator("ol.weeks > li").first()).containsText("2 days of 40 minutes each");
        assertThat(page.locator("ol.weeks > li").last()).containsText("2 days of 24 minutes each");
        Choices.choose(page, "New shot", "Down the hall");
        page.getByLabel("Begins on").fill(TypedDay.daysFromToday(1));
        page.keyboard().press("Enter");
        key(page, "Save").click();
        page.waitForURL(Pattern.compile(".*/plan/blocks/[0-9a-f-]{36}"));

        key(page, "Plan this week").first().click();
        Locator plans = page.locator("ol.weeks > li").first().locator(".plans li");
        assertThat(plans).hasCount(2);
        assertThat(page.getByText("When it has begun")).isVisible();
        plans.first().locator("a").click();
        assertThat(page.locator("h1")).hasText("40 minutes for Odo Brandt");
        assertThat(page.locator("ol.lines > li").filter(new Locator.FilterOptions().setHasText("Down the hall")))
                .containsText("New");
    }
}
