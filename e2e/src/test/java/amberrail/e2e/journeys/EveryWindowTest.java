package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The recording screen at a laptop's, a tablet's and a phone's size; every page for those who cannot see it well. */
class EveryWindowTest extends Journey {
    private static final int DARKEST_LIGHT = 3 * 128;

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768", "390, 844"})
    void allThatIsNeededAtTheTableIsOnTheScreen(int width, int height) {
        Page page = signedIn("tamsin", width, height);
        page.locator(".go.main").first().click();
        RecordingPage table = new RecordingPage(page);
        for (String key : List.of("Pocketed clean", "Missed, too thin", "Foul", "Scratch", "Not seen", "Undo")) {
            BoundingBox box = table.key(key).last().boundingBox();
            assertThat(box.x).as(key).isNotNegative();
            assertThat(box.x + box.width).as(key).isLessThanOrEqualTo(width);
            assertThat(box.y + box.height).as(key).isLessThanOrEqualTo(height - 64);
            assertThat(box.height).as(key + " is large enough to hit").isGreaterThanOrEqualTo(44);
        }
        if (width > 620) {
            BoundingBox nudge = page.locator(".nudge").boundingBox();
            BoundingBox notes = page.locator(".before").boundingBox();
            boolean apart = notes.y >= nudge.y + nudge.height || notes.x + notes.width <= nudge.x;
            assertThat(apart).as("arrow keys and notes lie apart").isTrue();
            assertThat(nudge.y + nudge.height)
                    .as("arrow keys end above the outcomes")
                    .isLessThanOrEqualTo(table.key("Pocketed clean").last().boundingBox().y);
        }
        int before = table.marks().count();
        table.tap(1700, 250);
        assertThat(table.marks()).hasCount(before + 1);
        assertThat(table.readOut()).containsText("cm");
        assertThat(table.loupeIsHiddenOrEnlarges())
                .as("the loupe is hidden or enlarges")
                .isTrue();
        // With notes below (another device, a pause), table and keys keep their room.
        page.keyboard().press("b");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause"))
                .click();
        page.keyboard().press("Escape");
        assertThat(page.getByText("Paused.")).isVisible();
        assertThat(table.key("Undo").last().boundingBox().y).isLessThan(height - 64 - 44);
        assertThat(table.table().boundingBox().height).isGreaterThan(height / 3.0);
        page.locator(".notes").getByText("Go on").click();
        boolean scrolls = (boolean) page.evaluate("document.documentElement.scrollWidth > innerWidth");
        assertThat(scrolls).as("scrolls sideways").isFalse();
    }

    private static final List<String> PAGES = List.of(
            "/today",
            "/drills",
            "/drills/roll-on-to-the-ring",
            "/review",
            "/progress",
            "/people",
            "/settings",
            "/table/begin",
            "/progress/periods",
            "/lab",
            "/progress/group",
            "/progress/template",
            "/plan",
            "/plan/new",
            "/plan/calendar",
            "/plan/blocks/new",
            "/plan/goals",
            "/kit",
            "/kit/aim",
            "/racks",
            "/racks/new");

    @Test
    void pagesPassTheAccessibilityCheck() {
        Page page = signedInCoach();
        SoftAssertions all = new SoftAssertions();
        for (String path : PAGES) {
            page.navigate(path);
            page.locator("h1").first().waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            all.assertThat(violations(page)).as(path).isEmpty();
        }
        all.assertAll();
    }

    @Test
    void recordingAndReviewPassItToo() {
        Page page = signedInCoach();
        page.getByText("Go on").first().click();
        new RecordingPage(page);
        assertThat(violations(page)).isEmpty();
        page.navigate("/progress");
        page.locator(".stations").waitFor();
        assertThat(violations(page)).as("progress").isEmpty();
        page.goBack();
        new RecordingPage(page);
        page.navigate("/review/" + page.url().replaceAll(".*/", ""));
        page.getByTestId("figures").waitFor();
        assertThat(violations(page)).isEmpty();
    }

    @Test
    void soDoesTheBench() {
        Page page = signedInCoach();
        BenchPage bench = BenchPage.newDrill(page);
        assertThat(violations(page)).as("a ball").isEmpty();
        page.locator(".demands .head").nth(1).click();
        assertThat(violations(page)).as("a zone").isEmpty();
        for (String tab : List.of("#tab-station", "#tab-drill")) {
            page.locator(tab).click();
            assertThat(violations(page)).as(tab).isEmpty();
        }
        assertThat(bench.saved()).containsText("Saved");
    }

    @Test
    void soDoesACheckOfATable() {
        Page page = signedInCoach();
        page.navigate("/kit");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Check this table: Pub table, 7 ft"))
                .click();
        page.locator(".drawing svg.table").waitFor();
        assertThat(violations(page)).isEmpty();
    }

