package amberrail.app.sessions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Several students by turns, several drills, pauses, the rule that sends up and down, patterns that go on from where the ball lies. */
class SessionsTest extends AppTest {
    private static final double RING_X = 1746.25;
    private static final double RING_Y = 1016;
    private static final String PATTERN = "two-in-order";

    @Autowired
    PeopleService people;

    private SignedIn ana;
    private SignedIn bo;
    private String session;
    private int sequence;

    @BeforeEach
    void twoByTurns() throws Exception {
        ana = club.newStudentOf(club.head());
        bo = club.newStudentOf(club.head());
        Map<String, Object> body = Map.of(
                "studentIds", List.of(ana.accountId(), bo.accountId()),
                "drillIds", List.of(Club.DRILL, PATTERN),
                "tableId", club.table(),
                "coached", true);
        session = tree(post(club.head(), body, "/api/v1/sessions").andExpect(status().isCreated()))
                .get("id")
                .asText();
    }

    private ObjectNode attempt(SignedIn student, String drill) {
        ObjectNode body = json.valueToTree(Club.potted(sequence, RING_X, RING_Y));
        body.put("studentId", student.accountId().toString()).put("drillId", drill);
        body.put("tryId", new UUID(7, sequence).toString());
        sequence++;
        return body;
    }

    private ResultActions write(SignedIn who, UUID id, ObjectNode body) throws Exception {
        return put(who, body, "/api/v1/sessions/{s}/attempts/{id}", session, id);
    }

    private JsonNode written(ObjectNode body) throws Exception {
        return tree(write(club.head(), UUID.randomUUID(), body).andExpect(status().isOk()));
    }

    private JsonNode detail(SignedIn who) throws Exception {
        return tree(read(who, "/api/v1/sessions/{id}", session).andExpect(status().isOk()));
    }

    @Test
    void eachStudentHasTheirOwnRun() throws Exception {
        written(attempt(ana, Club.DRILL));
        written(attempt(bo, Club.DRILL));
        JsonNode second = written(attempt(ana, Club.DRILL));
        assertThat(second.at("/standing/reached").asInt()).isEqualTo(2);
        JsonNode third = written(attempt(ana, Club.DRILL));
        assertThat(third.at("/standing/next/why").asText()).isEqualTo("PASSED");
        assertThat(third.at("/standing/next/mirrored").asBoolean()).isTrue();
        assertThat(written(attempt(bo, Club.DRILL)).at("/standing/reached").asInt())
                .isEqualTo(2);
    }

    @Test
    void aSharedSessionShowsEachOnlyWhoTheyMaySee() throws Exception {
        written(attempt(ana, Club.DRILL));
        written(attempt(bo, Club.DRILL));
        JsonNode seenByBo = detail(bo);
        assertThat(seenByBo.at("/session/students")).hasSize(1);
        assertThat(seenByBo.get("attempts")).hasSize(1);
        write(bo, UUID.randomUUID(), attempt(ana, Club.DRILL)).andExpect(status().isNotFound());
        people.assignCoach(club.head(), bo.accountId(), club.newCoach().accountId());
        people.releaseCoach(club.head(), bo.accountId(), club.head().accountId());
        write(club.head(), UUID.randomUUID(), attempt(bo, Club.DRILL))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").isNotEmpty());
    }

