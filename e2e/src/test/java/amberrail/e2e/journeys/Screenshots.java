package amberrail.e2e.journeys;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
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
    void laptop() {
        Page page = browser.open(server, 1280, 800);
        page.navigate("/sign-in");
        page.locator("h1").waitFor();
        shoot(page, "sign-in");
        People.signIn(page, "iris");
        page.getByText("Wren Castellane").waitFor();
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
        page.getByText("Wren Castellane").waitFor();
        shoot(page, "group");
        page.navigate("/plan/new?for=" + studentInHand(page));
        page.locator("ol.lines > li").first().waitFor();
        shoot(page, "plan");
        page.navigate("/plan/calendar");
        page.locator(".fc-event").first().waitFor();
        shoot(page, "calendar");
        page.navigate("/progress/periods?student=" + studentInHand(page));
        page.locator("main tbody tr").first().waitFor();
        shoot(page, "periods");
        page.navigate("/lab?panel=stop&kind=POOL&distanceMillimetres=1000&grade=500");
        page.locator("main table").waitFor();
        page.locator(".curves svg text").first().waitFor();
        page.locator("svg.table").first().waitFor();
        shoot(page, "lab");
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
