package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is drawn on the bench is saved by itself: as the next version where it was played, in two windows, away from the server, refused. */
class DraftsOfDrillsTest extends Journey {
    private static final Pattern DRILL = Pattern.compile(".*/api/v1/drills/own-[^/]*$");
    private static final String CHANGED_IN_ANOTHER_WINDOW = "This drill was changed in another window.";
    private static final String LEFT_BEHIND = "There is a change on this device that was never saved";

    @Test
    void recordedThenChangedMakesANewVersionAndKeepsTheOldResults() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        bench.rename("Played drill");
        assertThat(bench.saved()).hasText("Saved · version 1");
        String id = bench.drillId();
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", id);
        table.tapAndSave(2000, 500);
        String session = table.sessionId();
        page.navigate("/drills/" + id + "/bench");
        BenchPage again = new BenchPage(page);
        again.rename("Changed drill");
        assertThat(again.saved()).hasText("Saved · version 2");
        page.navigate("/review/" + session);
        assertThat(page.locator("h1").first()).containsText("Played drill");
    }

    @Test
    void twoWindowsOnTheSameDrillLoseNothing() throws Exception {
        Page one = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(one);
        Page two = one.context().newPage();
        two.navigate(one.url());
        BenchPage other = new BenchPage(two);
        other.answered();
        bench.rename("From the first window");
        assertThat(bench.saved()).containsText("Saved");
        other.rename("From the second window");
        assertThat(two.getByText(CHANGED_IN_ANOTHER_WINDOW)).isVisible();
        keepMineAsACopy(two);
        two.navigate("/drills");
        assertThat(two.getByText("From the first window")).isVisible();
        assertThat(two.getByText("From the second window")).isVisible();
    }

    @Test
    void whatIsDrawnWithoutTheServerIsSavedWhenItIsBack() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.context().setOffline(true);
        bench.rename("Made without a network");
        assertThat(bench.saved()).containsText("Kept on this device");
        page.context().setOffline(false);
        page.reload();
        new BenchPage(page);
        assertThat(bench.title()).hasValue("Made without a network");
        assertThat(bench.saved()).containsText("Saved");
    }

    @Test
    void aDraftThatWaitsIsCountedOnTheRailAndFoundInTheLibrary() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.route(DRILL, Route::abort);
        bench.rename("Waits for the server");
        assertThat(bench.saved()).containsText("Kept on this device");
        page.locator("nav.rail").getByText("Drills").click();
        assertThat(page.locator(".sync")).hasText("1 waiting to be sent");
        page.unroute(DRILL);
        page.getByText("A change to “Waits for the server” waits on this device")
                .click();
        assertThat(bench.saved()).hasText("Saved · version 1");
        assertThat(page.locator(".sync")).hasText("Everything saved");
    }

    /** The bench went on saying that it was not saved, and the next visit brought the change back. */
    @Test
    void aChangeThatIsTakenBackAwayFromTheServerDoesNotComeBack() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.route(DRILL, Route::abort);
        bench.rename("Taken back");
        assertThat(bench.saved()).containsText("Kept on this device");
        bench.tool("Undo").click();
        page.unroute(DRILL);
        assertThat(bench.saved()).hasText("Saved · version 1");
        assertThat(page.locator(".sync")).hasText("Everything saved");
        page.reload();
        assertThat(bench.title()).hasValue("Untitled drill");
    }

    /** It went when something else was drawn before anybody had decided about it. */
    @Test
    void aDraftThatWasLeftBehindStaysUntilSomebodyDecides() {
        Page page = signedIn("iris", 1280, 800);
        leaveADraftBehind(page);
        BenchPage bench = new BenchPage(page);
        bench.rename("Drawn on regardless");
        assertThat(bench.saved()).hasText("Saved · version 1");
        page.reload();
        assertThat(page.getByText(LEFT_BEHIND)).isVisible();
        keepMineAsACopy(page);
        assertThat(bench.title()).hasValue("Left behind");
        page.navigate("/drills");
        assertThat(page.getByText("Drawn on regardless").first()).isVisible();
        assertThat(page.getByText("waits on this device")).hasCount(0);
    }

    /** Of the two the one was kept that had not been asked about. */
    @Test
    void aConflictIsSettledBeforeADraftThatWasLeftBehind() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage elsewhere = leaveADraftBehind(page);
        String address = page.url();
        elsewhere.rename("Changed elsewhere again");
        assertThat(elsewhere.saved()).hasText("Saved · version 1");
        BenchPage bench = new BenchPage(page);
        bench.rename("In conflict");
        assertThat(page.getByText(CHANGED_IN_ANOTHER_WINDOW)).isVisible();
        keepMineAsACopy(page);
        assertThat(bench.title()).hasValue("In conflict");
        page.navigate(address);
        assertThat(page.getByText(LEFT_BEHIND)).isVisible();
        page.getByText("Go on with the other one").click();
        assertThat(page.getByText(LEFT_BEHIND)).isHidden();
        assertThat(bench.title()).hasValue("Changed elsewhere again");
        assertThat(page.locator(".sync")).hasText("Everything saved");
    }

    /** A draft that the server never had, of a drill that has gone on elsewhere since. */
    private BenchPage leaveADraftBehind(Page page) {
        BenchPage bench = BenchPage.newDrill(page);
        String address = page.url();
        page.route(DRILL, Route::abort);
        bench.rename("Left behind");
        assertThat(bench.saved()).containsText("Kept on this device");
        page.navigate("/drills");
        Page elsewhere = signedIn("iris", 1280, 800);
        elsewhere.navigate(address);
        BenchPage other = new BenchPage(elsewhere);
        other.rename("Changed elsewhere");
        assertThat(other.saved()).hasText("Saved · version 1");
        page.unroute(DRILL);
        page.navigate(address);
        assertThat(page.getByText(LEFT_BEHIND)).isVisible();
        return other;
    }

    private static void keepMineAsACopy(Page page) {
        String before = page.url();
        page.getByText("Keep mine as a copy").click();
        page.waitForURL(url -> url.endsWith("/bench") && !url.equals(before));
    }

    @Test
    void whatTheServerRefusesIsSettledByTakingItBack() {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.route(
                DRILL,
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(400)
                        .setContentType("application/problem+json")
                        .setBody("{\"status\":400,\"detail\":\"It cannot be so.\"}")));
        bench.rename("Not to be had");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("It cannot be so.");
        assertThat(page.locator(".sync")).hasText("1 waiting to be sent");
        bench.tool("Undo").click();
        assertThat(bench.saved()).hasText("Saved · version 1");
        assertThat(page.locator(".sync")).hasText("Everything saved");
    }
}
