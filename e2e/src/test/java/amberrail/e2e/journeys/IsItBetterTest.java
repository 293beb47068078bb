package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From the group to one student: what changed, what next, on paper and in files. */
class IsItBetterTest extends Journey {
    private Page atTamsin() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/progress/group");
        page.getByText("Tamsin Vale").click();
        assertThat(page.locator("h1")).hasText("Progress: Tamsin Vale");
        return page;
    }

    @Test
    void theGroupLeadsToAStudentWhoseChartsHaveTheirFiguresAsATable() {
        Page page = atTamsin();
        Locator chart = page.locator(".trend").first();
        assertThat(chart.locator("svg text").first()).isVisible();
        chart.getByText("As a table").click();
        // "552 (460 to 645)": a grade never stands without its interval.
        assertThat(chart.locator("tbody td").nth(1)).hasText(Pattern.compile("[\\d,]+ \\([\\d,]+ to [\\d,]+\\)"));
        Locator next = page.getByTestId("next");
        assertThat(next.locator("tr").first()).containsText("%");
        assertThat(next).containsText("60 to 75 %");
        next.locator("a").first().click();
        page.waitForURL("**/drills/*");
    }

    /** A week begins on the same Monday wherever it is read. */
    @Test
    void daysAreRightWestOfGreenwich() {
        Page page = browser.open(
                server,
                new Browser.NewContextOptions().setViewportSize(1280, 800).setTimezoneId("America/Los_Angeles"));
        People.signIn(page, "tamsin");
        page.navigate("/progress");
        String monday = (String) page.evaluate("fetch('/api/v1/me').then(r => r.json())"
                + ".then(me => fetch(`/api/v1/students/${me.person.id}/progress`)).then(r => r.json())"
                + ".then(progress => progress.weeks[0].week)");
        int day = Integer.parseInt(monday.substring(8));
        assertThat(page.locator(".sum")).hasText(Pattern.compile("Since the week of [^:]*\\b" + day + "\\b"));
    }

    @Test
    void aStudentSeesTheirOwnProgressAndNoGroup() {
        Page page = signedIn("nela", 390, 844);
        page.navigate("/progress");
        assertThat(page.getByText("Nothing has been recorded yet.")).isVisible();
        assertThat(page.getByTestId("next")).containsText("Nothing played in this skill yet");
        assertThat(page.getByText("Group", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        int overflow = ((Number) page.evaluate("document.documentElement.scrollWidth - innerWidth")).intValue();
        assertThat(overflow).isLessThanOrEqualTo(0);
    }

    @Test
    void everySessionTogetherThenOnlyOnePartOfThem() {
        Page page = atTamsin();
        page.navigate("/review");
        page.locator("main tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Tamsin Vale"))
                .first()
                .locator("th a")
                .click();
        page.getByText("Every session of this drill").click();
        page.waitForURL("**/review/selection**");
        assertThat(page.locator(".heading")).containsText("sessions");
        int all = page.locator("table.attempts tbody tr").count();
        page.getByText("What it says").click();
        page.locator(".findings table .link").first().click();
        assertThat(page.getByText("Only attempts that went in one way.")).isVisible();
        assertThat(page.locator("table.attempts tbody tr")).not().hasCount(all);
        assertThat(page.locator("table.attempts tbody tr").count()).isBetween(1, all - 1);
        page.getByText("show all").click();
        assertThat(page.locator("table.attempts tbody tr")).hasCount(all);
        Locator from = page.getByLabel("From", new Page.GetByLabelOptions().setExact(true));
        from.fill("1 Jan 2099");
        from.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("in these days");
        from.fill("");
        from.press("Enter");
        assertThat(page.locator("table.attempts tbody tr")).hasCount(all);
    }

    @Test
    void marksOnTheCushionMakeATemplate() {
        Page page = signedIn("odo", 1280, 800);
        page.navigate("/progress/template");
        BoundingBox box = page.getByTestId("template").boundingBox();
        for (int i = 0; i < 3; i++) {
            page.mouse().click(box.x + box.width * (0.55 + 0.01 * i), box.y + box.height * 0.085);
            assertThat(page.getByTestId("template").locator(".mark")).hasCount(i + 1);
        }
        assertThat(page.getByText(Pattern.compile("spread ± .*3 marks"))).isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("high").setExact(true))
                .click();
        page.mouse().click(box.x + box.width * 0.5, box.y + box.height * 0.5);
        assertThat(page.getByText("must be at a cushion")).isVisible();
        page.reload();
        assertThat(page.getByTestId("template").locator(".mark")).hasCount(3);
        page.getByLabel("Take back stun mark 1").click();
        assertThat(page.getByTestId("template").locator(".mark")).hasCount(2);
    }

    @Test
    void theReportIsAPdfWithTheCoachsWords() throws IOException {
        Page page = atTamsin();
        page.getByLabel("Note to Tamsin Vale").fill("Chin down, follow through.");
        Download file = page.waitForDownload(() -> page.getByText("Report, A4").click());
        // What stands in it is read by StudentReportTest; here it counts that the browser has it.
        byte[] pdf = Files.readAllBytes(file.path());
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        assertThat(file.suggestedFilename()).isEqualTo("practice-report.pdf");
    }

    @Test
    void aFileOfAttemptsIsLookedAtFirstThenWritten() {
        Page page = signedIn("nela", 1280, 800);
        page.navigate("/progress");
        String header = "played at (UTC),drill id,station (from 1),outcome,landing x (mm),landing y (mm)\n";
        choose(page, header + "2026-10-01T18:00:00Z,roll-on-to-the-ring,1,SANK_IT,,\n");
        assertThat(page.getByTestId("import")).containsText("line 2:");
        assertThat(page.getByTestId("import")).containsText("must be one of POTTED_CLEAN");
        choose(page, header + "2026-10-01T18:00:00Z,roll-on-to-the-ring,1,POTTED_CLEAN,1746,1016\n");
        assertThat(page.getByTestId("import")).containsText("1 new attempts in 1 sessions");
        page.getByText("Write 1 attempts").click();
        assertThat(page.getByTestId("import")).containsText("Written.");
        assertThat(page.getByText(Pattern.compile("1 sessions, .* 1 attempts"))).isVisible();
    }

    private static void choose(Page page, String csv) {
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("mine.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
    }
}
