package amberrail.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** The calendar as a file and as a secret feed, and other people's files as busy times. What a file says is read back by ical.js in the browser's tests. */
class CalendarFilesTest extends AppTest {
    private final LocalDate today = LocalDate.now(ZoneOffset.UTC);

    @Autowired
    private JdbcTemplate database;

    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void somebodyWithALesson() throws Exception {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
        ObjectNode entry = json.createObjectNode().put("kind", "LESSON").put("title", "Break, then safety");
        entry.put("firstDay", today.plusDays(2).toString()).put("minutes", 60).put("everyone", false);
        entry.put("startsAt", "18:00").put("everyWeeks", 2);
        entry.put("until", today.plusDays(60).toString());
        entry.putArray("studentIds").add(student.accountId().toString());
        post(coach, entry, "/api/v1/calendar-entries").andExpect(status().isCreated());
    }

    /** Every row with the names of its columns. */
    private String everythingIn(String table) {
        return database.queryForList("select * from " + table).toString();
    }

    private String feedOf(SignedIn who) throws Exception {
        return tree(post(who, "", "/api/v1/calendar-feed").andExpect(status().isCreated()))
                .get("path")
                .asText();
    }

    private String readFeed(String path) throws Exception {
        return mvc.perform(get(path))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", "no-store"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void aFeedNeedsNoSignInAndHoldsWhatIsItsOwners() throws Exception {
        String mine = readFeed(feedOf(student));
        assertThat(mine).contains("BEGIN:VEVENT", "RRULE:FREQ=WEEKLY;", "INTERVAL=2", "SUMMARY:Break\\, then safety");
        String others = readFeed(feedOf(club.newStudentOf(club.newCoach())));
        assertThat(others).doesNotContain("Break");
    }

    @Test
    void aFeedThatWasGuessedReplacedOrRevokedIsAsIfItHadNeverBeen() throws Exception {
        mvc.perform(get("/api/v1/calendar-feeds/{token}.ics", "AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA"))
                .andExpect(status().isNotFound());
        String first = feedOf(student);
        String second = feedOf(student);
        assertThat(second).isNotEqualTo(first);
        mvc.perform(get(first)).andExpect(status().isNotFound());
        readFeed(second);
        read(student, "/api/v1/calendar-feed")
                .andExpect(jsonPath("$.there").value(true))
                .andExpect(jsonPath("$.readAt").exists());
        delete(student, "/api/v1/calendar-feed").andExpect(status().isNoContent());
        mvc.perform(get(second)).andExpect(status().isNotFound());
        read(student, "/api/v1/calendar-feed").andExpect(jsonPath("$.there").value(false));
        delete(student, "/api/v1/calendar-feed").andExpect(status().isNoContent());
    }

    @Test
    void theSecretIsNotInTheDatabase() throws Exception {
        String path = feedOf(student);
        String token = path.substring(path.lastIndexOf('/') + 1).replace(".ics", "");
        assertThat(everythingIn("calendar_feed")).doesNotContain(token).contains("TOKEN_HASH");
    }

    @Test
    void whoeverHasLeftHasNoFeedAnyMore() throws Exception {
        String path = feedOf(student);
        put(coach, "", "/api/v1/people/{id}/archive", student.accountId()).andExpect(status().is2xxSuccessful());
        mvc.perform(get(path)).andExpect(status().isNotFound());
    }

    @Test
    void whatIsDueStandsInAStudentsFile() throws Exception {
        playedAPotAndAMiss(student, Club.potted(0, 1746.25, 1016));
        assertThat(readFeed(feedOf(student))).contains("SUMMARY:Due: ");
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private static String file(String... events) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Made up//EN\r\n" + String.join("", events)
                + "END:VCALENDAR\r\n";
    }

    private BusyFileReader.Found busy(String... events) {
        return BusyFileReader.read(file(events), ZoneId.of("Europe/Berlin"), LocalDate.of(2026, 10, 1));
    }

    @Test
    void aWeeklyEventOverTheChangeOfTheClocksIsReadOnTheClubsWall() {
        BusyFileReader.Found found = busy(event(
                "UID:1",
                "DTSTART;TZID=America/New_York:20261020T120000",
                "DURATION:PT1H",
                "RRULE:FREQ=WEEKLY;COUNT=3",
                "SUMMARY:Secret"));
        assertThat(found.times())
                .extracting(slot -> slot.day() + " " + slot.at().orElseThrow())
                // Europe turns its clocks a week before America does.
                .containsExactly("2026-10-20 18:00", "2026-10-27 17:00", "2026-11-03 18:00");
    }

