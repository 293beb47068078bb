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
import java.util.concurrent.atomic.AtomicBoolean;
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
            // A server that has just begun may keep its first visitor waiting: the first question is never answered.
            // Then nobody is there for a while.
            AtomicBoolean asked = new AtomicBoolean();
            AtomicBoolean away = new AtomicBoolean(true);
            coach.route("**/api/v1/me", route -> {
                if (!asked.getAndSet(true)) return;
                if (away.get()) route.abort();
                else route.resume();
            });
            coach.navigate("/");
            assertThat(coach.getByText("The server takes a while to answer")).isVisible();
            assertThat(coach.getByText("The server does not answer")).isVisible();
            away.set(false);
            coach.waitForURL("**/welcome");
            coach.unroute("**/api/v1/me");
            coach.getByLabel("Your name").fill("Maud Ferris");
            coach.getByLabel("Sign-in name").fill("maud");
            coach.getByLabel("Password").fill("short");
            button(coach, "Open the club").click();
            assertThat(coach.getByRole(AriaRole.ALERT)).containsText("10 to 200 characters");
            assertThat(coach.getByLabel("Your name")).hasValue("Maud Ferris");
            coach.getByLabel("Password").fill(PASSWORD);
            button(coach, "Open the club").click();
            coach.waitForURL("**/today");
            // So far three fields and one click that was needed; a fourth field and three clicks bring the first shot.
            coach.getByLabel("Student's name").fill("Pim Harrow");
            button(coach, "Add a student").click();
            String link = coach.locator("code").innerText();
            assertThat(coach.getByAltText("Pim Harrow's link as a square code")).isVisible();
            coach.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start: "))
                    .first()
                    .click();
            coach.waitForURL("**/table/*");
            assertThat(coach.getByText("Pim Harrow").first()).isVisible();
            RecordingPage first = new RecordingPage(coach);
            first.tap(1500, 700);
            assertThat(first.marks()).hasCount(1);
            assertThat(first.sync()).hasText("Everything saved");

            Page student = browser.open(server, 390, 844);
            student.navigate(link.substring(server.url().length()));
            assertThat(student.getByText("Welcome, Pim Harrow")).isVisible();
            student.getByLabel("Sign-in name").fill("pim");
            student.getByLabel("Password").fill(PASSWORD);
            button(student, "Sign in with this").click();
            student.waitForURL("**/today");
            button(student, "Another drill").click();
            // A phone shows ten drills at first; the others come as one goes on, or by their name.
            student.getByLabel("Search").fill("roll on");
            student.getByText("Roll on to the ring").click();
            button(student, "Record this drill").click();
            student.waitForURL("**/table/*");
            RecordingPage table = new RecordingPage(student);
            table.tap(1746, 1016);
            assertThat(table.marks()).hasCount(1);
            assertThat(table.sync()).hasText("Everything saved");

            coach.navigate("/today");
            assertThat(coach.getByText("1 of 1 pocketed")).isVisible();
            lookAfterPeople(coach, student);
            assertThat(browser.strayRequests()).isEmpty();
            assertThat(browser.scriptErrors()).isEmpty();
        }
    }

    /** Two links stand beside each other, each to be copied; who is archived is out of the lists and signed out, and comes back. */
    private static void lookAfterPeople(Page coach, Page student) {
        coach.navigate("/people");
        coach.getByLabel("Student's name").fill("Ona Birch");
        button(coach, "Add a student").click();
        button(coach, "Reset password of Pim Harrow").click();
        assertThat(coach.locator("code")).hasCount(2);
        button(coach, "Copy the link of Ona Birch").click();
        button(coach, "Done with the link of Ona Birch").click();
        assertThat(coach.locator("code")).hasCount(1);
        button(coach, "End the link of Pim Harrow").click();
        assertThat(coach.locator("code")).hasCount(0);

        button(coach, "Archive Pim Harrow").click();
        assertThat(coach.getByText("Archived: 1 person")).isVisible();
        coach.navigate("/today");
        assertThat(coach.getByText("Ona Birch")).isVisible();
        assertThat(coach.getByText("Pim Harrow")).hasCount(0);
        student.navigate("/today");
        student.waitForURL("**/sign-in**");
        coach.navigate("/people");
        coach.getByText("Archived: 1 person").click();
        button(coach, "Bring back Pim Harrow").click();
        assertThat(button(coach, "Archive Pim Harrow")).isVisible();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
