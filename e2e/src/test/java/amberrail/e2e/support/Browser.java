package amberrail.e2e.support;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, one process for all journeys (its driver takes seconds to unpack); a journey's own view of it watches that no page asks anything of another origin and that no script fails. */
public final class Browser implements AutoCloseable {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            // No process more for pictures, and no optimising of scripts whose page is soon gone.
            "--in-process-gpu",
            "--js-flags=--no-opt",
            // A name in the hall that is no secure context, as a tablet sees the club's computer.
            "--host-resolver-rules=MAP " + Server.HALL_NAME + " 127.0.0.1");

    private static final double HANGS_AFTER_MILLISECONDS = 60_000;

    private static com.microsoft.playwright.Browser chromium;

    /** Whether a person's device keeps the app's own files: each new one would fetch and keep them all, in every journey. */
    private final boolean keepsFiles;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> strayRequests = new ArrayList<>();
    private final List<String> scriptErrors = new ArrayList<>();

    /** A device with nothing on it, which keeps nothing of the app's own files. */
    public Browser() {
        this(false);
    }

    public Browser(boolean keepsFiles) {
        this.keepsFiles = keepsFiles;
    }

    private static synchronized com.microsoft.playwright.Browser chromium() {
        if (chromium == null) {
            Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                    .setEnv(Map.of(
                            "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1", "PLAYWRIGHT_NODEJS_PATH", "/usr/bin/node")));
            chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(FLAGS));
            // Only for hangs: a cold server on a busy machine takes its time.
            PlaywrightAssertions.setDefaultAssertionTimeout(HANGS_AFTER_MILLISECONDS);
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return chromium;
    }

    /** A new person at a new browser, whose pages may talk to this server only. */
    public Page open(Server server, int width, int height) {
        return open(server, new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(width, height));
    }

    public Page open(Server server, com.microsoft.playwright.Browser.NewContextOptions options) {
        if (options.baseURL == null) {
            options.setBaseURL(server.url());
        }
        options.setServiceWorkers(keepsFiles ? ServiceWorkerPolicy.ALLOW : ServiceWorkerPolicy.BLOCK);
        BrowserContext context = chromium().newContext(options.setLocale("en-GB"));
        context.setDefaultTimeout(HANGS_AFTER_MILLISECONDS);
        contexts.add(context);
        context.onRequest(request -> {
            String url = request.url();
            if (!url.startsWith(server.url())
                    && !url.startsWith(server.hallUrl())
                    && !url.startsWith("data:")
                    && !url.startsWith("blob:")) {
                strayRequests.add(url);
            }
        });
        return another(context);
    }

    /** A further window of the same person at the same browser. */
    public Page another(BrowserContext context) {
        Page page = context.newPage();
        page.onPageError(scriptErrors::add);
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")
                    || message.text().contains("unexpected error")) {
                scriptErrors.add(message.text());
            }
        });
        return page;
    }

    /** What went to another origin, which must be nothing. */
    public List<String> strayRequests() {
        return strayRequests;
    }

    public List<String> scriptErrors() {
        return scriptErrors;
    }

    @Override
    public void close() {
        contexts.forEach(BrowserContext::close);
    }
}
