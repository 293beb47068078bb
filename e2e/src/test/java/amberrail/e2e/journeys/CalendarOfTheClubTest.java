package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.TypedDay;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A lesson is put into the calendar, moved and clashes; another program reads the feed; busy times come from a file. */
class CalendarOfTheClubTest extends Journey {
    private static final Path ICAL_JS = Path.of("..", "ui", "node_modules", "ical.js", "dist", "ical.es5.min.cjs");

    /** In the middle of a month, so that its neighbours are on the same page; there is nothing of the demo club's. */
    private final LocalDate day = LocalDate.now().plusMonths(5).withDayOfMonth(12);

    private static Locator dayCell(Page page, LocalDate day) {
        return page.locator("td[data-date='" + day + "']");
    }

    private static Locator on(Page page, LocalDate day, String title) {
        return dayCell(page, day).locator(".fc-event").filter(new Locator.FilterOptions().setHasText(title));
    }

    private Page calendar(String name) {
        Page page = signedIn(name, 1280, 900);
        page.navigate("/plan/calendar");
        for (int i = 0; i < 5; i++) {
            key(page, "Later").click();
        }
        assertThat(dayCell(page, day)).isVisible();
        return page;
    }

    private static void newLesson(Page page, LocalDate day, String title, String at) {
        key(page, "New entry").click();
        page.getByLabel("Title").fill(title);
        page.locator(".p-multiselect").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Jory Pell"))
                .click();
        page.keyboard().press("Escape");
        // As it goes it takes the focus back: what is typed before that would go to it.
        assertThat(page.locator(".p-multiselect-overlay")).hasCount(0);
        Locator typed = page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true));
        typed.fill(TypedDay.of(day));
        page.keyboard().press("Enter");
        assertThat(typed).hasValue(TypedDay.of(day));
        page.getByLabel("Begins at").fill(at);
        page.locator(".p-dialog .p-select").last().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Pool table, 9 ft"))
                .click();
    }

    private static void saved(Page page) {
        key(page, "Save").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    void aLessonIsPutMovedUndoneAndClashesAreSeen() {
        Page page = calendar("iris");
        newLesson(page, day, "Cut shots", "18:00");
        saved(page);
        Locator lesson = page.locator(".fc-event").filter(new Locator.FilterOptions().setHasText("Cut shots"));
        assertThat(on(page, day, "Cut shots")).containsText("18:00");

        lesson.dragTo(dayCell(page, day.plusDays(1)));
        assertThat(page.getByText("Cut shots moved to")).isVisible();
        assertThat(on(page, day.plusDays(1), "Cut shots")).containsText("18:00");
        key(page, "Undo").click();
        assertThat(on(page, day, "Cut shots")).containsText("18:00");

        newLesson(page, day, "Bank shots", "18:30");
        saved(page);
        assertThat(page.locator("details.clashes")).containsText("Bank shots");
        // By keyboard: opened, put an hour later, and the clash is gone.
        Locator second = page.locator(".fc-event").filter(new Locator.FilterOptions().setHasText("Bank shots"));
        second.focus();
        page.keyboard().press("Enter");
        page.getByLabel("Begins at").fill("19:30");
        saved(page);
        assertThat(page.getByText("the table is taken")).hasCount(0);
    }

    @Test
    void ofASeriesOneTimeMovesAlone() {
        Page page = calendar("iris");
        LocalDate first = day.plusDays(2);
        newLesson(page, first, "Every week", "10:00");
        page.getByLabel("Repeat").check();
        page.getByLabel("Until").fill(TypedDay.of(first.plusWeeks(1)));
        page.keyboard().press("Enter");
        saved(page);
        on(page, first.plusWeeks(1), "Every week").dragTo(dayCell(page, first.plusDays(8)));
        key(page, "only this time").click();
        assertThat(on(page, first.plusDays(8), "Every week")).isVisible();
        assertThat(on(page, first, "Every week")).isVisible();
        assertThat(on(page, first.plusWeeks(1), "Every week")).hasCount(0);
    }

    /** Read by a parser that shares nothing with the one that writes; over both changes of the clocks. */
    @Test
    void anotherProgramReadsTheFeedAtTheRightHoursTheWholeYear() throws Exception {
        ApiClient iris = new ApiClient(server);
        iris.signIn("iris");
        ZoneId berlin = ZoneId.of("Europe/Berlin");
        iris.send("PUT", "/api/v1/calendar-zone", "{\"zone\":\"Europe/Berlin\"}");
        String student = iris.send("GET", "/api/v1/students", null).at("/0/id").asText();
        LocalDate first = LocalDate.now().plusDays(3);
        iris.send(
                "POST",
                "/api/v1/calendar-entries",
                "{\"kind\":\"LESSON\",\"title\":\"All year; café, \\\"long\\\"\",\"firstDay\":\"" + first
                        + "\",\"startsAt\":\"18:15\",\"minutes\":45,\"everyone\":false,\"everyWeeks\":1,\"until\":\""
                        + first.plusWeeks(52) + "\",\"studentIds\":[\"" + student + "\"]}");
        String path =
                iris.send("POST", "/api/v1/calendar-feed", null).get("path").asText();
        HttpResponse<String> feed = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.url() + path)).build(),
                        HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
        assertThat(feed.statusCode()).isEqualTo(200);
        assertThat(feed.headers().allValues("Set-Cookie").toString()).doesNotContain("AMBER_SESSION");
        List<Instant> expected = new ArrayList<>();
        for (int week = 0; week <= 52; week++) {
            expected.add(first.plusWeeks(week)
                    .atTime(LocalTime.of(18, 15))
                    .atZone(berlin)
                    .toInstant());
        }
        assertThat(startsOf("All year; café, \"long\": Jory Pell", feed.body())).isEqualTo(expected);
    }

    private List<Instant> startsOf(String summary, String file) throws Exception {
        Page page = signedIn("iris", 800, 600);
        page.evaluate(
                "source => { const module = { exports: {} }; const exports = module.exports;"
                        + " new Function('module', 'exports', source)(module, exports);"
                        + " window.ICAL = module.exports.default ?? module.exports }",
                Files.readString(ICAL_JS));
        @SuppressWarnings("unchecked")
        List<Number> seconds = (List<Number>) page.evaluate(
                "({ file, summary }) => {"
                        + " const root = new ICAL.Component(ICAL.parse(file));"
                        + " root.getAllSubcomponents('vtimezone').forEach(z => ICAL.TimezoneService.register(z));"
                        + " const event = root.getAllSubcomponents('vevent').map(e => new ICAL.Event(e))"
                        + "   .find(e => e.summary === summary);"
                        + " const all = []; const times = event.iterator();"
                        + " for (let next = times.next(); next; next = times.next()) all.push(next.toUnixTime());"
                        + " return all }",
                Map.of("file", file, "summary", summary));
        return seconds.stream()
                .map(one -> Instant.ofEpochSecond(one.longValue()))
                .toList();
    }

    @Test
    void busyTimesComeFromAFileAfterALook() {
        Page page = calendar("tomas");
        page.getByText("Other calendars").click();
        String at = day.toString().replace("-", "");
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Made up//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:"
                + at + "T120000\r\nDTEND:" + at + "T133000\r\nSUMMARY:Private\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        page.getByLabel("Choose a file")
                .setInputFiles(new FilePayload("mine.ics", "text/calendar", file.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("One time in the coming year")).isVisible();
        assertThat(dayCell(page, day).locator(".kind-busy")).hasCount(0);
        key(page, "Take them in").click();
        assertThat(dayCell(page, day).locator(".kind-busy")).containsText("12:00");
        key(page, "Remove the busy times (1)").click();
        assertThat(dayCell(page, day).locator(".kind-busy")).hasCount(0);
    }

    @Test
    void aStudentOnAPhoneSeesTheirLessonsAsAList() {
        Page page = signedIn("jory", 390, 844);
        page.navigate("/plan/calendar");
        assertThat(page.locator("h1")).isVisible();
        assertThat(page.locator(".fc-list, .fc-list-empty").first()).isVisible();
        assertThat(page.getByText("Stun and stop").first()).isVisible();
    }
}
