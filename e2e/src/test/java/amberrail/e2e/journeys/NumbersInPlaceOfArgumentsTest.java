package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.Choices;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A coach asks which way to play it, how hard it is, how strict a rule is, and the lab. */
class NumbersInPlaceOfArgumentsTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    @Test
    void waysStandSideBySideAndTheChosenOneIsDrawn() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/drills/roll-on-to-the-ring");
        // Among those as good within three points the simplest, not always the first.
        assertThat(page.locator(".recipes tbody")).containsText("★");
        assertThat(page.locator(".recipes")).containsText("is the usual way:");
        String before = page.locator(".recipes tbody td").first().textContent();
        Choices.choose(page, "Chance for", "Amber");
        assertThat(page.locator(".recipes tbody td").first()).not().hasText(before.trim());
        page.locator(".recipes tbody .link").nth(1).click();
        assertThat(page.locator(".recipes tbody .link").nth(1)).hasAttribute("aria-pressed", "true");
        assertThat(page.locator(".drawing .path")).hasCount(1);
    }

    @Test
    void gradesAreThereAndThoseThatAreMissingAreWorkedOut() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/drills/two-walls");
        assertThat(page.getByText("How hard it is")).isVisible();
        assertThat(page.getByText(Pattern.compile("hardest thing: "))).hasCount(2);
        BenchPage bench = BenchPage.copyOf(page, "two-walls");
        page.locator(".demands .head").nth(1).click();
        page.getByLabel("Radius").fill("333");
        page.keyboard().press("Enter");
        assertThat(bench.saved()).containsText("Saved");
        page.getByText("Done", new Page.GetByTextOptions().setExact(true)).click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Work it out"))
                .click();
        assertThat(page.getByText(Pattern.compile("hardest thing: "))).hasCount(2);
    }

    @Test
    void theLibraryIsNarrowedByGrade() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/drills");
        page.locator("article").first().waitFor();
        int all = page.locator("article").count();
        page.getByRole(AriaRole.COMBOBOX).nth(5).click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Amber"))
                .click();
        assertThat(page.locator("article").first()).containsText("Amber");
        assertThat(page.locator("article").count()).isLessThan(all);
    }

    @Test
    void aRuleAndAZoneSayWhatTheyAsk() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.locator("#tab-station").click();
        assertThat(page.locator(".strictness")).containsText("62 % by luck");
        page.getByLabel("Successes").fill("5");
        page.keyboard().press("Enter");
        assertThat(page.locator(".strictness")).containsText("6 % by luck");
        page.locator("#tab-shot").click();
        page.locator(".demands .head").nth(1).click();
        double before = bench.live().at("/shot/zone/radiusMillimetres").asDouble();
        page.getByText("Apply", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("in 100 pocket the ball)")).isVisible();
        bench.answered();
        assertThat(bench.live().at("/shot/zone/radiusMillimetres").asDouble()).isNotEqualTo(before);
    }

    @Test
    void aLinkRestoresALabPanelAndItsDials() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/lab");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Run-through"))
                .click();
        Locator pace = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Pace"))
                .first();
        pace.press("Home");
        String slowest = pace.getAttribute("aria-valuenow");
        pace.press("ArrowRight");
        assertThat(pace).not().hasAttribute("aria-valuenow", slowest);
        String chosen = pace.getAttribute("aria-valuenow");
        page.waitForURL("**paceMetresPerSecond=" + chosen + "**");
        String link = page.url();
        String numbers = page.locator("main table").textContent();
        page.navigate("/today");
        page.navigate(link);
        assertThat(page.locator("main table")).hasText(numbers.trim());
        assertThat(pace).hasAttribute("aria-valuenow", chosen);
        page.getByText("Where the numbers come from").click();
        assertThat(page.getByText("physics model, section 4")).isVisible();
    }

    /** A sentence first, then a drawing and the numbers, which can be taken away. */
    @Test
    void theLabAnswersInWordsAndGivesItsTableAway() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/lab?panel=side&kind=POOL&distanceMillimetres=1000&cutDegrees=0&sideMillimetres=6");
        assertThat(page.getByText(Pattern.compile("^Firm .*: aim \\d+ mm to the right of the contact point")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The numbers as a drawing")))
                .isVisible();
        Download saved = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save table"))
                        .click());
        List<String> lines = Files.readAllLines(saved.path());
        assertThat(lines.get(0)).startsWith("paceMetresPerSecond,forSquirtMillimetres");
        assertThat(lines).hasSize(9);
        page.navigate("/lab?panel=stop&kind=POOL&distanceMillimetres=1000&grade=500");
        assertThat(page.getByText(Pattern.compile("^Most forgiving: ¾ tip below")))
                .isVisible();
    }
}
