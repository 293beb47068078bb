package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
