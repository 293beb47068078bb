package amberrail.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Script weight of the first load, and how soon a tap on the cloth is drawn. */
final class BrowserFigures {
    private static final int TAPS = 60;
    private static final int DRAGS = 180;
    private static final int FULL_SESSION = 500;
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** From the tap's own time stamp to the frame after the one in which its mark was put there. */
    private static final String WATCH_MARKS = """
            window.tapMilliseconds = [];
            const table = document.querySelector('[data-testid=table]');
            let tapped = 0;
            addEventListener('pointerup', (event) => { tapped = event.timeStamp; }, true);
            new MutationObserver((changes) => {
              const added = changes.some((c) => [...c.addedNodes].some((n) => n.dataset?.mark === 'landing'));
              if (added) requestAnimationFrame(() => requestAnimationFrame((now) => window.tapMilliseconds.push(now - tapped)));
            }).observe(table, { childList: true, subtree: true });
            """;

    private BrowserFigures() {}

    /** A page of 1280 x 800 on which this person is signed in. */
    static void signedIn(String url, String name, Consumer<Page> use) {
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                        .setEnv(Map.of(
                                "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1", "PLAYWRIGHT_NODEJS_PATH", "/usr/bin/node")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(FLAGS))) {
            Page page =
                    browser.newPage(new Browser.NewPageOptions().setBaseURL(url).setViewportSize(1280, 800));
            page.navigate("/sign-in");
            page.locator("input[name=username]").fill(name);
            page.locator("input[name=password]").fill(Device.PASSWORD);
            page.locator("button[type=submit]").click();
            page.waitForURL("**/today");
            use.accept(page);
        }
    }

    static void measure(String url, Report report) {
        signedIn(url, "iris", page -> {
            page.locator(".go").first().waitFor();
            Object bytes = page.evaluate("performance.getEntriesByType('resource')"
                    + ".filter((r) => r.name.endsWith('.js')).reduce((sum, r) => sum + r.encodedBodySize, 0)");
            report.add(
                    "compressed JavaScript from the sign-in to Today",
                    "under 350 kB",
                    ((Number) bytes).doubleValue() / 1000,
                    "kB");
            report.add(
                    "dragging a ball: predicted path behind the pointer, round trip included, p95",
                    "under 33 ms",
                    drag(page).at(0.95),
                    "ms");
            BenchFigures.measure(page, url, report);
            String session = fullSession(url);
            for (int[] window : new int[][] {{1280, 800}, {390, 844}}) {
                page.setViewportSize(window[0], window[1]);
                page.navigate("/table/" + session);
                page.getByTestId("table").waitFor();
                page.waitForTimeout(1000);
                report.add(
                        "tap on the cloth to mark drawn, " + FULL_SESSION + " attempts in the session, window "
                                + window[0] + " wide, p95",
                        "under 50 ms",
                        taps(page).at(0.95),
                        "ms");
            }
        });
    }

    /** A session whose attempts all lie on the cloth that is drawn. */
    private static String fullSession(String url) {
        try {
            Device device = new Device(url);
            device.signIn("tamsin");
            String session = device.beginSession();
            for (int i = 0; i < FULL_SESSION; i++) {
                device.putMiss(session, i);
            }
            return session;
        } catch (java.io.IOException e) {
            throw new IllegalStateException("the session could not be filled", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** From the pointer's move to the frame after the path that answers it is in the page. */
    private static final String WATCH_PATH = """
            window.pathMilliseconds = [];
            const path = document.querySelector('[data-asked-at]');
            new MutationObserver(() => {
              const asked = Number(path.dataset.askedAt);
              requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = () => window.pathMilliseconds.push(performance.now() - asked);
                channel.port2.postMessage(0);
              });
            }).observe(path, { attributes: true, attributeFilter: ['data-asked-at'] });
            """;

    private static Percentiles drag(Page page) {
        page.navigate("/drills/roll-on-to-the-ring");
        page.locator("[data-asked-at]").waitFor();
        page.waitForTimeout(1500);
        BoundingBox ball = page.locator("[data-ball=cue]").boundingBox();
        double x = ball.x + ball.width / 2;
        double y = ball.y + ball.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 0; i < 2 * DRAGS; i++) {
            if (i == DRAGS) {
                page.evaluate(WATCH_PATH);
            }
            page.mouse().move(x + 14 * Math.sin(i / 15.0), y + 10 * Math.sin(i / 11.0));
            page.waitForTimeout(16);
        }
        page.mouse().up();
        return Percentiles.of(numbers(page.evaluate("window.pathMilliseconds"), DRAGS / 3));
    }

    private static List<Double> numbers(Object found, int atLeast) {
        List<Double> milliseconds = new ArrayList<>();
        for (Object one : (List<?>) found) {
            milliseconds.add(((Number) one).doubleValue());
        }
        if (milliseconds.size() < atLeast) {
            throw new IllegalStateException("only " + milliseconds.size() + " of " + atLeast + " were measured");
        }
        return milliseconds;
    }

    private static Percentiles taps(Page page) {
        page.evaluate(WATCH_MARKS);
        BoundingBox box = page.getByTestId("table").boundingBox();
        for (int i = 0; i < TAPS; i++) {
            // Outside the ring, so that no rule changes what is drawn.
            page.mouse().click(box.x + box.width * (0.3 + 0.003 * i), box.y + box.height * 0.4);
            page.waitForTimeout(80);
        }
        return Percentiles.of(numbers(page.evaluate("window.tapMilliseconds"), TAPS));
    }
}
