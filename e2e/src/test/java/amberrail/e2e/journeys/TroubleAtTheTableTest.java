package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
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
        table.tapAndSave(RING_X, RING_Y);
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
        table.tapAndSave(RING_X - 60, RING_Y);
        assertThat(table.stored()).hasSize(3);
    }

    @Test
    void withTheServerAwayAttemptsWaitThroughAReloadAndAreSentOnce() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Sabela Quint");
        table.tapAndSave(RING_X, RING_Y);
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
        assertThat(noteOnTheServer(page)).isEqualTo(typed);
    }

    /** The server keeps the first; the second finds it above their own and saves both. */
    @Test
    void ofTwoWhoWriteTheNoteAtTheSameTimeNeitherLosesTheirs() throws Exception {
        Page one = atTheTableWithoutNews("Tamsin Vale");
        one.keyboard().press("b");
        Locator mine = one.getByLabel("Notes on the session");
        mine.waitFor();
        Page two = signedIn("tamsin", 1280, 800);
        two.navigate(one.url());
        new RecordingPage(two);
        two.keyboard().press("b");
        two.getByLabel("Notes on the session").fill("Hers.");
        two.keyboard().press("Escape");
        assertThat(two.getByRole(AriaRole.DIALOG)).isHidden();
        mine.fill("Mine.");
        mine.blur();
        assertThat(one.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT))
                .containsText("theirs is saved, yours is not yet");
        assertThat(mine).hasValue("Hers.\nMine.");
        one.keyboard().press("Escape");
        assertThat(one.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(noteOnTheServer(one)).isEqualTo("Hers.\nMine.");
    }

    private static String noteOnTheServer(Page page) throws Exception {
        String session = page.request()
                .get(page.url().replaceAll("/table/([^?]*).*", "/api/v1/sessions/$1"))
                .text();
        return new ObjectMapper().readTree(session).at("/session/note").asText();
    }

    @Test
    void aNoteOnAShotIsKeptWhenAFingerLandsBesideIt() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Wren Castellane");
        table.tapAndSave(RING_X, RING_Y);
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
        first.tapAndSave(RING_X - 80, RING_Y);
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
