package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Single shots, patterns, safeties with two landings, lines not to cross, turns: each in at most two actions. */
class EveryKindOfDrillTest extends Journey {
    private int actions;

    @Test
    void aMixedSessionCostsAtMostTwoActionsAndMostlyOne() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        List<Integer> perAttempt = new ArrayList<>();
        String[] script = {
            "tap",
            "tap",
            "missed,tap",
            "tap",
            "tap",
            "inOff,clean",
            "tap",
            "notSeen",
            "tap",
            "jaw,tap",
            "tap",
            "foul,tap",
            "tap",
            "tap",
            "missed,tap",
            "tap",
            "tap",
            "tap",
            "other,tap",
            "tap"
        };
        for (String attempt : script) {
            actions = 0;
            for (String action : attempt.split(",")) {
                act(page, table, action);
            }
            perAttempt.add(actions);
            assertThat(table.sync()).hasText("Everything saved");
            assertThat(table.stored()).hasSize(perAttempt.size());
        }
        perAttempt.sort(Integer::compare);
        assertThat(perAttempt.get(perAttempt.size() - 1)).as("most actions").isLessThanOrEqualTo(2);
        assertThat(perAttempt.get(perAttempt.size() / 2)).as("median actions").isEqualTo(1);
        assertThat(perAttempt.stream().mapToInt(Integer::intValue).average().orElseThrow())
                .isLessThan(1.5);
    }

    private void act(Page page, RecordingPage table, String action) {
        actions++;
        switch (action) {
            case "tap" -> table.tap(700, 300);
            case "missed" -> table.key("Missed, too full").click();
            case "jaw" -> table.key("Off the full jaw").click();
            case "other" -> table.key("Other").click();
            case "foul" -> page.keyboard().press("d");
            case "inOff" -> page.keyboard().press("f");
            case "clean" -> page.keyboard().press("q");
            default -> page.keyboard().press("n");
        }
    }

    @Test
    void theRuleMovesOnSaysWhatToMoveAndOneKeyStays() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Sabela Quint");
        for (int i = 0; i < 3; i++) {
            table.tapAndSave(1746, 1016);
        }
        Locator moved = page.locator(".moves");
        assertThat(moved).containsText("Move Ball 1");
        assertThat(moved).containsText("Cue ball");
        assertThat(page.locator(".side")).hasText("mirror");
        page.keyboard().press("x");
        assertThat(page.locator(".side")).hasText("original");
        table.tapAndSave(1746, 1016);
        assertThat(page.locator(".side")).hasText("original");
    }

    @Test
    void aPatternGoesOnFromWhereTheCueBallLiesAndAMissSetsUpAgain() {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", "two-in-order");
        assertThat(page.locator(".station")).containsText("shot 1 of 2");
        table.tap(1300, 500);
        assertThat(page.locator(".station")).containsText("shot 2 of 2");
        assertThat(table.sync()).hasText("Everything saved");
        table.key("Other").click();
        table.tap(1500, 500);
        assertThat(page.locator(".station")).containsText("shot 1 of 2");
    }

    @Test
    void aSafetyTakesTwoTapsAndHiddenIsWorkedOut() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", safety(page));
        // Said beforehand and shown by the place too: one word on each demand is sent.
        page.keyboard().press("y");
        table.tap(400, 300);
        assertThat(page.getByText("Now tap where ball")).isVisible();
        table.tapAndSave(2100, 900);
        assertThat(page.getByText("Refused by the server")).hasCount(0);
        JsonNode attempt = table.stored().get(0);
        List<Double> placed = new ArrayList<>();
        for (JsonNode fact : attempt.at("/attempt/facts")) {
            if (fact.has("place")) {
                placed.add(fact.at("/place/xMillimetres").asDouble());
            }
        }
        assertThat(placed).hasSize(1);
        assertThat(placed.get(0)).isBetween(2090.0, 2110.0);
        assertThat(attempt.get("result").asText()).isIn("SUCCESS", "FAILURE");
    }

    /** A shipped drill that asks to leave the other side without a straight shot. */
    private static String safety(Page page) throws Exception {
        JsonNode library = new ObjectMapper()
                .readTree(page.request().get("/api/v1/drills").text())
                .get("drills");
        for (JsonNode entry : library) {
            boolean hides = entry.at("/drill/skill").asText().equals("SAFETY")
                    && entry.at("/drill/tablePresets/0").asText().equals("pool-9ft")
                    && entry.toString().contains("HIDE_FROM");
            if (hides) {
                return entry.at("/drill/id").asText();
            }
        }
        throw new AssertionError("no safety in the library");
    }

    @Test
    void aDemandIsFlippedWithOneTapAndACallIsKept() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        RecordingPage table = RecordingPage.start(page, "Odo Brandt", "do-not-cross");
        page.keyboard().press("c");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Call it"))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.keyboard().press("y");
        table.tap(1300, 400);
        assertThat(table.readOut()).containsText("Not made");
        table.tapAndSave(1300, 400);
        JsonNode stored = table.stored();
        double usualPace = ((Number)
                        page.evaluate(
                                "fetch('/api/v1/sessions/" + table.sessionId() + "').then(r => r.json())"
                                        + ".then(detail => detail.drills[0].stations[0].original[0].usual.paceMetresPerSecond)"))
                .doubleValue();
        assertThat(stored.get(0).get("faults").toString()).contains("LINE_CROSSED");
        assertThat(stored.get(1).get("faults").toString()).doesNotContain("LINE_CROSSED");
        assertThat(stored.get(1).at("/attempt/call/paceMetresPerSecond").asDouble())
                .as("the last call is kept, and began at the usual stroke")
                .isCloseTo(usualPace, within(0.006));
    }

    @Test
    void twoStudentsTakeTurns() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/table/begin");
        page.getByLabel("Odo Brandt").check();
        page.getByLabel("Sabela Quint").check();
        page.locator(".p-multiselect").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Roll on to the ring"))
                .first()
                .click();
        page.keyboard().press("Escape");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Begin").setExact(true))
                .click();
        RecordingPage table = new RecordingPage(page).atTheFirstStation();
        assertThat(page.locator(".turn")).hasText("Odo Brandt");
        table.tap(700, 300);
        assertThat(page.locator(".turn")).hasText("Sabela Quint");
        table.atTheFirstStation();
        table.tap(720, 300);
        assertThat(page.locator(".turn")).hasText("Odo Brandt");
        assertThat(table.readOut()).containsText("Sabela Quint:");
        assertThat(table.sync()).hasText("Everything saved");
        page.keyboard().press("Backspace");
        assertThat(page.locator(".turn")).hasText("Sabela Quint");
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(table.stored()).hasSize(1);
        // Sabela meets the rule by turns with Odo, who never does: her next turn says what to move.
        for (int i = 0; i < 3; i++) {
            table.tap(1746, 1016);
            assertThat(page.locator(".turn")).hasText("Odo Brandt");
            assertThat(table.sync()).hasText("Everything saved");
            table.tap(700, 300);
            assertThat(page.locator(".turn")).hasText("Sabela Quint");
            assertThat(table.sync()).hasText("Everything saved");
        }
        assertThat(page.locator(".moves")).containsText("Passed");
        assertThat(page.locator(".side")).hasText("mirror");
        page.keyboard().press("x");
        assertThat(page.locator(".side")).hasText("original");
    }
}
