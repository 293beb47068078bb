package amberrail.e2e.pages;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** The bench, in the words of a coach. */
public final class BenchPage {
    private static final double PLAYED_9FT_MILLIMETRES = 2540;
    private static final double WOOD_AND_CUSHION_MILLIMETRES = 138;

    private final Page page;

    public BenchPage(Page page) {
        this.page = page;
        table().waitFor();
    }

    /** A new drill from the library page. */
    public static BenchPage newDrill(Page page) {
        page.navigate("/drills");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New drill"))
                .click();
        page.waitForURL("**/bench");
        BenchPage bench = new BenchPage(page);
        bench.answered();
        return bench;
    }

    /** A copy of a shipped drill on the bench, its usual stroke and grades worked out. */
    public static BenchPage copyOf(Page page, String drillId) {
        page.navigate("/drills/" + drillId);
        page.getByText("Copy to my own and change it").click();
        page.waitForURL("**/bench");
        BenchPage bench = new BenchPage(page);
        bench.answered();
        page.waitForTimeout(3000);
        return bench;
    }

    public Locator table() {
        return page.getByLabel("The table of the bench");
    }

    public Locator ball(String label) {
        return page.locator("[data-ball='" + label + "']");
    }

    public Locator grip(String name) {
        return page.locator("[data-grip=" + name + "]").first();
    }

    public Locator problems() {
        return page.locator(".problems");
    }

    public Locator saved() {
        return page.locator(".save .state");
    }

    public Locator title() {
        return page.getByLabel("Title of the drill");
    }

    /** Gives the drill another title, which is saved a moment later. */
    public void rename(String title) {
        title().fill(title);
        page.keyboard().press("Enter");
    }

    public Locator tool(String name) {
        return page.getByRole(AriaRole.TOOLBAR)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    public String drillId() {
        return page.url().replaceAll(".*/drills/", "").replaceAll("/bench.*", "");
    }

    /** Waits until the server has answered for what is on the table. */
    public void answered() {
        page.locator("[data-from-server=true]").waitFor();
    }

    /** Drags a ball or a grip by so many millimetres; 9-ft table. */
    public void drag(Locator handle, double dx, double dy) {
        BoundingBox box = handle.boundingBox();
        double scale = pixelsPerMillimetre();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx * scale, y - dy * scale, new Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
    }

    private double pixelsPerMillimetre() {
        BoundingBox box = table().boundingBox();
        double length = PLAYED_9FT_MILLIMETRES + 2 * WOOD_AND_CUSHION_MILLIMETRES;
        return Math.min(box.width / length, box.height / (length - PLAYED_9FT_MILLIMETRES / 2));
    }

    /** What the browser works out by itself for the shot on the table. */
    public JsonNode live() throws Exception {
        return new ObjectMapper()
                .readTree(page.locator("[data-live]").textContent())
                .get("live");
    }

    /** A ball's place as drawn from the browser's own arithmetic (mm). */
    public double[] place(String label) throws Exception {
        for (JsonNode ball : live().at("/shot/balls")) {
            if (ball.get("label").asText().equals(label)) {
                return new double[] {
                    ball.at("/at/place/xMillimetres").asDouble(),
                    ball.at("/at/place/yMillimetres").asDouble()
                };
            }
        }
        throw new IllegalStateException("no ball " + label);
    }
}
