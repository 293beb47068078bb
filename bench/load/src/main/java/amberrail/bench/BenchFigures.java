package amberrail.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** The designer's figures: sixteen balls with all lines dragged about, and a library of five hundred drills. */
final class BenchFigures {
    private static final int BALLS = 16;
    private static final int DRILLS = 500;
    private static final double DRAG_SECONDS = 5;
    private static final int WARM_UPS = 5;

    /** The longest gap between two frames while the drag goes on. */
    static final String WATCH_FRAMES = """
            window.frames = [];
            let last = performance.now();
            const frame = (now) => { window.frames.push(now - last); last = now; requestAnimationFrame(frame); };
            requestAnimationFrame((now) => { last = now; requestAnimationFrame(frame); });
            """;

    private static final ObjectMapper JSON = new ObjectMapper();

    private BenchFigures() {}

    static void measure(Page page, String url, Report report) {
        try {
            Device coach = new Device(url);
            coach.signIn("iris");
            frames(page, coach, report);
            library(page, coach, report);
        } catch (IOException e) {
            throw new IllegalStateException("the server did not answer", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static void frames(Page page, Device coach, Report report) throws IOException, InterruptedException {
        ObjectNode drill = document(coach, "roll-on-to-the-ring");
        ArrayNode balls = (ArrayNode) drill.at("/stations/0/shots/0/balls");
        for (int i = balls.size(); i < BALLS; i++) {
            ObjectNode ball = balls.addObject().put("label", "B" + i).put("role", "blocker");
            ball.putObject("position")
                    .put("kind", "sights")
                    .put("along", 0.6 + 0.45 * i)
                    .put("across", 0.5 + 0.15 * (i % 3));
        }
        String id = create(coach, drill);
        page.navigate("/drills/" + id + "/bench");
        page.locator("[data-from-server=true]").waitFor();
        page.waitForTimeout(3000);
        BoundingBox ball = page.locator("[data-ball=cue]").boundingBox();
        double x = ball.x + ball.width / 2;
        double y = ball.y + ball.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.evaluate(WATCH_FRAMES);
        long end = System.nanoTime() + (long) (DRAG_SECONDS * 1e9);
        for (int i = 0; System.nanoTime() < end; i++) {
            page.mouse().move(x + 120 * Math.sin(i / 15.0), y + 70 * Math.sin(i / 11.0));
            page.waitForTimeout(8);
        }
        List<Double> frames = ((List<?>) page.evaluate("window.frames"))
                .stream().map(gap -> ((Number) gap).doubleValue()).toList();
        page.mouse().up();
        if (frames.size() < 100) {
            throw new IllegalStateException("only " + frames.size() + " frames in " + DRAG_SECONDS + " s");
        }
        report.add(
                "dragging on the bench, 16 balls and all lines: longest of " + frames.size() + " frames in 5 s",
                "under 33 ms",
                frames.stream().mapToDouble(gap -> gap).max().orElseThrow(),
                "ms");
    }

    /** Usable: the cards are there, and a word typed in the search narrows them. */
    private static void library(Page page, Device coach, Report report) throws IOException, InterruptedException {
        List<String> patterns = List.of("roll-on-to-the-ring", "two-walls", "two-in-order", "leave-it-long");
        List<ObjectNode> drills = new ArrayList<>();
        for (String pattern : patterns) {
            drills.add(document(coach, pattern));
        }
        int have = coach.send("GET", "/api/v1/drills", null).get("drills").size();
        for (int i = have; i < DRILLS; i++) {
            create(coach, drills.get(i % drills.size()).deepCopy().put("title", "Made for the figure " + i));
        }
        // As in a club that has been open for a while.
        for (int i = 0; i < WARM_UPS; i++) {
            page.navigate("/drills");
            page.locator("article").first().waitFor();
        }
        page.navigate("/today");
        page.locator(".go").first().waitFor();
        long begin = System.nanoTime();
        page.locator("a[href='/drills']").first().click();
        page.locator("article a").first().click(new Locator.ClickOptions().setTrial(true));
        page.locator("input[type=search]").fill("figure 4" + (DRILLS - 1) % 100);
        page.locator("article").nth(1).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        report.add(
                "library of 500 drills: from the rail to a search answered",
                "under 1 s",
                (System.nanoTime() - begin) / 1e9,
                "s");
    }

    private static ObjectNode document(Device coach, String id) throws IOException, InterruptedException {
        return (ObjectNode)
                coach.send("GET", "/api/v1/drills/" + id + "/document", null).get("drill");
    }

    private static String create(Device coach, JsonNode drill) throws IOException, InterruptedException {
        String body = JSON.writeValueAsString(JSON.createObjectNode().set("drill", drill));
        return coach.send("POST", "/api/v1/drills", body).get("id").asText();
    }
}