    @Test
    void aCallIsLockedOnceTheOutcomeIsEnteredAndNotesAreKept() throws Exception {
        UUID id = UUID.randomUUID();
        ObjectNode body = attempt(ana, Club.DRILL);
        body.putObject("call")
                .put("paceMetresPerSecond", 1.5)
                .put("tipHeightMillimetres", 6.25)
                .put("tipSideMillimetres", 0);
        write(club.head(), id, body).andExpect(status().isOk());
        body.put("revision", 1).putArray("observations").add("rushed");
        body.put("note", "new tip");
        write(club.head(), id, body)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.attempt.attempt.observations[0]").value("rushed"));
        ((ObjectNode) body.put("revision", 2).get("call")).put("paceMetresPerSecond", 2);
        write(club.head(), id, body)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("call"));
        JsonNode trail = tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/revisions", session, id));
        assertThat(trail).hasSize(2);
        assertThat(trail.at("/0/attempt/observations")).isEmpty();
        assertThat(trail.at("/1/writtenBy").asText()).isEqualTo("Head Coach");
    }

    @Test
    void whoPassedAndIsSentBackBeginsTheRunAfresh() throws Exception {
        for (int i = 0; i < 3; i++) {
            written(attempt(ana, Club.DRILL));
        }
        ObjectNode elsewhere = attempt(ana, Club.DRILL);
        elsewhere.put("station", 1);
        written(elsewhere);
        JsonNode again = written(attempt(ana, Club.DRILL)).get("standing");
        assertThat(again.get("reached").asInt()).isEqualTo(1);
        assertThat(again.get("passed").asBoolean()).isFalse();
        assertThat(again.get("tries").asInt())
                .as("the cap counts the whole session")
                .isEqualTo(4);
    }

    @Test
    void aPatternGoesOnFromWhereTheCueBallLies() throws Exception {
        UUID first = UUID.randomUUID();
        ObjectNode body = attempt(ana, PATTERN);
        JsonNode planned = detail(club.head()).at("/drills/1/stations/0/original/1");
        double x = cue(planned, "xMillimetres") + 60;
        double y = cue(planned, "yMillimetres") - 40;
        ((ObjectNode) body.get("landing")).put("xMillimetres", x).put("yMillimetres", y);
        write(club.head(), first, body).andExpect(status().isOk());
        JsonNode next = tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/next-shot", session, first));
        assertThat(cue(next.get("shot"), "xMillimetres")).isCloseTo(x, within(1e-6));
        assertThat(cue(next.get("shot"), "yMillimetres")).isCloseTo(y, within(1e-6));
        assertThat(next.at("/shot/pot/cutDegrees").asDouble())
                .isNotEqualTo(planned.at("/pot/cutDegrees").asDouble());
        ObjectNode second = attempt(ana, PATTERN);
        second.put("shot", 1).set("tryId", body.get("tryId"));
        assertThat(written(second).at("/attempt/result").asText()).isNotEmpty();
        ObjectNode missed = attempt(ana, PATTERN);
        missed.put("outcome", "OTHER").putNull("landing");
        UUID failed = UUID.randomUUID();
        write(club.head(), failed, missed);
        assertThat(tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/next-shot", session, failed))
                        .has("shot"))
                .as("a miss sets everything up again")
                .isFalse();
    }

    private static double cue(JsonNode shot, String coordinate) {
        for (JsonNode ball : shot.get("balls")) {
            if (ball.get("role").asText().equals("CUE")) {
                return ball.at("/at/place/" + coordinate).asDouble();
            }
        }
        throw new AssertionError("no cue ball in " + shot);
    }

    @Test
    void pausesAreLeftOutAndAClosedSessionMustBeReopenedFirst() throws Exception {
        post(club.head(), Map.of(), "/api/v1/sessions/{id}/pause", session)
                .andExpect(jsonPath("$.paused").value(true));
        assertThat(detail(club.head()).get("minutes").asDouble()).isBetween(0.0, 1.0);
        post(club.head(), Map.of(), "/api/v1/sessions/{id}/go-on", session)
                .andExpect(jsonPath("$.paused").value(false));
        put(club.head(), Map.of("note", "Soft cloth today."), "/api/v1/sessions/{id}/note", session)
                .andExpect(jsonPath("$.note").value("Soft cloth today."));
        post(club.head(), Map.of(), "/api/v1/sessions/{id}/close", session).andExpect(status().isOk());
        post(club.head(), Map.of("drillId", "two-in-order"), "/api/v1/sessions/{id}/drills", session)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("SESSION_CLOSED"));
        assertThat(written(attempt(ana, Club.DRILL)).at("/attempt/late").asBoolean())
                .isTrue();
    }

    @Test
    void aSessionKeepsTheBallsThatWereChosen() throws Exception {
        JsonNode sets = tree(read(ana, "/api/v1/gear")).get("ballSets");
        String pub = "";
        for (JsonNode set : sets) {
            pub = set.get("name").asText().equals("Pub") ? set.get("id").asText() : pub;
        }
        Map<String, Object> body = Map.of(
                "studentIds", List.of(ana.accountId()),
                "drillIds", List.of(Club.DRILL),
                "tableId", club.table(),
                "coached", true,
                "ballSetId", pub);
        session = tree(post(club.head(), body, "/api/v1/sessions")).get("id").asText();
        JsonNode table = detail(ana).get("table");
        assertThat(table.get("cueBallDiameterMillimetres").asDouble())
                .isLessThan(table.get("objectBallDiameterMillimetres").asDouble());
    }

    @Test
    void theSameStudentTwiceIsRefused() throws Exception {
        Map<String, Object> body = Map.of(
                "studentIds", List.of(ana.accountId(), ana.accountId()),
                "drillIds", List.of(Club.DRILL),
                "tableId", club.table(),
                "coached", false);
        post(club.head(), body, "/api/v1/sessions")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("studentIds"));
    }

    @Test
    void aRoutineIsTheStudentsAndObservationsAreEverybodysOwn() throws Exception {
        put(
                        ana,
                        Map.of("steps", List.of("look", "chalk"), "clockSeconds", 25),
                        "/api/v1/students/{id}/routine",
                        ana.accountId())
                .andExpect(status().isOk());
        read(club.head(), "/api/v1/students/{id}/routine", ana.accountId())
                .andExpect(jsonPath("$.steps[1]").value("chalk"));
        assertThat(tree(read(ana, "/api/v1/me/observations")).get("words")).hasSize(8);
        put(ana, Map.of("words", List.of("eyes too late")), "/api/v1/me/observations");
        assertThat(tree(read(ana, "/api/v1/me/observations")).get("words")).hasSize(1);
        assertThat(tree(read(bo, "/api/v1/me/observations")).get("words")).hasSize(8);
        put(ana, Map.of("words", List.of("two\nlines")), "/api/v1/me/observations")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("words"));
    }

    /** "Three in a row" at the first station: the next session begins at its mirror, and after that one at the second station. */
    @Test
    void aSessionBeginsWhereTheRuleHadBroughtTheStudent() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String first = beginSession(coach, student);
        assertThat(tree(read(coach, "/api/v1/sessions/{s}", first)).get("starts"))
                .isEmpty();
        made(coach, first, false);
        JsonNode start = tree(read(coach, "/api/v1/sessions/{s}", beginSession(coach, student)))
                .at("/starts/0");
        assertThat(start.get("studentId").asText())
                .isEqualTo(student.accountId().toString());
        assertThat(start.get("station").asInt()).isZero();
        assertThat(start.get("mirrored").asBoolean()).isTrue();
        String second = beginSession(coach, student);
        made(coach, second, false);
        made(coach, second, true);
        JsonNode higher = tree(read(coach, "/api/v1/sessions/{s}", beginSession(coach, student)))
                .at("/starts/0");
        assertThat(higher.get("station").asInt()).isEqualTo(1);
        assertThat(higher.get("mirrored").asBoolean()).isFalse();
    }

    private void made(SignedIn coach, String session, boolean mirrored) throws Exception {
        JsonNode ring = tree(read(coach, "/api/v1/sessions/{s}", session))
                .at("/drills/0/stations/0/" + (mirrored ? "mirror" : "original") + "/0/target");
        for (int i = 0; i < 3; i++) {
            ObjectNode body = json.valueToTree(Club.potted(
                    (mirrored ? 3 : 0) + i,
                    ring.get("xMillimetres").asDouble(),
                    ring.get("yMillimetres").asDouble()));
            body.put("mirrored", mirrored).put("playedAt", Instant.now().toString());
            put(coach, body, "/api/v1/sessions/{s}/attempts/{a}", session, UUID.randomUUID())
                    .andExpect(status().isOk());
        }
    }
}
