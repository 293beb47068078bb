package amberrail.app.personaldata;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A student with something of every kind: told, handed out, erased, made nameless; and what others keep. */
class PersonalDataTest extends AppTest {

    @Autowired
    PeopleService people;

    @Autowired
    JdbcClient sql;

    @Autowired
    DueErasures due;

    /** Another one in each test: the database is the same. */
    private String secret;

    private SignedIn coach;
    private SignedIn student;
    private SignedIn other;
    private String name;
    private String session;
    private String together;

    @BeforeEach
    void aStudentWithSomethingOfEveryKind() throws Exception {
        secret = "looks away at impact " + UUID.randomUUID();
        coach = club.newCoach();
        name = "Zeno" + Long.toString(System.nanoTime(), 36) + " Quillfeather";
        student = people.accept(people.addStudent(coach, name).token(), Club.anyName(), Club.PASSWORD);
        other = club.newStudentOf(coach);
        session = beginSession(coach, student);
        record(session, student, secret);
        together = tree(post(coach, both(), "/api/v1/sessions")).get("id").asText();
        record(together, student, secret);
        record(together, other, "");
        put(
                coach,
                Map.of("note", name + " was late, " + name.split(" ")[0] + " again"),
                "/api/v1/sessions/{s}/note",
                together);
        put(coach, Map.of("note", secret), "/api/v1/sessions/{s}/note", session);
        put(
                        student,
                        Map.of("steps", List.of(secret), "clockSeconds", 20),
                        "/api/v1/students/{id}/routine",
                        student.accountId())
                .andExpect(status().is2xxSuccessful());
        post(
                        student,
                        Map.of("tableId", club.table(), "tip", "STUN", "xMillimetres", 900, "yMillimetres", 0),
                        "/api/v1/students/{id}/template/marks",
                        student.accountId())
                .andExpect(status().is2xxSuccessful());
        post(coach, plan(name + ", alone", List.of(student)), "/api/v1/plans").andExpect(status().isCreated());
        post(coach, plan("For " + name, List.of(student, other)), "/api/v1/plans")
                .andExpect(status().isCreated());
        rack();
        lesson();
    }

    private Map<String, Object> both() {
        return Map.of(
                "studentIds", List.of(student.accountId(), other.accountId()),
                "drillIds", List.of(Club.DRILL),
                "tableId", club.table(),
                "coached", true);
    }

    private void record(String in, SignedIn whose, String note) throws Exception {
        ObjectNode body = json.valueToTree(Club.potted(whose == student ? 0 : 1, 1000, 500));
        body.put("studentId", whose.accountId().toString()).put("note", note);
        put(coach, body, "/api/v1/sessions/{s}/attempts/{id}", in, UUID.randomUUID())
                .andExpect(status().isOk());
    }

    private Map<String, Object> plan(String title, List<SignedIn> whose) {
        Map<String, Object> plan = new HashMap<>(Map.of("title", title, "pattern", false, "minutes", 60));
        plan.putAll(Map.of("bandLow", 0.6, "bandHigh", 0.75, "mixed", false, "withTest", false, "revision", 0));
        plan.put("studentIds", whose.stream().map(SignedIn::accountId).toList());
        plan.put("onDay", LocalDate.now(ZoneOffset.UTC).toString());
        List<Map<String, Object>> places = whose.stream()
                .map(one -> Map.<String, Object>of("studentId", one.accountId(), "station", 0, "chance", 0.5))
                .toList();
        plan.put(
                "items",
                List.of(Map.of(
                        "drillId",
                        Club.DRILL,
                        "role",
                        "PRACTICE",
                        "minutes",
                        15,
                        "tries",
                        10,
                        "locked",
                        true,
                        "places",
                        places)));
        return plan;
    }

