package amberrail.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitForSelectorState;

/** The recording screen in the words of whoever stands at the table. */
public final class RecordingPage {
    /** A 9 ft pool table with its cushions and wood, as the drawing shows it (mm). */
    private static final double LENGTH = 2540;

    private static final double WIDTH = 1270;
    private static final double MARGIN = 138;

    private final Page page;

    public RecordingPage(Page page) {
        this.page = page;
        table().waitFor();
    }

    /** Starts the shipped drill for a student, as a coach does it. */
    public static RecordingPage start(Page page, String student) {
        return start(page, student, "roll-on-to-the-ring");
    }

    /** Starts any drill of the library by its id. */
    public static RecordingPage start(Page page, String student, String drillId) {
        return startWhereTheyStand(page, student, drillId).atTheFirstStation();
    }

    /** The same, at the station where the student was last. */
    public static RecordingPage startWhereTheyStand(Page page, String student, String drillId) {
        page.navigate("/drills");
        page.locator("a[href='/drills/" + drillId + "']").click();
        page.waitForURL("**/drills/" + drillId + "*");
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.getByRole(AriaRole.COMBOBOX).first().click();
        // The same names can be chosen below, for whose chance is asked.
        page.locator(".p-select-option")
                .getByText(student, new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record this drill"))
                .click();
        page.waitForURL("**/table/*");
        return new RecordingPage(page);
    }

    /** Whoever has played it before goes on where the rule had brought them; one key begins at the first station. */
    public RecordingPage atTheFirstStation() {
        if (page.getByText("Begin at station 1").isVisible()) {
            page.keyboard().press("x");
            page.getByText("Begin at station 1")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        }
        return this;
    }

    public Locator table() {
        return page.getByTestId("table");
    }

    /** Taps the cloth at a place in mm, on a table drawn in landscape. */
    public void tap(double xMillimetres, double yMillimetres) {
        double[] at = onScreen(xMillimetres, yMillimetres);
        page.mouse().click(at[0], at[1]);
    }

    /** Taps there and waits until the server has the shot. */
    public void tapAndSave(double xMillimetres, double yMillimetres) {
        tap(xMillimetres, yMillimetres);
        assertThat(sync()).hasText("Everything saved");
    }

    public double[] onScreen(double xMillimetres, double yMillimetres) {
        BoundingBox box = table().boundingBox();
        boolean portrait = box.height > box.width;
        double across = portrait ? WIDTH : LENGTH;
        double down = portrait ? LENGTH : WIDTH;
        double scale = Math.min(box.width / (across + 2 * MARGIN), box.height / (down + 2 * MARGIN));
        double left = box.x + (box.width - scale * (across + 2 * MARGIN)) / 2;
        double top = box.y + (box.height - scale * (down + 2 * MARGIN)) / 2;
        double x = portrait ? WIDTH - yMillimetres : xMillimetres;
        double y = portrait ? LENGTH - xMillimetres : WIDTH - yMillimetres;
        return new double[] {left + scale * (x + MARGIN), top + scale * (y + MARGIN)};
    }

    /** Beside a long read-out there may be no room to show the target larger than the table does. */
    public boolean loupeIsHiddenOrEnlarges() {
        return (boolean) page.evaluate("() => {"
                + " const loupe = document.querySelector('.loupe');"
                + " const scale = (svg) => svg.getScreenCTM().a;"
                + " return getComputedStyle(loupe).display === 'none' || getComputedStyle(loupe).visibility === 'hidden'"
                + " || scale(loupe.querySelector('svg')) > scale(document.querySelector('[data-testid=table]')); }");
    }

    public Locator marks() {
        return table().locator("[data-mark=landing]");
    }

    public Locator readOut() {
        return page.getByTestId("readout");
    }

    public Locator run() {
        return page.getByTestId("run");
    }

    public Locator sync() {
        return page.locator(".sync");
    }

    public Locator key(String word) {
        return page.locator(".keys").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(word));
    }

    /** The attempts as the server has them. */
    public JsonNode stored() throws Exception {
        // By the page itself: it may have come under a name that only the browser knows.
        String text = (String)
                page.evaluate("id => fetch('/api/v1/sessions/' + id).then((answer) => answer.text())", sessionId());
        return new ObjectMapper().readTree(text).get("attempts");
    }

    public String sessionId() {
        return page.url().replaceAll(".*/", "");
    }
}