    @Test
    void untilMovedTimesDaysLeftOutFreeTimeAndWholeDaysAreRead() {
        BusyFileReader.Found found = busy(
                event(
                        "UID:1",
                        "DTSTART:20261005T080000Z",
                        "DTEND:20261005T090000Z",
                        "RRULE:FREQ=WEEKLY;UNTIL=20261026T080000Z",
                        "EXDATE:20261012T080000Z"),
                event("UID:1", "RECURRENCE-ID:20261019T080000Z", "DTSTART:20261020T080000Z", "DTEND:20261020T090000Z"),
                event("UID:2", "DTSTART;VALUE=DATE:20261101", "DTEND;VALUE=DATE:20261103"),
                event("UID:3", "DTSTART:20261005T070000Z", "DTEND:20261005T210000Z", "TRANSP:TRANSPARENT"),
                event("UID:4", "DTSTART:20261005T083000Z", "DTEND:20261005T093000Z"));
        assertThat(found.free()).isEqualTo(1);
        assertThat(found.unreadable()).isZero();
        assertThat(found.times())
                .extracting(slot ->
                        slot.day() + " " + slot.at().map(Object::toString).orElse("all day") + " " + slot.minutes())
                .containsExactly(
                        "2026-10-05 10:00 90",
                        "2026-10-20 10:00 60",
                        "2026-10-26 09:00 60",
                        "2026-11-01 all day 1440",
                        "2026-11-02 all day 1440");
    }

    @Test
    void hostileRulesTakeNoTime() {
        long began = System.nanoTime();
        String[] events = new String[3000];
        for (int i = 0; i < events.length; i++) {
            events[i] = event("UID:" + i, "DTSTART:19000101T000000Z", "DURATION:PT5M", "RRULE:FREQ=DAILY");
        }
        BusyFileReader.Found found = busy(events);
        assertThat(found.cut()).isTrue();
        BusyFileReader.Found seconds = busy(
                event("UID:1", "DTSTART:20261005T080000Z", "DURATION:PT1S", "RRULE:FREQ=SECONDLY"),
                event(
                        "UID:2",
                        "DTSTART:20261005T080000Z",
                        "DURATION:PT1S",
                        "RRULE:FREQ=DAILY;BYHOUR=1,2,3;BYSECOND=1,2,3"),
                event("UID:3", "DTSTART:20261005T080000Z", "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=31"),
                event("UID:4", "DTSTART:00010101T000000Z", "RRULE:FREQ=DAILY"),
                event("UID:5", "SUMMARY:no beginning"));
        assertThat(seconds.times()).isEmpty();
        assertThat(seconds.unreadable()).isGreaterThanOrEqualTo(4);
        assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(Duration.ofSeconds(30));
    }

    /** Any cut or scrambled file is read or refused with a sentence; nothing else. */
    @Test
    void brokenFilesAreRefusedWithASentence() throws Exception {
        String good = file(event("UID:1", "DTSTART:20261005T080000Z", "DTEND:20261005T090000Z"));
        Random random = new Random(171);
        for (int i = 0; i < 60; i++) {
            StringBuilder broken = new StringBuilder(good);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                broken.setCharAt(random.nextInt(broken.length()), (char) (32 + random.nextInt(90)));
            }
            String sent = random.nextBoolean() ? broken.toString() : broken.substring(0, random.nextInt(good.length()));
            int code = post(coach, Map.of("text", sent), "/api/v1/calendar-import")
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(code).as(sent).isIn(200, 400);
        }
        post(coach, Map.of("text", "name,day\nTuesday,1"), "/api/v1/calendar-import")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("text"));
    }

    @Test
    void aFileIsLookedAtThenTakenThenReplacedAndNobodyElseSeesItsTimes() throws Exception {
        String day = today.plusDays(3).toString().replace("-", "");
        String text = file(event(
                "UID:1", "DTSTART:" + day + "T090000Z", "DTEND:" + day + "T100000Z", "SUMMARY:Doctor of secrets"));
        JsonNode look = tree(post(coach, Map.of("text", text), "/api/v1/calendar-import"));
        assertThat(look.get("written").asBoolean()).isFalse();
        assertThat(look.get("times").asInt()).isEqualTo(1);
        assertThat(busySeenBy(coach)).isZero();
        for (int i = 0; i < 2; i++) {
            post(coach, Map.of("text", text), "/api/v1/calendar-import?dryRun=false")
                    .andExpect(status().isOk());
        }
        assertThat(busySeenBy(coach)).isEqualTo(1);
        assertThat(busySeenBy(student)).isZero();
        assertThat(everythingIn("calendar_entry")).doesNotContain("Doctor of secrets");
        delete(coach, "/api/v1/calendar-import").andExpect(status().isNoContent());
        assertThat(busySeenBy(coach)).isZero();
    }

    private long busySeenBy(SignedIn who) throws Exception {
        JsonNode view = tree(read(who, "/api/v1/calendar?from={f}&to={t}", today, today.plusDays(10)));
        return view.get("entries").findValuesAsText("kind").stream()
                .filter("BUSY"::equals)
                .count();
    }
}