    private void rack() throws Exception {
        Map<String, Object> layout = Map.of(
                "game",
                "anyOrder-3",
                "balls",
                List.of(Map.of("id", "1", "place", Map.of("xMillimetres", 700, "yMillimetres", 400))));
        Map<String, Object> body = new HashMap<>(Map.of(
                "tableId", club.table(), "studentId", student.accountId(), "layout", layout, "origin", "PLACED"));
        body.put("rules", Map.of("breakPotsCount", true, "cueBallBehindLine", false, "foulEnds", true));
        body.putAll(Map.of(
                "plan", List.of(), "note", secret, "startedAt", Instant.now().toString()));
        String rack = UUID.randomUUID().toString();
        put(student, body, "/api/v1/racks/{id}", rack).andExpect(status().isOk());
        Map<String, Object> shot = new HashMap<>(Map.of("number", 1, "ball", "1", "pocket", "NE", "outcome", "MISSED"));
        shot.putAll(Map.of("down", List.of(), "moved", List.of(), "withdrawn", false));
        put(student, shot, "/api/v1/racks/{id}/shots/{s}", rack, UUID.randomUUID())
                .andExpect(status().isOk());
    }

    private void lesson() throws Exception {
        Map<String, Object> entry =
                new HashMap<>(Map.of("kind", "LESSON", "title", "Stun with " + name, "minutes", 60));
        entry.putAll(
                Map.of("firstDay", LocalDate.now(ZoneOffset.UTC).plusDays(2).toString(), "startsAt", "18:00"));
        entry.putAll(Map.of("everyone", false, "studentIds", List.of(student.accountId(), other.accountId())));
        post(coach, entry, "/api/v1/calendar-entries").andExpect(status().is2xxSuccessful());
    }

    /** The whole database as text. */
    private String database() {
        return String.join("\n", sql.sql("script").query(String.class).list());
    }

    private ResultActions erase(SignedIn who, SignedIn whom, String way, boolean now, String password)
            throws Exception {
        return post(
                who,
                Map.of("way", way, "now", now, "password", password),
                "/api/v1/people/{id}/erasure",
                whom.accountId());
    }

    private JsonNode kept(SignedIn who, SignedIn of) throws Exception {
        return tree(read(who, "/api/v1/people/{id}/data", of.accountId()).andExpect(status().isOk()));
    }

    private int records(JsonNode kept, String kind) {
        for (JsonNode one : kept.get("kept")) {
            if (one.get("kind").asText().equals(kind)) {
                return one.get("records").asInt();
            }
        }
        return 0;
    }

    @Test
    void whatIsKeptIsToldToThePersonAndTheirCoachAndNobodyElse() throws Exception {
        JsonNode kept = kept(student, student);
        assertThat(records(kept, "ATTEMPTS")).isEqualTo(2);
        assertThat(records(kept, "SESSIONS")).isEqualTo(2);
        assertThat(records(kept, "RACKS")).isEqualTo(1);
        assertThat(records(kept, "PLANS")).isEqualTo(2);
        assertThat(records(kept, "CALENDAR")).isEqualTo(1);
        assertThat(records(kept, "TRAIL"))
                .as("what was answered a moment ago too")
                .isPositive();
        assertThat(kept.get("sharedSessions").asInt()).isEqualTo(1);
        assertThat(kept(coach, student)).isEqualTo(kept);
        read(other, "/api/v1/people/{id}/data", student.accountId()).andExpect(status().isNotFound());
        read(club.newCoach(), "/api/v1/people/{id}/data", student.accountId()).andExpect(status().isNotFound());
        read(other, "/api/v1/people/{id}/data.zip", student.accountId()).andExpect(status().isNotFound());
        JsonNode counted = kept(club.head(), student);
        assertThat(counted.get("mayDownload").asBoolean()).isFalse();
        assertThat(kept.get("mayDownload").asBoolean()).isTrue();
        read(club.head(), "/api/v1/people/{id}/data.zip", student.accountId()).andExpect(status().isNotFound());
        assertThat(records(kept(coach, coach), "WRITTEN_FOR_OTHERS")).isEqualTo(3);
    }

