package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Wrong sign-ins, an ended sign-in, a server that is away, a second browser: nothing is lost and each is told. */
class TroubleAtTheTableTest extends Journey {
    private static final double RING_X = 1746;
    private static final double RING_Y = 1016;

    @Test
    void aWrongPasswordIsToldAndWhatWasTypedStays() {
        Page page = browser.open(server, 1280, 800);
        page.navigate("/sign-in");
        People.fillIn(page, "iris", "not-her-password");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        assertThat(page.getByLabel("Sign-in name")).hasValue("iris");
    }

    @Test
    void anEndedSignInAsksAgainAndLosesNothing() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        table.tap(RING_X, RING_Y);
        assertThat(table.sync()).hasText("Everything saved");
        page.context().clearCookies();
        table.tap(RING_X + 60, RING_Y);
        var dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Your sign-in has ended");
        assertThat(dialog).containsText("1 waiting on this device");
        assertThat(table.marks()).hasCount(2);

        People.fillIn(page, "tomas", People.PASSWORD);
        assertThat(dialog).containsText("Sign in as Iris Fenwick");
        People.fillIn(page, "iris", People.PASSWORD);
        assertThat(dialog).isHidden();
        table.tap(RING_X - 60, RING_Y);
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(3);
    }

    @Test
    void withTheServerAwayAttemptsWaitThroughAReloadAndAreSentOnce() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Sabela Quint");
        table.tap(RING_X, RING_Y);
        assertThat(table.sync()).hasText("Everything saved");
        server.stop();
        table.tap(RING_X + 50, RING_Y + 20);
        table.tap(RING_X + 10, RING_Y - 60);
        assertThat(table.sync()).containsText("2 kept here");
        server.restart();
        page.reload();
        assertThat(table.marks()).hasCount(3);
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(3);
    }

    /** Put away at once it told nobody what came back: the page beneath went on as if there were no pause until it looked for news. */
    @Test
    void thePanelOfTheSessionClosesOnceItsAnswerIsThere() {
        Page page = atTheTableWithoutNews("Odo Brandt");
        List<Route> held = new ArrayList<>();
        page.route("**/pause", held::add);
        page.keyboard().press("b");
        press(page, "Pause");
        page.keyboard().press("Escape");
        page.waitForCondition(() -> !held.isEmpty());
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        held.get(0).resume();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(page.getByText("Paused.")).isVisible();
    }

    @Test
    void aNoteIsKeptWhenThePanelIsPutAwayAndStaysWhereItCannotBe() throws Exception {
        Page page = atTheTableWithoutNews("Sabela Quint");
        String typed = "The tip again: shape it before the next lesson.";
        page.route("**/note", Route::abort);
        page.keyboard().press("b");
        page.getByLabel("Notes on the session").fill(typed);
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).isVisible();
        // Whoever has read that goes on recording; the note is still there.
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.keyboard().press("b");
        assertThat(page.getByLabel("Notes on the session")).hasValue(typed);
        page.unroute("**/note");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        String session = page.request()
                .get(page.url().replace("/table/", "/api/v1/sessions/"))
                .text();
        assertThat(new ObjectMapper().readTree(session).at("/session/note").asText())
                .isEqualTo(typed);
    }

    @Test
    void aNoteOnAShotIsKeptWhenAFingerLandsBesideIt() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Wren Castellane");
        table.tap(RING_X, RING_Y);
        assertThat(table.sync()).hasText("Everything saved");
        page.locator("main").press("/");
        page.getByLabel("Note on this attempt").last().fill("Stood up early.");
        page.waitForResponse(
                answer ->
                        answer.request().method().equals("PUT") && answer.url().contains("/attempts/"),
                () -> page.mouse().click(8, 8));
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(table.stored().get(0).at("/attempt/note").asText()).isEqualTo("Stood up early.");
    }

    /** A page that hears nothing from the server but answers to what it asks for itself. */
    private Page atTheTableWithoutNews(String student) {
        Page page = browser.open(server, 1280, 800);
        page.addInitScript("{ const real = window.setInterval; window.setInterval = (work, every, ...rest) =>"
                + " real(work, every >= 5000 ? 1e9 : every, ...rest) }");
        People.signIn(page, "iris");
        RecordingPage.start(page, student);
        return page;
    }

    @Test
    void twoBrowsersInOneSessionAreBothKept() throws Exception {
        Page one = signedIn("iris", 1280, 800);
        RecordingPage first = RecordingPage.start(one, "Tamsin Vale");
        Page two = signedIn("tamsin", 1280, 800);
        two.navigate("/table/" + first.sessionId());
        RecordingPage second = new RecordingPage(two).atTheFirstStation();
        first.tap(RING_X, RING_Y);
        second.tap(RING_X + 80, RING_Y);
        first.tap(RING_X - 80, RING_Y);
        assertThat(first.sync()).hasText("Everything saved");
        assertThat(second.sync()).hasText("Everything saved");
        one.reload();
        assertThat(first.marks()).hasCount(3);
        assertThat(one.getByText("Another device is recording")).isVisible();
        assertThat(first.stored()).hasSize(3);
    }

    @Test
    void anotherCoachFindsNothingUnderTheSameAddress() {
        Page iris = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(iris, "Odo Brandt");
        Page tomas = signedIn("tomas", 1280, 800);
        tomas.navigate("/table/" + table.sessionId());
        assertThat(tomas.getByRole(AriaRole.ALERT)).containsText("no such session");
    }
}
