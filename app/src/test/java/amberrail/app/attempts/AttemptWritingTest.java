package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.sessions.SessionService;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;

/** What answers.md says about writing an attempt, at the API and on a real database. */
class AttemptWritingTest extends AppTest {
    private static final String PATH = "/api/v1/sessions/{session}/attempts/{id}";
    /** The centre of the ring at the first station: sights 5.5, 3.2. */
    private static final double RING_X = 1746.25;

    private static final double RING_Y = 1016;

    @Autowired
    JdbcTemplate database;

    @Autowired
    SessionService sessions;

    private SignedIn student;
    private String session;

    @BeforeEach
    void atTheTable() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(student, student);
    }

    @Test
    void theServerSaysWhatTheAttemptCameTo() throws Exception {
        JsonNode made = tree(write(UUID.randomUUID(), Club.potted(0, RING_X, RING_Y + 100)));
        assertThat(made.at("/attempt/result").asText()).isEqualTo("SUCCESS");
        assertThat(made.at("/standing/reached").asInt()).isEqualTo(1);
        JsonNode outside = tree(write(UUID.randomUUID(), Club.potted(1, RING_X - 400, RING_Y)));
        assertThat(outside.at("/attempt/faults/0").asText()).isEqualTo("OUTSIDE_THE_ZONE");
        assertThat(outside.at("/standing/reached").asInt()).isZero();
        assertThat(outside.at("/attempt/error/speedMillimetres").asDouble()).isNegative();
    }

    @Test
    void theSamePutTwiceIsOneAttempt() throws Exception {
        UUID id = UUID.randomUUID();
        assertThat(status(write(id, Club.potted(0, RING_X, RING_Y)))).isEqualTo(200);
        assertThat(status(write(id, Club.potted(0, RING_X, RING_Y)))).isEqualTo(200);
        assertThat(rows("attempt where id = ?", id)).isEqualTo(1);
        assertThat(revisions(id)).hasSize(1);
    }

    @Test
    void theNextRevisionIsAnEditAndTheTrailKeepsBoth() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        JsonNode once = revisions(id).get(0);
        assertThat(once.at("/attempt/landing/xMillimetres").asDouble()).isEqualTo(RING_X);
        assertThat(once.get("writtenBy").asText()).isEqualTo(nameOf(student));
        AttemptBody edit = Club.body(1, 0, PotOutcome.MISSED_THIN, null);
        assertThat(tree(write(id, edit)).at("/attempt/result").asText()).isEqualTo("FAILURE");
        write(id, edit);
        JsonNode both = revisions(id);
        assertThat(both).hasSize(2);
        assertThat(both.get(0)).as("as it was told before it was changed").isEqualTo(once);
        assertThat(both.get(1).at("/attempt/outcome").asText()).isEqualTo("MISSED_THIN");
        assertThat(both.get(1).at("/attempt/revision").asInt()).isEqualTo(1);
    }

    /** Before version 27 of the database each state was kept as it was written, and the attempt did not say when that was. */
    @Test
    void anAttemptOfBeforeKeepsItsFirstStateAsItWasKept() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        write(id, Club.body(1, 0, PotOutcome.MISSED_THIN, null));
        database.update("delete from attempt_revision where attempt_id = ? and revision = 1", id);
        database.update("update attempt set revision = 0, recorded_at = null where id = ?", id);
        JsonNode kept = revisions(id);
        assertThat(kept).hasSize(1);
        assertThat(status(write(id, Club.body(1, 0, PotOutcome.MISSED_THICK, null))))
                .isEqualTo(200);
        assertThat(revisions(id)).hasSize(2);
        assertThat(revisions(id).get(0)).isEqualTo(kept.get(0));
    }

    /** As of somebody who was made nameless: the states go, the shots stay. */
    @Test
    void anAttemptWhoseStatesAreGoneCanBeChanged() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        database.update("update attempt set recorded_at = null where id = ?", id);
        assertThat(revisions(id).get(0).get("writtenAt").asText()).isNotEmpty();
        assertThat(status(write(id, Club.body(1, 0, PotOutcome.MISSED_THIN, null))))
                .isEqualTo(200);
        assertThat(revisions(id)).hasSize(2);
    }

    private String nameOf(SignedIn who) {
        return database.queryForObject("select name from account where id = ?", String.class, who.accountId());
    }

    private JsonNode revisions(UUID id) throws Exception {
        return tree(read(student, "/api/v1/sessions/{session}/attempts/{id}/revisions", session, id));
    }

    @Test
    void anUndoIsARevisionAndTheRowStays() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        AttemptBody first = Club.potted(0, RING_X, RING_Y);
        AttemptBody undo = new AttemptBody(
                1,
                true,
                first.station(),
                first.mirrored(),
                first.tryId(),
                first.shot(),
                first.sequence(),
                first.deviceId(),
                first.outcome(),
                first.foul(),
                first.inOff(),
                first.landing(),
                first.facts(),
                first.playedAt());
        assertThat(tree(write(id, undo)).at("/standing/tries").asInt()).isZero();
        assertThat(rows("attempt where id = ?", id)).isEqualTo(1);
        JsonNode detail = tree(read(student, "/api/v1/sessions/{id}", session));
        assertThat(detail.get("attempts")).isEmpty();
        assertThat(detail.get("nextSequence").asLong())
                .as("its place in the order stays taken")
                .isEqualTo(1);
    }

    @Test
    void anythingElseIsAConflictWithTheStoredCopy() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        ResultActions otherBody = write(id, Club.potted(0, RING_X + 5, RING_Y));
        assertThat(status(otherBody)).isEqualTo(409);
        assertThat(tree(otherBody).at("/current/attempt/landing/xMillimetres").asDouble())
                .isEqualTo(RING_X);
        assertThat(status(write(id, Club.body(3, 0, PotOutcome.MISSED_THIN, null))))
                .isEqualTo(409);
        assertThat(status(write(UUID.randomUUID(), Club.body(1, 0, PotOutcome.MISSED_THIN, null))))
                .as("a first revision that is not 0")
                .isEqualTo(409);
    }

    @Test
    void anIdOfAnotherSessionIsAConflictThatTellsNothing() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, Club.potted(0, RING_X, RING_Y));
        SignedIn other = club.newStudentOf(club.head());
        String theirs = beginSession(other, other);
        ResultActions answer = put(other, Club.potted(0, RING_X, RING_Y), PATH, theirs, id);
        assertThat(status(answer)).isEqualTo(409);
        assertThat(tree(answer).has("current")).isFalse();
    }

    @Test
    void manyAtOnceWithOneIdAreOneAttempt() throws Exception {
        UUID id = UUID.randomUUID();
        ExecutorService pool = Executors.newFixedThreadPool(8);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            answers.add(pool.submit(() -> {
                start.await();
                return status(write(id, Club.potted(0, RING_X, RING_Y)));
            }));
        }
        start.countDown();
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(200);
        }
        pool.shutdown();
        assertThat(rows("attempt where id = ?", id)).isEqualTo(1);
        assertThat(revisions(id)).hasSize(1);
    }

    @Test
    void aClosedSessionStillTakesAnAttemptAndMarksItLate() throws Exception {
        sessions.close(student, UUID.fromString(session));
        assertThat(tree(write(UUID.randomUUID(), Club.potted(0, RING_X, RING_Y)))
                        .at("/attempt/late")
                        .asBoolean())
                .isTrue();
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"outcome\":\"POTTED_CLEAN\" => \"outcome\":\"HOLED\"      | outcome",
                "\"outcome\":\"POTTED_CLEAN\" => \"outcome\":\"MISSED_LEFT\" | outcome",
                "\"xMillimetres\":1746.25    => \"xMillimetres\":-40       | landing",
                "\"xMillimetres\":1746.25    => \"xMillimetres\":9999      | landing",
                "\"xMillimetres\":1746.25    => \"xMillimetres\":\"NaN\"   | landing",
                "\"inOff\":false              => \"inOff\":true              | landing",
                "\"station\":0                => \"station\":7               | station",
                "\"shot\":0                   => \"shot\":1                  | shot",
                "\"revision\":0               => \"revision\":-1             | revision",
                "\"foul\":false,              => ''                          | foul",
                "\"placingSdMillimetres\":15.0 => \"placingSdMillimetres\":0 | placingSdMillimetres",
                "\"foul\":false               => \"foul\":false,\"made\":true | made"
            })
    void whatCannotBeIsRefusedWithItsField(String change, String field) throws Exception {
        String[] sides = change.split("=>");
        String good = json.writeValueAsString(Club.potted(0, RING_X, RING_Y));
        String replacement = sides[1].strip().equals("''") ? "" : sides[1].strip();
        String bad = good.replace(sides[0].strip(), replacement);
        assertThat(bad).isNotEqualTo(good);
        ResultActions answer = write(UUID.randomUUID(), bad);
        assertThat(status(answer)).isEqualTo(400);
        assertThat(tree(answer).get("field").asText()).contains(field);
        assertThat(tree(answer).get("detail").asText()).isNotBlank();
    }

    @Test
    void brokenJsonHugeBodiesAndUnknownIdsAreToldApart() throws Exception {
        assertThat(tree(write(UUID.randomUUID(), "{\"revision\": 0,,"))
                        .get("code")
                        .asText())
                .isEqualTo("MALFORMED_JSON");
        ResultActions huge = write(UUID.randomUUID(), "{\"deviceId\":\"" + "x".repeat(300_000) + "\"}");
        assertThat(status(huge)).isEqualTo(413);
        assertThat(status(put(student, Club.potted(0, 1, 1), PATH, UUID.randomUUID(), UUID.randomUUID())))
                .isEqualTo(404);
        assertThat(status(put(student, Club.potted(0, 1, 1), PATH, session, "not-an-id")))
                .isEqualTo(400);
    }

    private ResultActions write(UUID id, Object body) throws Exception {
        return put(student, body, PATH, session, id);
    }

    private static int status(ResultActions actions) {
        return actions.andReturn().getResponse().getStatus();
    }

    private int rows(String condition, UUID id) {
        return database.queryForObject("select count(*) from " + condition, Integer.class, id);
    }
}
