package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Browser;
import amberrail.e2e.support.Server;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The real thing from an empty folder: first coach, first student, their link, their first attempt. */
class FirstCoachOpensTheClubTest {
    private static final String PASSWORD = "chalk on every finger";

    @TempDir
    Path folder;

    @Test
    void anEmptyClubBecomesOneWithAStudentWhoRecords() {
        try (Server server = Server.start(folder.resolve("data"));
                Browser browser = new Browser()) {
            Page coach = browser.open(server, 1280, 800);
            coach.navigate("/");
            coach.waitForURL("**/welcome");
            coach.getByLabel("Your name").fill("Maud Ferris");
            coach.getByLabel("Sign-in name").fill("maud");
            coach.getByLabel("Password").fill("short");
            button(coach, "Open the club").click();
            assertThat(coach.getByRole(AriaRole.ALERT)).containsText("10 to 200 characters");
            assertThat(coach.getByLabel("Your name")).hasValue("Maud Ferris");
            coach.getByLabel("Password").fill(PASSWORD);
            button(coach, "Open the club").click();
            coach.waitForURL("**/today");
            assertThat(coach.getByText("No students yet")).isVisible();
            coach.getByLabel("Student's name").fill("Pim Harrow");
            button(coach, "Add a student").click();
            String link = coach.locator("code").innerText();

            Page student = browser.open(server, 390, 844);
            student.navigate(link.substring(server.url().length()));
            assertThat(student.getByText("Welcome, Pim Harrow")).isVisible();
            student.getByLabel("Sign-in name").fill("pim");
            student.getByLabel("Password").fill(PASSWORD);
            button(student, "Sign in with this").click();
            student.waitForURL("**/today");
            button(student, "Another drill").click();
            student.getByText("Roll on to the ring").click();
            button(student, "Record this drill").click();
            student.waitForURL("**/table/*");
            RecordingPage table = new RecordingPage(student);
            table.tap(1746, 1016);
            assertThat(table.marks()).hasCount(1);
            assertThat(table.sync()).hasText("Everything saved");

            coach.reload();
            assertThat(coach.getByText("1 of 1 pocketed")).isVisible();
            assertThat(browser.strayRequests()).isEmpty();
            assertThat(browser.scriptErrors()).isEmpty();
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