    @Test
    void theZipHoldsAllOfItAndNothingOfOthers() throws Exception {
        Map<String, String> files = zip(student);
        assertThat(files.keySet())
                .contains(
                        "index.html",
                        "account.json",
                        "attempts.csv",
                        "attempts.json",
                        "racks.json",
                        "rack-shots.csv",
                        "sessions.json",
                        "revisions.json",
                        "plans.json",
                        "calendar.json",
                        "routine.json",
                        "template-marks.json");
        assertThat(files.get("index.html")).contains("What we keep about " + name, "attempts.csv");
        for (String file : files.keySet()) {
            if (!file.equals("index.html")) {
                assertThat(files.get("index.html")).contains(">" + file + "<");
            }
        }
        assertThat(json.readTree(files.get("attempts.json"))).hasSize(2);
        assertThat(json.readTree(files.get("revisions.json")))
                .as("who wrote each, also where it was never changed")
                .hasSize(2)
                .allSatisfy(state -> {
                    assertThat(state.get("written_by").asText()).isNotEmpty();
                    assertThat(state.get("written_at").asText()).isNotEmpty();
                });
        assertThat(files.get("sessions.json")).contains(secret).doesNotContain("was late");
        String all = String.join("\n", files.values());
        assertThat(all).doesNotContain(other.accountId().toString()).doesNotContainIgnoringCase("password");
        assertThat(files.get("racks.json")).contains(secret);
    }

