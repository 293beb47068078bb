package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A rack from the break to the review, with and without a network. */
class RackRunTest extends Journey {
    /** Shares of the drawing from its left and its top. */
    private static void tap(Page page, double x, double y) {
        page.locator("svg.table").waitFor();
        BoundingBox box = page.locator("svg.table").boundingBox();
        page.mouse().click(box.x + x * box.width, box.y + y * box.height);
    }

    private static void choose(Page page, String option) {
        page.locator(".choose .p-select").nth(1).click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    private Page newRack(String game) {
        Page page = signedIn("odo", 1280, 800);
        page.navigate("/racks");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Play a rack"))
                .first()
                .click();
        page.locator("svg.table").waitFor();
        choose(page, game);
        return page;
    }

    /** Begun, and known to the server. */
    private Page fourBallsToPlay() {
        Page page = newRack("4 balls, any order");
        for (int i = 0; i < 4; i++) {
            tap(page, 0.2 + 0.2 * i, 0.3);
        }
        key(page, "Start this rack").click();
        page.waitForURL("**/racks/*-*");
        assertThat(page.getByText("4 balls left")).isVisible();
        page.waitForCondition(() -> !(boolean) page.evaluate("Object.entries(localStorage)"
                + ".some(([key, rack]) => key.startsWith('amber-rack ') && JSON.parse(rack).unsent.rack)"));
        return page;
    }

    /** A key whose work cannot be done yet is off: a press on it would be lost without a word. */
    @Test
    void aBreakCanBeMadeUpOnceTheGamesAreThere() {
        Page page = signedIn("odo", 1280, 800);
        List<Route> held = new ArrayList<>();
        page.route("**/api/v1/racks/games**", held::add);
        page.navigate("/racks/new");
        assertThat(key(page, "Make up a break")).isDisabled();
        page.waitForCondition(() -> !held.isEmpty());
        page.unroute("**/api/v1/racks/games**");
        held.forEach(Route::resume);
        key(page, "Make up a break").click();
        assertThat(page.getByText("This layout is made up")).isVisible();
    }

    @Test
    void fifteenBallsCostOneTapEachAndArePlanned() {
        Page page = newRack("15 balls, any order");
        for (int i = 0; i < 15; i++) {
            assertThat(page.getByText("All balls are on the table")).hasCount(0);
            tap(page, 0.17 + 0.16 * (i % 5), 0.25 + 0.25 * (i / 5));
        }
        assertThat(page.getByText("All balls are on the table")).isVisible();
        key(page, "Survey and plan").click();
        assertThat(page.locator(".steps > li").first()).isVisible();
        assertThat(page.getByText("Best ball to leave before")).isVisible();
        assertThat(page.getByText("Looking for a way")).hasCount(0);
        // The second step played by hand: the first stays as it is.
        String first = page.locator(".steps > li .look").first().innerText();
        page.locator(".steps > li .look").nth(1).click();
        page.locator(".steps .choose .p-select").first().click();
        page.getByRole(AriaRole.OPTION).last().click();
        assertThat(page.getByText("As you decided.").first()).isVisible();
        assertThat(page.locator(".steps > li .look").first().innerText().split(" into")[0])
                .isEqualTo(first.split(" into")[0]);
        assertThat(key(page, "Plan everything again (2 decided by hand)")).isVisible();
    }

    @Test
    void aRackIsRecordedAwayFromTheNetworkSentOnceAndReviewed() {
        Page page = newRack("3 balls, any order");
        tap(page, 0.3, 0.3);
        tap(page, 0.6, 0.7);
        assertThat(page.getByText("Tap where ball 3 stopped")).isVisible();
        key(page, "Start this rack").click();
        page.waitForURL("**/racks/*-*");
        assertThat(page.locator(".steps > li").first()).isVisible();
        assertThat(page.getByText("Tap where the cue ball goes")).isVisible();
        tap(page, 0.45, 0.5);
        page.route("**/api/**", Route::abort);
        tap(page, 0.5, 0.42);
        assertThat(page.getByText("The network is away")).isVisible();
        assertThat(page.getByText("1 ball left")).isVisible();
        assertThat(page.locator(".sync")).hasText("1 waiting to be sent");
        page.reload();
        assertThat(page.getByText("1 ball left")).isVisible();
        tap(page, 0.4, 0.45);
        assertThat(page.getByText("Cleared", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        key(page, "Undo the last shot").click();
        key(page, "Missed thin").click();
        assertThat(page.locator(".state strong")).hasText("Missed thin");
        page.unroute("**/api/**");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(page.getByText("The network is away")).hasCount(0);
        page.navigate("/racks");
        assertThat(page.locator(".scroll-aside tbody tr").first()).containsText("Missed thin");
        assertThat(page.getByText("Saved on this device, not sent yet")).hasCount(0);
        assertThat(page.locator(".first")).containsText("Won");
    }

    @Test
    void aShotWrittenWhileTheRackIsReadAgainStays() {
        Page page = fourBallsToPlay();
        String before = page.request()
                .get(page.url().replace("/racks/", "/api/v1/racks/"))
                .text();
        List<Route> held = new ArrayList<>();
        page.route(url -> url.matches(".*/api/v1/racks/[^/]+"), route -> {
            if (held.isEmpty() && route.request().method().equals("GET")) held.add(route);
            else route.resume();
        });
        page.reload();
        assertThat(page.getByText("4 balls left")).isVisible();
        page.waitForCondition(() -> !held.isEmpty());
        assertThat(page.getByText("Tap where the cue ball goes")).isVisible();
        tap(page, 0.45, 0.5);
        page.waitForResponse("**/shots/*", () -> tap(page, 0.5, 0.42));
        assertThat(page.getByText("3 balls left")).isVisible();
        // The answer is as the server had it before the shot.
        page.waitForResponse(
                "**/api/v1/racks/*",
                () -> held.get(0)
                        .fulfill(new Route.FulfillOptions()
                                .setContentType("application/json")
                                .setBody(before)));
        assertThat(page.getByText("3 balls left")).isVisible();
        assertThat(page.getByText("4 balls left")).hasCount(0);
        tap(page, 0.4, 0.45);
        assertThat(page.getByText("2 balls left")).isVisible();
    }

    @Test
    void aNetworkThatComesBackIsNoticedWithoutAShot() {
        Page page = fourBallsToPlay();
        page.route("**/api/**", Route::abort);
        page.reload();
        assertThat(page.getByText("4 balls left")).isVisible();
        assertThat(page.getByText("The network is away")).isVisible();
        page.unroute("**/api/**");
        assertThat(page.getByText("The network is away")).hasCount(0);
    }

    /** A full browser keeps what it had before; the shots since are in the window, and nothing says that they are safe on the device. */
    @Test
    void aBrowserThatIsFullSaysSoAndLosesNoShot() {
        Page page = fourBallsToPlay();
        page.evaluate(
                "void (Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError') })");
        page.route("**/api/**", Route::abort);
        tap(page, 0.45, 0.5);
        tap(page, 0.5, 0.42);
        assertThat(page.getByText("3 balls left")).isVisible();
        assertThat(page.getByText("This browser cannot store what you record")).isVisible();
        tap(page, 0.4, 0.45);
        assertThat(page.getByText("2 balls left")).isVisible();
        assertThat(page.getByText("Everything is saved on this device")).hasCount(0);
        assertThat(page.locator(".sync")).hasText("1 only here");
        page.unroute("**/api/**");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(page.getByText("This browser cannot store what you record")).hasCount(0);
        assertThat(page.locator(".sync")).hasText("Everything saved");
        String stored = page.request()
                .get(page.url().replace("/racks/", "/api/v1/racks/"))
                .text();
        assertThat(stored.split("\"outcome\":\"POTTED\"", -1)).hasSize(1 + 2);
    }

    @Test
    void theEightTooEarlyLosesOnTheDeviceAsOnTheServer() {
        Page page = newRack("One to seven, then the eight");
        tap(page, 0.3, 0.3);
        tap(page, 0.6, 0.7);
        key(page, "ball 8").click();
        tap(page, 0.8, 0.4);
        key(page, "Start this rack").click();
        page.waitForURL("**/racks/*-*");
        assertThat(page.getByText("Tap where the cue ball goes")).isVisible();
        tap(page, 0.45, 0.5);
        page.route("**/api/**", Route::abort);
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Another ball dropped too"))
                .click();
        page.locator("details button[aria-label='ball 8']").click();
        tap(page, 0.5, 0.42);
        assertThat(page.locator(".state strong")).hasText("Wrong ball");
        assertThat(page.getByText("The network is away")).isVisible();
        page.unroute("**/api/**");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(page.getByText("The network is away")).hasCount(0);
        page.reload();
        assertThat(page.locator(".state strong")).hasText("Wrong ball");
        page.navigate("/racks");
        assertThat(page.locator(".scroll-aside tbody tr").first()).containsText("Wrong ball");
    }

    @Test
    void aPlanOfRacksTicksItselfOff() {
        Page page = signedIn("odo", 1280, 800);
        page.navigate("/plan/new");
        page.locator(".choices .p-select").nth(1).click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions()
                                .setName("4 balls, any order")
                                .setExact(true))
                .click();
        Locator line = page.locator(".lines > li").filter(new Locator.FilterOptions().setHasText("4 balls"));
        assertThat(line).isVisible();
        // Racks alone: everything else goes.
        while (page.locator(".lines > li").count() > 1) {
            page.locator(".lines > li")
                    .filter(new Locator.FilterOptions().setHasNotText("4 balls"))
                    .first()
                    .getByText("Remove")
                    .click();
        }
        line.getByLabel("Racks").fill("1");
        line.getByLabel("Racks").press("Enter");
        key(page, "Start").click();
        page.waitForURL("**/racks/new?*");
        assertThat(page.locator(".choose .p-select").nth(1)).containsText("4 balls, any order");
        tap(page, 0.6, 0.7);
        key(page, "Start this rack").click();
        page.waitForURL("**/racks/*-*");
        key(page, "Missed thin").waitFor();
        tap(page, 0.45, 0.5);
        key(page, "Missed thin").click();
        assertThat(page.locator(".state strong")).hasText("Missed thin");
        assertThat(page.getByText("The network is away")).hasCount(0);
        page.navigate("/today");
        Locator planned =
                page.locator(".plans li").filter(new Locator.FilterOptions().setHasText("4 balls, any order ✓"));
        assertThat(planned).isVisible();
    }
}
