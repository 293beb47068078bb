package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whose shot is recorded, what Undo takes back, whose figures are shown: never guessed. */
class WhoseShotTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static final double X = 420;
    private static final double Y = 300;

    private static String rail(Page page) {
        return page.locator(".rail .who strong").innerText();
    }

    @Test
    void undoWithScratchArmedClearsItAndLeavesTheAttemptBefore() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        table.tapAndSave(X, Y);
        for (String armed : new String[] {"f", "d"}) {
            page.keyboard().press(armed);
            page.keyboard().press("Backspace");
            assertThat(table.marks()).hasCount(1);
        }
        table.tapAndSave(X + 60, Y);
        JsonNode second = table.stored().get(1).get("attempt");
        assertThat(second.get("foul").asBoolean() || second.get("inOff").asBoolean())
                .as("nothing was left armed")
                .isFalse();
        page.keyboard().press("Backspace");
        assertThat(table.marks()).hasCount(1);
    }

    @Test
    void aPlaceTappedAnewIsATapAndNoNudge() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        table.tapAndSave(X, Y);
        page.locator(".strip button, .attempts button").first().click();
        table.tapAndSave(X + 200, Y);
        JsonNode landing = table.stored().get(0).at("/attempt/landing");
        assertThat(landing.get("xMillimetres").asDouble()).isBetween(X + 190, X + 210);
        assertThat(landing.get("placedBy").asText()).isEqualTo("TAP");
        assertThat(landing.get("placingSdMillimetres").asDouble()).isNotEqualTo(10);
    }

    /** Two pupils of Iris in one session of a pattern, begun by the API. */
    private String groupSession(Page page, String drill, String... names) throws Exception {
        ObjectMapper json = new ObjectMapper();
        JsonNode students = json.readTree(page.request().get("/api/v1/students").text());
        StringBuilder ids = new StringBuilder();
        for (String name : names) {
            for (JsonNode one : students) {
                if (one.get("name").asText().equals(name)) {
                    ids.append(ids.isEmpty() ? "" : ",")
                            .append('"')
                            .append(one.get("id").asText())
                            .append('"');
                }
            }
        }
        String table = json.readTree(page.request().get("/api/v1/tables").text())
                .at("/0/id")
                .asText();
        String token = page.context().cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        String answer = page.request()
                .post(
                        "/api/v1/sessions",
                        com.microsoft.playwright.options.RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setHeader("Content-Type", "application/json")
                                .setData("{\"studentIds\":[" + ids + "],\"drillIds\":[\"" + drill + "\"],\"tableId\":\""
                                        + table + "\",\"coached\":true}"))
                .text();
        return json.readTree(answer).get("id").asText();
    }

    @Test
    void theTurnPassesAfterAPatternsShotThatMissedItsZone() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        String session = groupSession(page, "two-in-order", "Odo Brandt", "Sabela Quint");
        page.navigate("/table/" + session);
        RecordingPage table = new RecordingPage(page);
        Locator header = page.locator(".header");
        assertThat(header).containsText("Odo Brandt");
        // Pocketed clean, and far from where the next shot wants the cue ball: the try has ended.
        table.tapAndSave(2300, 200);
        assertThat(table.stored().get(0).get("result").asText()).isEqualTo("FAILURE");
        assertThat(header).containsText("Sabela Quint");
    }

    @Test
    void lookingAtSomebodyElsesSessionChangesNobodysChoice() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage.start(page, "Odo Brandt");
        assertThat(rail(page)).isEqualTo("Odo Brandt");
        String others = groupSession(page, "roll-on-to-the-ring", "Sabela Quint");
        for (String path : new String[] {"/review/" + others, "/table/" + others}) {
            page.navigate(path);
            page.getByRole(AriaRole.MAIN).waitFor();
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            assertThat(rail(page)).as(path).isEqualTo("Odo Brandt");
            assertThat(page.getByText("You are looking at Sabela Quint’s session"))
                    .isVisible();
        }
    }

    /** Press, two letters, Enter; from then on the address says whose page it is, in every window by itself. */
    @Test
    void theStudentIsChosenByAKeyAndStandsInTheAddress() {
        Page page = signedIn("iris", 1280, 800);
        page.getByText("Sabela Quint").first().waitFor();
        page.keyboard().press("k");
        assertThat(page.locator(".picker input")).isFocused();
        page.keyboard().type("ta");
        page.keyboard().press("Enter");
        assertThat(page.locator(".rail .who strong")).hasText("Tamsin Vale");
        page.navigate("/progress");
        page.waitForURL("**/progress?student=*");
        assertThat(page.locator("h1")).hasText("Progress: Tamsin Vale");
        String address = page.url();
        Page second = page.context().newPage();
        second.navigate("/today");
        // A lesson of today may name him too.
        second.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Odo Brandt").setExact(true))
                .click();
        assertThat(second.locator("h1")).hasText("Progress: Odo Brandt");
        assertThat(second.getByText("You are looking at Odo Brandt’s page")).isVisible();
        assertThat(second.locator(".rail .who strong")).hasText("Tamsin Vale");
        second.getByText("Choose Odo Brandt").click();
        assertThat(second.locator(".rail .who strong")).hasText("Odo Brandt");
        page.reload();
        assertThat(page.url()).isEqualTo(address);
        assertThat(page.locator("h1")).hasText("Progress: Tamsin Vale");
    }

    /** Nothing is a dead end: a page without a student offers the choice, an ended session what comes next. */
    @Test
    void aPageWithoutAStudentAndTheEndOfASessionOfferWhatComesNext() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/progress");
        page.getByText("Wren Castellane").click();
        assertThat(page.locator("h1")).hasText("Progress: Wren Castellane");
        String session = groupSession(page, "roll-on-to-the-ring", "Wren Castellane");
        page.navigate("/table/" + session);
        RecordingPage table = new RecordingPage(page);
        assertThat(page.getByText("Next shot: Wren Castellane")).isVisible();
        table.tapAndSave(X, Y);
        assertThat(page.getByText("Next shot: Wren Castellane")).isHidden();
        page.keyboard().press("b");
        page.getByText("End the session").click();
        page.waitForURL("**/end");
        assertThat(page.getByText("Roll on to the ring: 0 of 1 succeeded (1 attempt)"))
                .isVisible();
        // Which of the two depends on whether this station's strokes are worked out by now: another journey may have
        // played it.
        assertThat(page.locator(".headline"))
                .containsText(
                        Pattern.compile("Nothing stands out yet: 0 of 1 succeeded\\.|What would help most: half the"));
        page.getByText("Start:").click();
        page.waitForURL("**/table/*");
        assertThat(page.getByText("Next shot: Wren Castellane")).isVisible();
    }

    @Test
    void todayShowsEachPupilTheirOwnShotsOfAGroup() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        String session = groupSession(page, "roll-on-to-the-ring", "Tamsin Vale", "Sabela Quint");
        page.navigate("/table/" + session);
        RecordingPage table = new RecordingPage(page);
        // By turns: Tamsin, Sabela, Tamsin.
        for (int i = 0; i < 3; i++) {
            table.tapAndSave(X + 60 * i, Y);
        }
        page.navigate("/today");
        for (Map.Entry<String, String> line : Map.of(
                        "Tamsin Vale", "2 of 2 pocketed", "Sabela Quint", "1 of 1 pocketed")
                .entrySet()) {
            Locator student =
                    page.locator(".students > li").filter(new Locator.FilterOptions().setHasText(line.getKey()));
            assertThat(student.locator(".last")).containsText(line.getValue());
        }
    }
}