    @Test
    void soDoesWhatIsKeptAboutOneself() {
        Page page = signedInCoach();
        page.navigate("/settings");
        page.getByText("What we keep about you").click();
        page.locator("tbody tr").first().waitFor();
        assertThat(violations(page)).isEmpty();
    }

    @Test
    void soDoesARack() {
        Page page = signedInCoach();
        // Always the same break: after some there is no shot to plan, or the game is over.
        page.route(
                "**/api/v1/racks/made-up",
                route -> route.resume(new Route.ResumeOptions()
                        .setPostData(route.request().postData().replaceAll("\"seed\":\\d+", "\"seed\":3"))));
        page.navigate("/racks/new");
        page.locator(".names button").first().click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make up a break"))
                .click();
        page.getByText("This layout is made up").waitFor();
        assertThat(violations(page)).as("laid out").isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start this rack"))
                .click();
        page.locator(".steps > li").first().waitFor();
        assertThat(violations(page)).as("recorded").isEmpty();
    }

    /** Each dialog as its key or button opens it. */
    @Test
    void soDoTheDialogs() {
        Page page = signedInCoach();
        SoftAssertions all = new SoftAssertions();
        page.locator("body").press("k");
        page.locator(".picker input").waitFor();
        all.assertThat(violations(page)).as("student picker").isEmpty();
        page.keyboard().press("Escape");
        page.getByText("Go on").first().click();
        new RecordingPage(page);
        for (String key : List.of("?", "b", "c", "/")) {
            page.locator("main").press(key);
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.waitFor();
            all.assertThat(violations(page)).as("recording, " + key).isEmpty();
            page.keyboard().press("Escape");
            dialog.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        }
        page.navigate("/drills");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Import").setExact(true))
                .click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        all.assertThat(violations(page)).as("import").isEmpty();
        all.assertAll();
    }

    /** 1280 by 800 at 400 %: what is read must not run out of the window sideways. */
    @Test
    void pagesReflowAtFourHundredPercent() {
        Page page = signedIn("iris", 320, 200);
        SoftAssertions all = new SoftAssertions();
        for (String path : PAGES) {
            page.navigate(path);
            page.locator("h1").first().waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            Object wide = page.evaluate("document.documentElement.scrollWidth");
            all.assertThat((int) wide).as(path).isLessThanOrEqualTo(320);
        }
        all.assertAll();
    }

    @Test
    void aPhoneShowsTenDrillsAtFirstAndAStudentsProgressFolded() {
        Page page = signedIn("odo", 390, 844);
        page.navigate("/drills");
        Locator cards = page.locator(".cards > li");
        cards.first().waitFor();
        assertThat(cards).hasCount(10);
        cards.last().scrollIntoViewIfNeeded();
        assertThat(cards).not().hasCount(10);
        page.navigate("/progress");
        Locator fold = page.locator("details > summary");
        fold.first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        int height = (int) page.evaluate("document.documentElement.scrollHeight");
        assertThat(height).as("at most three screens").isLessThanOrEqualTo(3 * 844);
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Stations"))
                .click();
        assertThat(page.locator(".stations")).isVisible();
    }

    /** Where nothing moves: in between, no colour is as it will be. */
    private Page signedInCoach() {
        Page page = signedIn("iris", 1280, 800);
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        return page;
    }

    /** In the light and then in the dark, which differs in its colours alone. */
    private static List<String> violations(Page page) {
        List<Rule> found = new ArrayList<>();
        found.addAll(check(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "best-practice"))
                .analyze()
                .getViolations());
        light(page, ColorScheme.DARK);
        found.addAll(check(page).withRules(List.of("color-contrast")).analyze().getViolations());
        light(page, ColorScheme.LIGHT);
        return found.stream().map(EveryWindowTest::sentence).toList();
    }

    /** In the page itself, which has no frames: the other way opens a second page for each check, and takes twice as long. */
    private static AxeBuilder check(Page page) {
        return new AxeBuilder(page).setLegacyMode(true);
    }

    /** Until the page has followed. */
    private static void light(Page page, ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        page.waitForCondition(() -> (colourOfTheGround(page) < DARKEST_LIGHT) == (scheme == ColorScheme.DARK));
    }

    /** The red, green and blue of the page's ground together. */
    private static int colourOfTheGround(Page page) {
        return (int) page.evaluate("getComputedStyle(document.body).backgroundColor.match(/\\d+/g).slice(0, 3)"
                + ".reduce((sum, one) => sum + Number(one), 0)");
    }

    private static String sentence(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().stream()
                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                        .toList();
    }
}
