package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What halls do to a page: plain http, storage that is refused, a proxy that says 502, Wi-Fi that dies without a word, two windows on one tablet. */
class HallNetworkTest extends Journey {
    @Override
    protected boolean keepsFiles() {
        return true;
    }

    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static final String ATTEMPTS = "**/api/v1/sessions/*/attempts/*";
    private static final double X = 420;
    /** Far from the ring, so that no rule moves the student on. */
    private static final double Y = 300;

    private static final String NO_DATABASE = "Object.defineProperty(window, 'indexedDB', { value: undefined })";
    private static final String FULL_DATABASE =
            "for (const name of ['add', 'put']) IDBObjectStore.prototype[name] = () => {"
                    + " throw new DOMException('full', 'QuotaExceededError') }";
    private static final String NO_LOCAL_STORAGE =
            "Object.defineProperty(window, 'localStorage', { get() { throw new DOMException('no', 'SecurityError') } })";

    private Page inTheHall(String name) {
        Page page = browser.open(
                server, new NewContextOptions().setViewportSize(1280, 800).setBaseURL(server.hallUrl()));
        page.navigate(server.hallUrl() + "/sign-in");
        People.fillIn(page, name, People.PASSWORD);
        page.waitForURL("**/today");
        return page;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void overPlainHttpEveryTapIsRecordedAndWhatIsMissingIsSaidOnce() throws Exception {
        Page page = inTheHall("iris");
        assertThat((Boolean) page.evaluate("window.isSecureContext")).isFalse();
        assertThat(page.getByText("This page came over plain http.")).isVisible();
        assertThat(page.getByText("./amber serve --tls")).isVisible();
        button(page, "Understood").click();
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        for (int i = 0; i < 5; i++) {
            table.tap(X + 40 * i, Y);
        }
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(5);
        page.navigate(server.hallUrl() + "/today");
        assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
        assertThat(page.getByText("This page came over plain http.")).isHidden();
    }

    @ParameterizedTest
    @ValueSource(strings = {NO_DATABASE, FULL_DATABASE, NO_LOCAL_STORAGE})
    void whereTheBrowserKeepsNothingTheQueueIsExactAllTheSame(String refusal) throws Exception {
        Page page = browser.open(server, 1280, 800);
        page.addInitScript(refusal);
        People.signIn(page, "iris");
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        page.route(ATTEMPTS, Route::abort);
        for (int i = 0; i < 4; i++) {
            table.tap(X + 40 * i, Y);
        }
        assertThat(table.marks()).hasCount(4);
        assertThat(table.sync()).containsText("4");
        AtomicInteger passed = new AtomicInteger();
        // Laid over the route that refuses all, not in its place: a retry between the two would get through.
        page.route(ATTEMPTS, route -> {
            if (route.request().method().equals("PUT") && passed.incrementAndGet() > 1) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.evaluate("window.dispatchEvent(new Event('online'))");
        // The first is through and three still wait: that is never "saved", and none of them has gone.
        assertThat(table.sync()).containsText("3");
        page.unroute(ATTEMPTS);
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(4);
    }

    @Test
    void whatOnlyThisWindowHasIsSaid() {
        Page page = browser.open(server, 1280, 800);
        page.addInitScript(NO_DATABASE);
        People.signIn(page, "iris");
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        page.route(ATTEMPTS, Route::abort);
        table.tap(X, Y);
        assertThat(page.getByText("This browser cannot store what you record")).isVisible();
        assertThat(table.sync()).containsText("1 only here");
        page.unroute(ATTEMPTS);
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(table.sync()).hasText("Everything saved");
    }

    private static Consumer<Route> says(int status) {
        return route -> route.fulfill(new Route.FulfillOptions()
                .setStatus(status)
                .setContentType("text/html")
                .setBody("<html><h1>Bad gateway</h1></html>"));
    }

    @ParameterizedTest
    @ValueSource(ints = {502, 504})
    void aProxyWhoseServerIsDownIsAwayAndNoErrorPage(int status) throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        whenKeptOnDevice(page);
        table.tapAndSave(X, Y);
        page.route("**/api/**", says(status));
        table.tap(X + 60, Y);
        assertThat(table.sync()).containsText("no connection, 1 kept here");
        page.reload();
        table.table().waitFor();
        assertThat(table.marks()).hasCount(2);
        table.tap(X + 120, Y);
        page.unroute("**/api/**");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(3);
    }

    @Test
    void wiFiThatDiesWithoutAWordIsAwayAfterATime() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        whenKeptOnDevice(page);
        // Nobody answers, and nobody says so.
        page.route("**/api/**", route -> {});
        table.tap(X, Y);
        assertThat(table.sync()).containsText("no connection");
        page.reload();
        table.table().waitFor();
        assertThat(table.marks()).hasCount(1);
        page.unroute("**/api/**");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void twoWindowsOfOneBrowserShareTheQueueAndOneSends(boolean secure) throws Exception {
        Page one = secure ? signedIn("iris", 1280, 800) : inTheHall("iris");
        RecordingPage first = RecordingPage.start(one, "Sabela Quint");
        Page two = browser.another(one.context());
        two.navigate(one.url());
        RecordingPage second = new RecordingPage(two).atTheFirstStation();
        one.context().route(ATTEMPTS, Route::abort);
        for (int i = 0; i < 6; i++) {
            (i % 2 == 0 ? first : second).tap(X + 60 * i, Y);
            assertThat(first.marks()).hasCount(i + 1);
            assertThat(second.marks()).hasCount(i + 1);
        }
        // The first window opens the other's last attempt and nudges it, then the other does: both go on from what
        // stands.
        one.locator(".strip button").last().click();
        one.keyboard().press("ArrowRight");
        two.waitForTimeout(900);
        two.keyboard().press("ArrowUp");
        two.waitForTimeout(900);
        assertThat(first.sync()).containsText("8 kept here");
        assertThat(second.sync()).containsText("8 kept here");
        one.context().unroute(ATTEMPTS);
        for (Page page : List.of(one, two)) {
            page.evaluate("window.dispatchEvent(new Event('online'))");
        }
        assertThat(first.sync()).hasText("Everything saved");
        assertThat(second.sync()).hasText("Everything saved");
        assertThat(one.getByText("was changed on another device")).isHidden();
        assertThat(two.getByText("was changed on another device")).isHidden();
        JsonNode stored = first.stored();
        assertThat(stored).hasSize(6);
        JsonNode last = stored.get(5).get("attempt");
        assertThat(last.get("revision").asInt()).isEqualTo(2);
        assertThat(last.at("/landing/xMillimetres").asDouble()).isBetween(X + 300, X + 320);
        assertThat(last.at("/landing/yMillimetres").asDouble()).isBetween(Y + 5, Y + 20);
    }

    @Test
    void signingOutAwayClearsTheTabletAndKeepsWhatWasNotSentForItsOwner() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        whenKeptOnDevice(page);
        String address = page.url();
        table.tapAndSave(X, Y);
        page.route("**/api/**", Route::abort);
        table.tap(X + 60, Y);
        assertThat(table.sync()).containsText("1 kept here");
        page.locator(".rail .account").click();
        page.getByText("Sign out").click();
        page.waitForURL("**/sign-in");
        String kept = (String) page.evaluate("async () => {"
                + " const open = indexedDB.open('amber-rail');"
                + " const db = await new Promise((done) => { open.onsuccess = () => done(open.result) });"
                + " const all = db.transaction('kept').objectStore('kept').getAll();"
                + " const rows = await new Promise((done) => { all.onsuccess = () => done(all.result) });"
                + " db.close();"
                + " return JSON.stringify(rows) + JSON.stringify({ ...localStorage }) }");
        assertThat(kept).doesNotContain("Odo").doesNotContain("Iris");
        // Still away: nobody gets in by the sign-in that could not be ended.
        page.reload();
        page.waitForURL("**/sign-in**");
        page.unroute("**/api/**");
        page.navigate("/today");
        page.waitForURL("**/sign-in**");
        People.fillIn(page, "tomas", People.PASSWORD);
        page.waitForURL("**/today");
        assertThat(table.sync()).hasText("Everything saved");
        page.locator(".rail .account").click();
        page.getByText("Sign out").click();
        page.waitForURL("**/sign-in");
        People.fillIn(page, "iris", People.PASSWORD);
        page.waitForURL("**/today");
        page.navigate(address);
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(2);
    }

    @Test
    void aWindowWhoseBrowserSomebodyElseSignedInOnSendsNothingUnderTheirName() throws Exception {
        Page one = signedIn("iris", 1280, 800);
        RecordingPage first = RecordingPage.start(one, "Odo Brandt");
        one.context().route(ATTEMPTS, Route::abort);
        first.tap(X, Y);
        assertThat(first.sync()).containsText("1 kept here");
        String session = first.sessionId();
        Page two = browser.another(one.context());
        two.navigate("/sign-in");
        People.fillIn(two, "tomas", People.PASSWORD);
        two.waitForURL("**/today");
        one.context().unroute(ATTEMPTS);
        two.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(new RecordingRail(two).sync()).hasText("Everything saved");
        Page again = signedIn("iris", 1280, 800);
        String attempts = again.request().get("/api/v1/sessions/" + session).text();
        assertThat(attempts).contains("\"attempts\":[]");
    }

    /** The sync word of any page. */
    private record RecordingRail(Page page) {
        Locator sync() {
            return page.locator(".sync");
        }
    }

    /** The app's own files are on the device once the service worker says so. */
    private static void whenKeptOnDevice(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForFunction("() => navigator.serviceWorker.ready.then((r) => r.active?.state === 'activated')");
    }
}
