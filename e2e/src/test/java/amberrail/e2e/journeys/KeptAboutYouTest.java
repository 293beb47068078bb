package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;

/** What is kept about a person: looked at, taken home, asked to be erased and called off again. */
class KeptAboutYouTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static void ask(Page page, String password) {
        page.getByLabel("Your password").fill(password);
        press(page, "Erase");
    }

    @Test
    void aStudentTakesEverythingHomeAsksToGoAndStays() throws Exception {
        Page page = signedIn("odo", 1280, 800);
        page.navigate("/settings");
        page.getByText("What we keep about you").click();
        assertThat(page.locator("h1")).hasText("What we keep about you");
        assertThat(page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("Attempts with landing")))
                .containsText("goes for good");
        Download zip = page.waitForDownload(
                () -> page.getByText("Download everything (zip)").click());
        Path file = zip.path();
        try (ZipFile all = new ZipFile(file.toFile())) {
            assertThat(all.stream().map(entry -> entry.getName()).toList())
                    .contains("index.html", "attempts.csv", "attempts.json", "racks.json", "sessions.json");
        }
        openFold(page, "Erase");
        ask(page, "that is not it");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Password: that is not it");
        ask(page, People.PASSWORD);
        assertThat(page.locator(".asked")).containsText("Odo Brandt is to be erased on");
        page.reload();
        assertThat(page.locator(".asked")).containsText("as Odo Brandt asked on");
        press(page, "Call it off");
        assertThat(page.locator(".asked")).hasCount(0);
        assertThat(page.locator("summary").filter(new Locator.FilterOptions().setHasText("Erase")))
                .isVisible();
    }

    @Test
    void aCoachErasesAStudentAtOnce() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/people");
        page.getByLabel("Student's name").fill("Philippa Overbury");
        press(page, "Add a student");
        // Stored and listed: a reload before that would take the request back.
        assertThat(page.getByLabel("What we keep about Philippa Overbury")).isVisible();
        page.getByLabel("What we keep about Philippa Overbury").click();
        assertThat(page.locator("h1")).hasText("What we keep about Philippa Overbury");
        assertThat(page.getByText("Nothing but the account itself.")).isVisible();
        openFold(page, "Erase");
        page.getByText("At once, not in two weeks").click();
        ask(page, People.PASSWORD);
        page.waitForURL("**/people");
        assertThat(page.locator("h1")).isVisible();
        assertThat(page.getByLabel("What we keep about Philippa Overbury")).hasCount(0);
    }
}
