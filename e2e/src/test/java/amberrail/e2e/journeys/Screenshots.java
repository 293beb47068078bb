package amberrail.e2e.journeys;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Makes the pictures of docs/screenshots from the demo data; run by {@code ./amber shots}. */
@EnabledIfSystemProperty(named = "amber.shots", matches = ".+")
class Screenshots extends Journey {
    private final Path target = Path.of(System.getProperty("amber.shots", "."));

    @Override
    protected int demoWeeks() {
        return 12;
    }

    @Test
    void laptop() throws Exception {
        Page page = browser.open(server, 1280, 800);
        People.signIn(page, "iris");
        page.getByText("Wren Castellane").first().waitFor();
        shoot(page, "today");
        page.navigate("/drills");
        page.locator("svg.table").first().waitFor();
        shoot(page, "drills");
        page.navigate("/drills/roll-on-to-the-ring");
        page.locator("svg.table").first().waitFor();
        shoot(page, "drill");
        BenchPage bench = BenchPage.copyOf(page, "two-walls");
        String designed = bench.drillId();
        bench.ball("cue").click();
        shoot(page, "bench");
        String session = openSession(page);
        shoot(page, "recording");
        page.navigate("/review/" + session);
        page.getByTestId("figures").waitFor();
        shoot(page, "review");
        page.navigate("/progress");
        page.locator(".stations").waitFor();
        page.locator(".trend svg text").first().waitFor();
        shoot(page, "progress");
        page.navigate("/review");
        page.locator("main tbody tr").first().waitFor();
        shoot(page, "sessions");
        page.navigate("/progress/group");
        page.getByText("Wren Castellane").first().waitFor();
        shoot(page, "group");
        page.navigate("/plan/new?for=" + studentInHand(page));
        page.locator("ol.lines > li").first().waitFor();
        shoot(page, "plan");
        page.navigate("/plan/calendar");
        page.locator(".fc-event").first().waitFor();
        shoot(page, "calendar");
        page.navigate("/racks/new?student=" + studentInHand(page));
        page.locator(".choose .p-select").nth(1).click();
        page.getByText("6 balls, by number", new Page.GetByTextOptions().setExact(true))
                .click();
        // The same made-up break every time.
        page.evaluate("Math.random = () => 0.37");
        page.getByText("Make up a break").click();
        page.getByText("Survey and plan", new Page.GetByTextOptions().setExact(true))
                .click();
        page.locator(".steps > li").first().waitFor();
        page.getByText("Looking for a way").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        shoot(page, "rack");
        page.navigate("/lab?panel=stop&kind=POOL&distanceMillimetres=1000&grade=500");
        page.locator("main table").waitFor();
        page.locator(".curves svg text").first().waitFor();
        page.locator("svg.table").first().waitFor();
        shoot(page, "lab");
        page.navigate("/kit/checks/" + checked());
        page.locator(".tries > li").first().waitFor();
        page.locator(".drawing svg.table").waitFor();
        shoot(page, "kit-check");
        page.navigate("/people");
        page.getByText("Tomas Arden").first().waitFor();
        shoot(page, "people");
        page.navigate("/settings");
        page.getByText("dark", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
        openSession(page);
        shoot(page, "recording-dark");
        page.navigate("/drills/" + designed + "/bench");
        new BenchPage(page).answered();
        page.waitForTimeout(2500);
        page.locator(".demands .head").nth(1).click();
        shoot(page, "bench-dark");
        page.navigate("/settings");
        page.getByText("as the device").click();
        page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
    }

    @Test
    void phoneAndTablet() {
        Page phone = signedIn("tamsin", 390, 844);
        openSession(phone);
        shoot(phone, "recording-phone");
        Page tablet = signedIn("tamsin", 1024, 768);
        openSession(tablet);
        shoot(tablet, "recording-tablet");
    }

    /** A check under way: eight slow rolls, one of them typed in inches. */
    private String checked() throws Exception {
        ApiClient iris = new ApiClient(server);
        iris.signIn("iris");
        String table = iris.send("GET", "/api/v1/tables", null).at("/1/id").asText();
        String check = iris.send("POST", "/api/v1/kit/checks", "{\"tableId\":\"" + table + "\"}")
                .get("id")
                .asText();
        JsonNode places = iris.send("GET", "/api/v1/kit/checks/" + check, null).get("places");
        for (int i = 0; i < 8; i++) {
            JsonNode place = places.get(i % 4);
            double metres = (i % 4 < 2 ? 1.3 : 0.7) + 0.02 * i;
            double seconds = Math.sqrt(2 * metres / (0.009 * 9.81)) + 0.04 * (i % 3 - 1);
            double aside = i % 4 == 0 ? 17 + i : i % 4 == 1 ? -15 - i : 2 - i / 2.0;
            iris.send(
                    "PUT",
                    "/api/v1/kit/checks/" + check + "/readings/" + UUID.randomUUID(),
                    String.format(
                            Locale.ROOT,
                            "{\"kind\":\"ROLL\",\"xMetres\":%s,\"yMetres\":%s,\"directionDegrees\":%s,\"seconds\":%.2f,"
                                    + "\"metres\":%.3f,\"asideMillimetres\":%.0f,\"takenAt\":\"%s\","
                                    + "\"confirmed\":false,\"withdrawn\":false}",
                            place.get("xMetres").asText(),
                            place.get("yMetres").asText(),
                            place.get("directionDegrees").asText(),
                            seconds,
                            i == 7 ? metres / 2.54 : metres,
                            aside,
                            Instant.now()));
        }
        return check;
    }

    private static String studentInHand(Page page) {
        return (String) page.evaluate("fetch('/api/v1/group-progress').then(r => r.json())"
                + ".then(group => group.students.find(one => one.name === 'Tamsin Vale').studentId)");
    }

    /** The open session of Tamsin Vale. */
    private String openSession(Page page) {
        page.navigate("/today");
        page.locator("li", new Page.LocatorOptions().setHasText("Tamsin Vale"))
                .locator(".go.main")
                .first()
                .click();
        RecordingPage table = new RecordingPage(page);
        table.marks().first().waitFor();
        return table.sessionId();
    }

    private void shoot(Page page, String name) {
        page.waitForTimeout(500);
        page.screenshot(new Page.ScreenshotOptions().setPath(target.resolve(name + ".png")));
    }
}
