package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A hall's network is bad: what was recorded gets to the server in order and exactly once, whatever happens to server, tab and browser. */
class AwayFromTheNetworkTest extends Journey {
    @Override
    protected boolean keepsFiles() {
        return true;
    }

    private static final int ATTEMPTS = 100;
    private static final double FIRST_X = 420;
    private static final double STEP = 8;
    /** Far from the ring, so that no rule moves the student on. */
    private static final double Y = 300;

    /** A journey that broke off with the server away must not break the next one. */
    @AfterEach
    void serverIsBack() {
        if (!server.isRunning()) {
            server.restart();
        }
    }

    @Test
    void aHundredAttemptsWithTheServerAwayHalfTheTime() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        whenKeptOnDevice(page);
        boolean away = false;
        for (int i = 0; i < ATTEMPTS; i++) {
            if (i % 50 == 25) {
                // The second time it dies without a word.
                if (i == 75) {
                    server.kill();
                } else {
                    server.stop();
                }
                away = true;
            }
            if (i % 50 == 0 && away) {
                server.restart();
                away = false;
            }
            if (i == 40 || i == 90) {
                reload(page, table, i);
            }
            table.tap(FIRST_X + STEP * i, Y);
            assertThat(table.readOut()).not().containsText("Tap where");
        }
        if (away) {
            server.restart();
        }
        page.evaluate("window.dispatchEvent(new Event('online'))");
        // Half of them go one after the other to a server that has just started: a limit for hangs alone.
        assertThat(table.sync())
                .hasText("Everything saved", new LocatorAssertions.HasTextOptions().setTimeout(120_000));
        JsonNode stored = table.stored();
        assertThat(stored).hasSize(ATTEMPTS);
        for (int i = 0; i < ATTEMPTS; i++) {
            JsonNode body = stored.get(i).get("attempt");
            assertThat(body.get("sequence").asInt())
                    .as("place of attempt %d", i)
                    .isEqualTo(i);
            assertThat(Math.abs(body.at("/landing/xMillimetres").asDouble() - FIRST_X - STEP * i))
                    .as("landing of attempt %d", i)
                    .isLessThan(5);
        }
    }

    /** With the server away the page comes from the device, and so does the session. */
    private static void reload(Page page, RecordingPage table, int marks) {
        page.reload();
        table.table().waitFor();
        assertThat(table.marks()).hasCount(marks);
    }

    @Test
    void twoDevicesInOneSessionWithTheServerAwayInBetween() throws Exception {
        Page one = signedIn("iris", 1280, 800);
        RecordingPage first = RecordingPage.start(one, "Tamsin Vale");
        Page two = signedIn("tamsin", 1280, 800);
        two.navigate("/table/" + first.sessionId());
        RecordingPage second = new RecordingPage(two).atTheFirstStation();
        for (int i = 0; i < 30; i++) {
            if (i == 10) {
                server.stop();
            }
            if (i == 20) {
                server.restart();
            }
            first.tap(FIRST_X + STEP * i, Y);
            second.tap(FIRST_X + STEP * i, Y + 300);
        }
        for (Page page : List.of(one, two)) {
            page.evaluate("window.dispatchEvent(new Event('online'))");
        }
        assertThat(first.sync()).hasText("Everything saved");
        assertThat(second.sync()).hasText("Everything saved");
        JsonNode stored = first.stored();
        assertThat(stored).hasSize(60);
        List<Double> lower = new ArrayList<>();
        List<Double> upper = new ArrayList<>();
        for (JsonNode attempt : stored) {
            JsonNode landing = attempt.at("/attempt/landing");
            (landing.get("yMillimetres").asDouble() < Y + 150 ? lower : upper)
                    .add(landing.get("xMillimetres").asDouble());
        }
        assertThat(lower).hasSize(30).isSorted();
        assertThat(upper).hasSize(30).isSorted();
    }

    @Test
    void aClosedTabOpensAgainWithTheServerAwayAndASignInThatEndedAsksAgain() throws Exception {
        Page page = signedIn("tomas", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Wren Castellane");
        whenKeptOnDevice(page);
        String address = page.url();
        table.tapAndSave(FIRST_X, Y);
        server.stop();
        table.tap(FIRST_X + 100, Y);
        var context = page.context();
        page.close();
        Page again = context.newPage();
        again.navigate(address);
        RecordingPage reopened = new RecordingPage(again);
        assertThat(reopened.marks()).hasCount(2);
        assertThat(again.getByText("what this device had kept")).isVisible();
        reopened.tap(FIRST_X + 200, Y);
        context.clearCookies();
        server.restart();
        again.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(again.getByRole(AriaRole.DIALOG)).containsText("Your sign-in has ended");
        People.fillIn(again, "tomas", People.PASSWORD);
        assertThat(reopened.sync()).hasText("Everything saved");
        assertThat(reopened.stored()).hasSize(3);
    }

    @Test
    void whatBothChangedIsShownAndAPersonDecides() throws Exception {
        Page one = signedIn("iris", 1280, 800);
        RecordingPage first = RecordingPage.start(one, "Sabela Quint");
        first.tapAndSave(FIRST_X, Y);
        Page two = signedIn("iris", 1280, 800);
        two.navigate("/table/" + first.sessionId());
        RecordingPage second = new RecordingPage(two).atTheFirstStation();
        assertThat(second.marks()).hasCount(1);
        // "Everything saved" stands there before the key, too: the answer is what to wait for.
        two.waitForResponse(
                answer ->
                        answer.request().method().equals("PUT") && answer.url().contains("/attempts/"),
                () -> two.keyboard().press("1"));
        assertThat(second.sync()).hasText("Everything saved");
        one.keyboard().press("2");
        assertThat(one.getByText("was changed on another device")).isVisible();
        one.getByText("Write mine over it").click();
        assertThat(first.sync()).hasText("Everything saved");
        JsonNode body = first.stored().get(0).get("attempt");
        assertThat(body.get("revision").asInt()).isEqualTo(2);
        assertThat(body.at("/observations/0").asText()).isEqualTo("bridge moved");
    }

    @Test
    void aBrowserThatKeepsNothingSaysSoAndStillSends() throws Exception {
        Page page = browser.open(server, 1280, 800);
        page.addInitScript("Object.defineProperty(window, 'indexedDB', { value: undefined })");
        People.signIn(page, "iris");
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        table.tap(FIRST_X, Y);
        assertThat(page.getByText("This browser cannot store what you record")).isVisible();
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(1);
    }

    @Test
    void aWrongClockIsSaidAndTimesAreTheServers() throws Exception {
        Page page = browser.open(server, 1280, 800);
        page.addInitScript("{ const real = Date.now; Date.now = () => real() - 3 * 3600 * 1000 }");
        People.signIn(page, "iris");
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        assertThat(page.getByText("clock is off by 180 minutes")).isVisible();
        table.tapAndSave(FIRST_X, Y);
        String played = table.stored().get(0).at("/attempt/playedAt").asText();
        assertThat(Duration.between(Instant.parse(played), Instant.now()).abs()).isLessThan(Duration.ofMinutes(5));
    }

    /** The app's own files are on the device once the service worker says so. */
    private static void whenKeptOnDevice(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForFunction("() => navigator.serviceWorker.ready.then((r) => r.active?.state === 'activated')");
    }
}
