package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A coach picks a student and a drill, records by tapping, mends, and reads the shot map. */
class CoachRecordsADrillTest extends Journey {
    /** The ring's centre at the first station. */
    private static final double RING_X = 1746.25;

    private static final double RING_Y = 1016;

    @Test
    void fromSetUpToShotMapAndBackAfterARestart() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        assertThat(table.readOut()).containsText("Tap where the cue ball stopped");

        for (int i = 0; i < 10; i++) {
            table.tap(RING_X + 40 * Math.cos(i), RING_Y + 70 * Math.sin(2.3 * i));
            if (i == 2) {
                // Three in a row: the rule goes on to the mirror; one key stays.
                assertThat(page.locator(".moves")).containsText("Passed");
                page.keyboard().press("x");
            }
            assertThat(table.marks()).hasCount(i + 1);
        }
        assertThat(table.readOut()).containsText("Made it");
        assertThat(table.run()).containsText("Passed");
        assertThat(table.sync()).hasText("Everything saved");

        table.key("Missed, too thin").first().click();
        table.tap(RING_X + 500, RING_Y - 100);
        assertThat(table.readOut()).containsText("long");
        assertThat(table.readOut()).containsText("not pocketed");
        assertThat(table.sync()).hasText("Everything saved");

        String session = table.sessionId();
        page.navigate("/review/" + session);
        assertThat(page.getByTestId("figures")).containsText("10 of 11");
        assertThat(page.getByTestId("figures")).containsText("10 of 10");
        assertThat(page.locator("[data-ellipse=spread95]").first()).isVisible();

