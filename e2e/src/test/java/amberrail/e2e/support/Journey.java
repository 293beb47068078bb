package amberrail.e2e.support;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
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

    @BeforeAll
    void begin(@TempDir Path folder) {
        server = Server.start(
                folder.resolve("data"), "--spring.profiles.active=demo", "--amber.demo-weeks=" + demoWeeks());
        browser = new Browser();
    }

    /** Two weeks of practice behind the club start quicker than twelve. */
    protected int demoWeeks() {
        return 2;
    }

    @AfterAll
    void end() {
        browser.close();
        server.close();
    }

    /** No page may ask anything outside, and no script may fail, in any journey. */
    @AfterEach
    void nothingStrayed() {
        assertThat(browser.strayRequests()).as("requests to other origins").isEmpty();
        assertThat(browser.scriptErrors()).as("script errors").isEmpty();
    }

    protected Page signedIn(String name, int width, int height) {
        Page page = browser.open(server, width, height);
        People.signIn(page, name);
        return page;
    }
}
