package amberrail.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Lessons that repeat, move and lie across one another, and who sees what of them. */
class CalendarTest extends AppTest {
    private final LocalDate monday =
            LocalDate.now(ZoneOffset.UTC).plusDays(7).with(TemporalAdjusters.next(DayOfWeek.MONDAY));
    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void somebodyWithLessons() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
    }

    private ObjectNode entry(String kind, LocalDate day, String at, SignedIn... students) {
        ObjectNode entry = json.createObjectNode().put("kind", kind).put("title", "Stun and stop");
        entry.put("firstDay", day.toString()).put("minutes", 60).put("everyone", false);
        entry.put("startsAt", at).put("tableId", club.table().toString());
        ArrayNode ids = entry.putArray("studentIds");
        for (SignedIn one : students) {
            ids.add(one.accountId().toString());
        }
        return entry;
    }

    private ObjectNode weekly(ObjectNode entry, int weeks) {
        return entry.put("everyWeeks", 1)
                .put("until", monday.plusWeeks(weeks - 1L).toString());
    }

    private String kept(SignedIn who, ObjectNode entry) throws Exception {
        return tree(post(who, entry, "/api/v1/calendar-entries").andExpect(status().isCreated()))
                .get("id")
                .asText();
    }

    /** What this person sees of five weeks, their own entries only. */
    private List<JsonNode> seen(SignedIn who) throws Exception {
        JsonNode view = tree(read(who, "/api/v1/calendar?from={from}&to={to}", monday.minusDays(3), monday.plusWeeks(5))
                .andExpect(status().isOk()));
        List<JsonNode> entries = new ArrayList<>();
        view.get("entries").forEach(entries::add);
        return entries;
    }

    private List<String> days(SignedIn who, String... ids) throws Exception {
        return seen(who).stream()
                .filter(one -> List.of(ids).contains(one.get("entryId").asText()))
                .map(one -> one.get("day").asText() + " " + one.get("startsAt").asText())
                .toList();
    }

    private ObjectNode change(ObjectNode entry, LocalDate day, String scope, int revision) {
        ObjectNode change = json.createObjectNode().put("day", day.toString()).put("scope", scope);
        change.put("revision", revision).set("entry", entry);
        return change;
    }

    @Test
    void aWeeklyLessonIsSeenByItsCoachAndItsStudentAndOthersSeeATakenTable() throws Exception {
        String id = kept(coach, weekly(entry("LESSON", monday, "18:00", student), 3));
        assertThat(days(coach, id))
                .containsExactly(
                        monday + " 18:00:00", monday.plusWeeks(1) + " 18:00:00", monday.plusWeeks(2) + " 18:00:00");
        assertThat(days(student, id)).hasSize(3);
        SignedIn stranger = club.newStudentOf(club.newCoach());
        JsonNode taken = seen(stranger).stream()
                .filter(one -> one.get("entryId").asText().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(taken.get("kind").asText()).isEqualTo("TAKEN");
        assertThat(taken.get("title").asText()).isEmpty();
        assertThat(taken.get("students")).isEmpty();
        assertThat(taken.has("coach")).isFalse();
        ObjectNode moved = entry("LESSON", monday, "19:00", student);
        put(stranger, change(moved, monday, "ALL", 0), "/api/v1/calendar-entries/{id}", id)
                .andExpect(status().isNotFound());
        put(student, change(moved, monday, "ALL", 0), "/api/v1/calendar-entries/{id}", id)
                .andExpect(status().isForbidden());
    }

    @Test
    void oneTimeMovesAloneOrWithTheLaterOnesOrAllDo() throws Exception {
        String id = kept(coach, weekly(entry("LESSON", monday, "18:00", student), 4));
        ObjectNode tuesday = entry("LESSON", monday.plusDays(8), "17:30", student);
        String alone = tree(put(
                        coach, change(tuesday, monday.plusWeeks(1), "ONE", 0), "/api/v1/calendar-entries/{id}", id))
                .get("id")
                .asText();
        assertThat(days(coach, id, alone))
                .containsExactly(
                        monday + " 18:00:00",
                        monday.plusDays(8) + " 17:30:00",
                        monday.plusWeeks(2) + " 18:00:00",
                        monday.plusWeeks(3) + " 18:00:00");
        ObjectNode later = weekly(entry("LESSON", monday.plusWeeks(2), "20:00", student), 4);
        String following = tree(put(
                        coach, change(later, monday.plusWeeks(2), "FOLLOWING", 1), "/api/v1/calendar-entries/{id}", id))
                .get("id")
                .asText();
        assertThat(days(coach, id, following))
                .containsExactly(
                        monday + " 18:00:00", monday.plusWeeks(2) + " 20:00:00", monday.plusWeeks(3) + " 20:00:00");
        ObjectNode all = weekly(entry("LESSON", monday.plusWeeks(3).plusDays(1), "20:00", student), 5);
        put(coach, change(all, monday.plusWeeks(3), "ALL", 0), "/api/v1/calendar-entries/{id}", following)
                .andExpect(status().isOk());
        assertThat(days(coach, following))
                .containsExactly(
                        monday.plusWeeks(2).plusDays(1) + " 20:00:00",
                        monday.plusWeeks(3).plusDays(1) + " 20:00:00");
    }

    @Test
    void oneTimeIsLeftOutTheLaterOnesEndAndAllGo() throws Exception {
        String id = kept(coach, weekly(entry("LESSON", monday, "18:00", student), 4));
        String path = "/api/v1/calendar-entries/{id}/remove";
        var one = Map.of("day", monday.plusWeeks(1), "scope", "ONE", "revision", 0);
        post(coach, one, path, id).andExpect(status().isNoContent());
        assertThat(days(coach, id)).hasSize(3);
        post(coach, one, path, id).andExpect(status().isConflict());
        var goneAlready = Map.of("day", monday.plusWeeks(1), "scope", "ONE", "revision", 1);
        post(coach, goneAlready, path, id)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("day"));
        var later = Map.of("day", monday.plusWeeks(2), "scope", "FOLLOWING", "revision", 1);
        post(coach, later, path, id).andExpect(status().isNoContent());
        assertThat(days(coach, id)).containsExactly(monday + " 18:00:00");
        var all = Map.of("day", monday, "scope", "ALL", "revision", 2);
        post(coach, all, path, id).andExpect(status().isNoContent());
        assertThat(days(coach, id)).isEmpty();
    }

    @Test
    void ofTwoWhoMoveOneLessonTheSecondIsToldAndNothingIsLost() throws Exception {
        String id = kept(coach, entry("LESSON", monday, "18:00", student));
        ExecutorService both = Executors.newFixedThreadPool(2);
        CountDownLatch ready = new CountDownLatch(2);
        List<Future<Integer>> answers = new ArrayList<>();
        for (String at : List.of("17:00", "19:00")) {
            answers.add(both.submit(() -> {
                ready.countDown();
                ready.await();
                ObjectNode moved = entry("LESSON", monday, at, student);
                return put(coach, change(moved, monday, "ALL", 0), "/api/v1/calendar-entries/{id}", id)
                        .andReturn()
                        .getResponse()
                        .getStatus();
            }));
        }
        List<Integer> codes = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            codes.add(answer.get());
        }
        both.shutdown();
        assertThat(codes).containsExactlyInAnyOrder(200, 409);
        assertThat(days(coach, id)).hasSize(1);
    }

    @Test
    void aTableWantedTwiceAndACoachOnHolidayAreSeenByTheOneWhoPlans() throws Exception {
        String mine = kept(coach, entry("LESSON", monday, "04:10", student));
        SignedIn other = club.newCoach();
        kept(other, entry("TABLE", monday, "04:40"));
        ObjectNode away = json.createObjectNode().put("kind", "HOLIDAY").put("title", "Away");
        away.put("firstDay", monday.toString()).put("minutes", 1440).put("everyone", false);
        away.putArray("studentIds");
        kept(coach, away);
        JsonNode clashes = seen(coach).stream()
                .filter(one -> one.get("entryId").asText().equals(mine))
                .findFirst()
                .orElseThrow()
                .get("clashes");
        assertThat(clashes.findValuesAsText("reason")).containsExactlyInAnyOrder("TABLE", "HOLIDAY");
        for (JsonNode clash : clashes) {
            if (clash.get("reason").asText().equals("TABLE")) {
                assertThat(clash.get("with").asText())
                        .as("another coach's title is not told")
                        .isEmpty();
            }
        }
    }

    private String plannedOn(LocalDate day) throws Exception {
        ObjectNode plan = json.createObjectNode().put("title", "Tuesday").put("pattern", false);
        plan.put("minutes", 60).put("bandLow", 0.6).put("bandHigh", 0.75).put("mixed", false);
        plan.put("withTest", false).put("revision", 0).put("onDay", day.toString());
        plan.putArray("items");
        plan.putArray("studentIds").add(student.accountId().toString());
        return tree(post(coach, plan, "/api/v1/plans")).get("id").asText();
    }

    @Test
    void aPlanGoesAlongWithItsLesson() throws Exception {
        String planId = plannedOn(monday);
        String id = kept(coach, entry("LESSON", monday, "18:00", student));
        ObjectNode moved = entry("LESSON", monday.plusDays(2), "18:00", student);
        put(coach, change(moved, monday, "ALL", 0), "/api/v1/calendar-entries/{id}", id)
                .andExpect(status().isOk());
        read(coach, "/api/v1/plans/{id}", planId)
                .andExpect(jsonPath("$.onDay").value(monday.plusDays(2).toString()));
    }

    /** A series that moves a week earlier would take today's plan into last week: that one stays, the later ones go along. */
    @Test
    void noPlanIsTakenIntoDaysThatAreOver() throws Exception {
        LocalDate today = LocalDate.now(ZoneOffset.UTC);
        String now = plannedOn(today);
        String later = plannedOn(today.plusWeeks(3));
        ObjectNode series = entry("LESSON", today, "18:00", student).put("everyWeeks", 1);
        String id = kept(coach, series.put("until", today.plusWeeks(5).toString()));
        ObjectNode earlier =
                entry("LESSON", today.plusWeeks(2), "18:00", student).put("everyWeeks", 1);
        earlier.put("until", today.plusWeeks(5).toString());
        put(coach, change(earlier, today.plusWeeks(3), "ALL", 0), "/api/v1/calendar-entries/{id}", id)
                .andExpect(status().isOk());
        read(coach, "/api/v1/plans/{id}", now).andExpect(jsonPath("$.onDay").value(today.toString()));
        read(coach, "/api/v1/plans/{id}", later)
                .andExpect(jsonPath("$.onDay").value(today.plusWeeks(2).toString()));
    }

    @Test
    void whatCannotBeIsRefusedWithItsField() throws Exception {
        String path = "/api/v1/calendar-entries";
        post(coach, entry("LESSON", monday.minusYears(1), "18:00", student), path)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("firstDay"));
        post(coach, entry("LESSON", monday, "18:00"), path)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("studentIds"));
        post(coach, entry("LESSON", monday, "25:00", student), path).andExpect(status().is4xxClientError());
        post(coach, entry("LESSON", monday, "18:00", student).put("minutes", 2000), path)
                .andExpect(jsonPath("$.field").value("minutes"));
        post(coach, entry("LESSON", monday, "18:00", student).put("everyWeeks", 1), path)
                .andExpect(jsonPath("$.field").value("until"));
        post(coach, weekly(entry("LESSON", monday, "18:00", student), 1).put("until", "2999-01-01"), path)
                .andExpect(jsonPath("$.field").value("until"));
        post(coach, entry("BUSY", monday, "18:00"), path).andExpect(status().isBadRequest());
        post(student, entry("LESSON", monday, "18:00", student), path).andExpect(status().isForbidden());
        post(coach, entry("LESSON", monday, "18:00", club.newStudentOf(club.newCoach())), path)
                .andExpect(status().isNotFound());
        post(
                        coach,
                        entry("TABLE", monday, "18:00")
                                .put("tableId", UUID.randomUUID().toString()),
                        path)
                .andExpect(status().isNotFound());
        ObjectNode everyone =
                entry("HOLIDAY", monday, null).put("minutes", 1440).put("everyone", true);
        everyone.remove("tableId");
        post(coach, everyone, path).andExpect(status().isForbidden());
        kept(student, entry("PRACTICE", monday, "18:00", student));
        read(coach, "/api/v1/calendar?from=2026-01-01&to=2026-12-31")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("to"));
    }

    @Test
    void onlyTheHeadCoachSaysWhereTheClockHangs() throws Exception {
        put(coach, Map.of("zone", "Europe/Berlin"), "/api/v1/calendar-zone").andExpect(status().isForbidden());
        put(club.head(), Map.of("zone", "Mars/Olympus"), "/api/v1/calendar-zone")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("zone"));
    }
}
