package amberrail.e2e.support;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** A journey on the demo club with one server for the whole class. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
public abstract class Journey {
    protected Server server;
    protected Browser browser;

    private static Server shared;

    @BeforeAll
    void begin(@TempDir Path folder) throws IOException {
        server = sharesServer() ? shared(demoWeeks()) : DemoClub.start(folder.resolve("data"), demoWeeks());
        browser = new Browser(keepsFiles());
    }

    /** Whether this journey neither stops the server nor minds what others recorded; those that say so share one. */
    protected boolean sharesServer() {
        return false;
    }

    /** Whether the app is to open with the server away: the browser then keeps its files. */
    protected boolean keepsFiles() {
        return false;
    }

    private static synchronized Server shared(int weeks) throws IOException {
        if (shared == null) {
            shared = DemoClub.start(Files.createTempDirectory("amber-journeys").resolve("data"), weeks);
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    /** Weeks of practice behind the club, unless a journey looks at the whole season. */
    public static final int USUAL_WEEKS = 6;

    protected int demoWeeks() {
        return USUAL_WEEKS;
    }

    @AfterAll
    void end() {
        browser.close();
        if (!sharesServer()) {
            server.close();
        }
    }

    /** No page may ask anything outside, and no script may fail, in any journey. */
    @AfterEach
    void nothingStrayed() {
        assertThat(browser.strayRequests()).as("requests to other origins").isEmpty();
        assertThat(browser.scriptErrors()).as("script errors").isEmpty();
    }

    /** Somebody at a browser, at Today. */
    protected Page signedIn(String name, int width, int height) {
        Page page = browser.open(server, width, height);
        People.comeBack(page, server, name);
        return page;
    }

    /** The button with exactly these words. */
    protected static Locator key(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected static void press(Page page, String name) {
        key(page, name).click();
    }

    /** Opens or folds what is seldom wanted. */
    protected static void openFold(Page page, String title) {
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText(title))
                .click();
    }
}
