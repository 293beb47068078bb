package amberrail.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** From a click on the rail to the page's content, and how much what stands there moves meanwhile. */
public final class PageFigures {
    private static final int ROUNDS = 12;
    private static final int LET_SETTLE_MILLISECONDS = 900;
    private static final int LONGEST_MILLISECONDS = 20_000;
    private static final List<String> PAGES =
            List.of("Drills", "Plan", "Table", "Review", "Progress", "Lab", "Kit", "Today");

    /** Content: the new page's heading, something to read or press below it, nothing that still says it is loading. */
    private static final String WATCH = """
            window.shift = 0;
            new PerformanceObserver((all) => {
              for (const one of all.getEntries()) if (!one.hadRecentInput) window.shift += one.value;
            }).observe({ type: 'layout-shift', buffered: true });
            window.pressed = 0;
            addEventListener('click', (event) => { window.pressed = event.timeStamp; window.content = undefined; look(location.pathname); }, true);
            function look(from) {
              requestAnimationFrame((now) => {
                const main = document.querySelector('main');
                const there = main && location.pathname !== from && main.querySelector('h1')
                  && main.querySelector('table, svg, ul, form, .p-button, a') && !main.querySelector('.waiting');
                if (there) window.content = now - window.pressed; else look(from);
              });
            }
            """;

    private PageFigures() {}

    static void measure(String url, Report report) {
        BrowserFigures.signedIn(url, "iris", page -> {
            page.locator(".go").first().waitFor();
            page.keyboard().press("k");
            page.keyboard().type("jo");
            page.waitForTimeout(500);
            page.keyboard().press("Enter");
            page.waitForTimeout(500);
            page.evaluate(WATCH);
            List<Double> milliseconds = new ArrayList<>();
            double slowest = 0;
            String slowestPage = "";
            for (int round = 0; round < ROUNDS; round++) {
                for (String name : PAGES) {
                    double took = click(page, name);
                    if (round > 1) {
                        milliseconds.add(took);
                        if (took > slowest) {
                            slowest = took;
                            slowestPage = name;
                        }
                    }
                }
            }
            Percentiles all = Percentiles.of(milliseconds);
            report.add(
                    "page content after a click on the rail, eight pages, warm: p95",
                    "under 400 ms",
                    all.at(0.95),
                    "ms");
            report.add(
                    "the same, median; slowest",
                    "",
                    String.format(Locale.ROOT, "%.0f ms; %.0f ms (%s)", all.at(0.5), slowest, slowestPage));
            report.add(
                    "layout shift of all these clicks together, " + ROUNDS * PAGES.size() + " pages",
                    "under 0.02 each",
                    String.format(Locale.ROOT, "%.3f", ((Number) page.evaluate("window.shift")).doubleValue()));
        });
    }

    private static double click(Page page, String name) {
        page.locator("nav a")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first()
                .click();
        Object took = null;
        for (int waited = 0; took == null && waited < LONGEST_MILLISECONDS; waited += LET_SETTLE_MILLISECONDS) {
            page.waitForTimeout(LET_SETTLE_MILLISECONDS);
            took = page.evaluate("window.content");
        }
        if (took == null) {
            throw new IllegalStateException(name + " has no content after " + LONGEST_MILLISECONDS + " ms");
        }
        return ((Number) took).doubleValue();
    }

    /** Alone: the running server's address; nothing is written. */
    public static void main(String[] arguments) {
        Report report = new Report();
        measure(arguments[0], report);
    }
}