        server.kill();
        server.restart();
        page.reload();
        assertThat(page.getByTestId("figures")).containsText("10 of 11");
        page.getByText("Compare", new Page.GetByTextOptions().setExact(true)).click();
        page.locator(".compare").getByRole(AriaRole.COMBOBOX).click();
        page.getByRole(AriaRole.OPTION).nth(1).click();
        assertThat(page.locator(".compare")).containsText("distance to the target");
        page.navigate("/progress");
        assertThat(page.locator(".stations")).containsText("Roll on to the ring");
        assertThat(page.getByText("Own error sizes")).isVisible();
    }

    @Test
    void theReadOutOfTheBrowserIsTheServersFigure() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Tamsin Vale");
        double[][] places = {{1500, 900}, {2100, 1200}, {1800, 700}, {1746.3, 1016}};
        for (double[] place : places) {
            table.tap(place[0], place[1]);
            // Before the server's word is there, the browser's own figure stands in the read-out.
            String before = firstWords(table);
            assertThat(table.readOut()).not().containsText("not judged yet");
            assertThat(firstWords(table)).isEqualTo(before);
        }
        JsonNode detail = new ObjectMapper()
                .readTree(page.request()
                        .get("/api/v1/sessions/" + table.sessionId())
                        .text());
        JsonNode last = detail.get("attempts").get(0);
        double tapped = last.at("/attempt/landing/xMillimetres").asDouble();
        assertThat(tapped).as("the tap is where it was aimed, to a pixel").isCloseTo(1500, within(3.5));
    }

    @Test
    void undoNudgeAndCorrectionAreRevisionsOfOneAttempt() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Wren Castellane");
        table.tapAndSave(RING_X, RING_Y);
        String before = firstWords(table);
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(table.readOut()).not().containsText(before);
        page.waitForTimeout(900);
        assertThat(table.sync()).hasText("Everything saved");
        JsonNode attempt = table.stored().get(0);
        assertThat(attempt.at("/attempt/revision").asInt())
                .as("two nudges in a row are one edit")
                .isEqualTo(1);
        assertThat(attempt.at("/attempt/landing/placedBy").asText()).isEqualTo("NUDGED");
        assertThat(attempt.at("/attempt/landing/xMillimetres").asDouble()).isCloseTo(RING_X + 20, within(4.0));

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Attempt 1")))
                .click();
        table.key("Missed, too full").first().click();
        assertThat(table.readOut()).containsText("not pocketed");
        assertThat(table.sync()).hasText("Everything saved");
        table.key("Undo").click();
        assertThat(table.marks()).hasCount(0);
        assertThat(table.readOut()).containsText("Taken back");
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).isEmpty();
    }

    @Test
    void whatWasNotSeenAndWhatDroppedHaveNoMark() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Jory Pell");
        table.key("Not seen").click();
        assertThat(table.readOut()).containsText("Not judged");
        table.key("Scratch").click();
        table.key("Pocketed clean").first().click();
        assertThat(table.readOut()).containsText("scratch");
        assertThat(table.sync()).hasText("Everything saved");
        table.tap(-31, -31);
        assertThat(page.getByText("That is in the pocket")).isVisible();
        assertThat(table.marks()).hasCount(0);
        JsonNode attempts = table.stored();
        assertThat(attempts).hasSize(2);
        assertThat(attempts.get(1).at("/attempt/inOff").asBoolean()).isTrue();
        assertThat(attempts.get(1).at("/attempt/outcome").asText()).isEqualTo("POTTED_CLEAN");
    }

    /** "31 cm long6 cm left" without the judge's line. */
    private static String firstWords(RecordingPage table) {
        Matcher words = Pattern.compile("^.*?(left|right|line|spot)", Pattern.DOTALL)
                .matcher(table.readOut().innerText());
        return words.find() ? words.group() : "";
    }

    @Test
    void aPatternGoesOnFromShotToShotAndAMissSetsItUpAgain() {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", "two-in-order");
        assertThat(page.getByText("shot 1 of 2")).isVisible();
        // In the zone for the second ball: half way along the right half, a little below the middle.
        table.tap(4.6 * 317.5, 1.9 * 317.5);
        assertThat(page.getByText("shot 2 of 2")).isVisible();
        assertThat(table.marks()).hasCount(0);
        table.key("Missed, too thin").click();
        table.tap(1500, 400);
        assertThat(page.getByText("shot 1 of 2")).isVisible();
        assertThat(table.readOut()).containsText("Not made");
        table.tap(4.6 * 317.5, 1.9 * 317.5);
        assertThat(page.getByText("shot 2 of 2")).isVisible();
        table.tap(1500, 400);
        assertThat(page.locator(".moves")).containsText("Passed");
        assertThat(table.sync()).hasText("Everything saved");
        page.navigate("/review/" + table.sessionId() + "?station=0&mirrored=false&shot=1");
        page.getByTestId("figures").waitFor();
        assertThat(page.getByTestId("figures")).containsText("1 of 2");
    }

    @Test
    void aSafetyHasKeysForTheContactAndNoneForAPot() {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", "leave-it-long");
        assertThat(table.key("Hit as asked").first()).isVisible();
        table.tap(300, 600);
        assertThat(table.readOut()).containsText("Made it");
        table.key("Wrong ball").first().click();
        table.tap(300, 600);
        assertThat(table.readOut()).containsText("the right ball was not hit");
        assertThat(table.sync()).hasText("Everything saved");
    }

    /** Three in a row send a student to the mirror; the next session begins there, and one key begins at the first station. */
    @Test
    void aSessionGoesOnWhereTheLastOneEnded() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Jory Pell", "two-walls");
        String first = table.sessionId();
        JsonNode ring = new ObjectMapper()
                .readTree((String)
                        page.evaluate("id => fetch('/api/v1/sessions/' + id).then((answer) => answer.text())", first))
                .at("/drills/0/stations/0/original/0/target");
        for (int i = 0; i < 3; i++) {
            table.tapAndSave(
                    ring.get("xMillimetres").asDouble(),
                    ring.get("yMillimetres").asDouble());
        }
        assertThat(page.locator(".moves")).containsText("Passed");
        assertThat(table.sync()).hasText("Everything saved");
        RecordingPage.startWhereTheyStand(page, "Jory Pell", "two-walls");
        assertThat(page.locator(".moves")).containsText("Going on from last time, at station 1, on the mirror side.");
        page.keyboard().press("x");
        assertThat(page.locator(".moves")).hasCount(0);
    }
}