    private Map<String, String> zip(SignedIn of) throws Exception {
        byte[] bytes = read(of, "/api/v1/people/{id}/data.zip", of.accountId())
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        Map<String, String> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    @Test
    void whoIsErasedIsInNoTableAndOthersKeepTheirs() throws Exception {
        String id = student.accountId().toString();
        assertThat(database()).contains(id, name, secret);
        JsonNode before = tree(read(other, "/api/v1/sessions/{s}", together));
        erase(student, student, "ERASE", true, Club.PASSWORD).andExpect(status().isNoContent());
        assertThat(database()).doesNotContain(id, name, name.split(" ")[0], secret);
        read(coach, "/api/v1/sessions/{s}", session).andExpect(status().isNotFound());
        JsonNode after = tree(read(other, "/api/v1/sessions/{s}", together));
        assertThat(after.get("attempts")).isEqualTo(before.get("attempts"));
        JsonNode coachs = tree(read(coach, "/api/v1/sessions/{s}", together).andExpect(status().isOk()));
        assertThat(coachs.at("/session/note").asText()).isEqualTo("somebody was late, somebody again");
        assertThat(coachs.at("/session/students")).hasSize(1);
        read(coach, "/api/v1/sessions/{s}/review", together).andExpect(status().isOk());
        LocalDate today = LocalDate.now(ZoneOffset.UTC);
        JsonNode plans = tree(read(other, "/api/v1/plans?from=" + today + "&to=" + today));
        assertThat(plans).hasSize(1);
        assertThat(plans.at("/0/title").asText()).isEqualTo("For somebody");
        JsonNode plan = plans.get(0);
        ObjectNode again = json.valueToTree(plan("Changed", List.of(other)));
        again.set("revision", plan.get("revision"));
        put(coach, again, "/api/v1/plans/{id}", plan.get("id").asText()).andExpect(status().isOk());
        read(coach, "/api/v1/calendar?from=" + today + "&to=" + today.plusDays(7))
                .andExpect(status().isOk());
        read(coach, "/api/v1/students").andExpect(status().isOk());
    }

    /** Called like a word of the stored documents, or like a part of everyday words. */
    @ParameterizedTest
    @ValueSource(strings = {"revision", "Al", "%", "note\\", "a', '"})
    void nobodysNameBreaksWhatOthersKeep(String odd) throws Exception {
        SignedIn named = people.accept(people.addStudent(coach, odd).token(), Club.anyName(), Club.PASSWORD);
        put(coach, Map.of("note", "Also the revision of Zoë"), "/api/v1/sessions/{s}/note", session);
        JsonNode before = tree(read(coach, "/api/v1/sessions/{s}", session));
        erase(named, named, "ERASE", true, Club.PASSWORD).andExpect(status().isNoContent());
        JsonNode after = tree(read(coach, "/api/v1/sessions/{s}", session));
        assertThat(after.get("session")).isEqualTo(before.get("session"));
        assertThat(after.get("attempts")).isEqualTo(before.get("attempts"));
        JsonNode trail = tree(read(
                coach,
                "/api/v1/sessions/{s}/attempts/{id}/revisions",
                session,
                before.at("/attempts/0/id").asText()));
        assertThat(trail).hasSize(1);
    }

    @Test
    void figuresMayStayWithoutAName() throws Exception {
        String id = student.accountId().toString();
        erase(coach, student, "NAMELESS", true, Club.PASSWORD).andExpect(status().isNoContent());
        assertThat(database()).doesNotContain(id, name, secret);
        JsonNode roster = tree(read(coach, "/api/v1/roster"));
        String former = "";
        for (JsonNode one : roster) {
            former = one.get("name").asText().startsWith("Former student")
                    ? one.get("id").asText()
                    : former;
        }
        assertThat(former).isNotEmpty();
        JsonNode attempts =
                tree(read(coach, "/api/v1/students/{id}/attempts.json", former).andExpect(status().isOk()));
        assertThat(attempts).hasSize(2);
        assertThat(tree(read(coach, "/api/v1/racks?studentId={s}", former)).get("racks"))
                .hasSize(1);
    }

    @Test
    void twoWeeksAreThereToCallItOff() throws Exception {
        erase(student, student, "ERASE", false, Club.PASSWORD).andExpect(status().isNoContent());
        JsonNode asked = kept(coach, student).get("erasure");
        Instant day = Instant.parse(asked.get("dueAt").asText());
        assertThat(day)
                .isBetween(
                        Instant.now().plus(13, ChronoUnit.DAYS), Instant.now().plus(15, ChronoUnit.DAYS));
        due.carryOut();
        assertThat(kept(coach, student).get("erasure")).isEqualTo(asked);
        mvc.perform(MockMvcRequestBuilders.delete("/api/v1/people/{id}/erasure", student.accountId())
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .with(Club.as(coach)))
                .andExpect(status().isNoContent());
        assertThat(kept(coach, student).has("erasure")).isFalse();
        erase(coach, student, "ERASE", false, Club.PASSWORD).andExpect(status().isNoContent());
        sql.sql("update erasure set due_at = ? where account_id = ?")
                .params(Timestamp.from(Instant.now().minusSeconds(1)), student.accountId())
                .update();
        due.carryOut();
        read(coach, "/api/v1/people/{id}/data", student.accountId()).andExpect(status().isNotFound());
        assertThat(database()).doesNotContain(student.accountId().toString(), name);
    }

    @Test
    void oddWishesAreRefusedAndChangeNothing() throws Exception {
        JsonNode wrong = tree(erase(student, student, "ERASE", true, "not it").andExpect(status().isBadRequest()));
        assertThat(wrong.get("field").asText()).isEqualTo("password");
        erase(other, student, "ERASE", true, Club.PASSWORD).andExpect(status().isNotFound());
        erase(club.newCoach(), student, "ERASE", true, Club.PASSWORD).andExpect(status().isNotFound());
        erase(student, student, "MELT", true, Club.PASSWORD).andExpect(status().isBadRequest());
        erase(club.head(), club.head(), "ERASE", true, Club.PASSWORD).andExpect(status().isForbidden());
        JsonNode alone =
                tree(erase(club.head(), coach, "ERASE", true, Club.PASSWORD).andExpect(status().isConflict()));
        assertThat(alone.get("detail").asText()).contains("only coach of 2 students");
        erase(club.head(), club.newCoach(), "NAMELESS", true, Club.PASSWORD).andExpect(status().isForbidden());
        assertThat(records(kept(student, student), "ATTEMPTS")).isEqualTo(2);
    }

    @Test
    void aCoachWhoGoesLeavesTheirStudentsRecordsWhole() throws Exception {
        SignedIn second = club.newCoach();
        for (SignedIn one : List.of(student, other)) {
            put(club.head(), "{}", "/api/v1/students/{s}/coaches/{c}", one.accountId(), second.accountId())
                    .andExpect(status().isNoContent());
        }
        String drill = tree(post(coach, "{}", "/api/v1/drills/{id}/copy", Club.DRILL))
                .get("id")
                .asText();
        erase(coach, coach, "ERASE", true, Club.PASSWORD).andExpect(status().isNoContent());
        assertThat(database()).doesNotContain(coach.accountId().toString(), drill);
        assertThat(records(kept(second, student), "ATTEMPTS")).isEqualTo(2);
        JsonNode trail = tree(read(second, "/api/v1/sessions/{s}", session));
        assertThat(trail.get("attempts")).hasSize(1);
        for (JsonNode one : tree(read(club.head(), "/api/v1/roster"))) {
            assertThat(one.get("name").asText()).isNotEqualTo("Somebody who left");
        }
        read(second, "/api/v1/plans?from=2026-01-01&to=2026-12-31").andExpect(status().isOk());
    }
}
