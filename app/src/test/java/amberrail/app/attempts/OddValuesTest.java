package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.people.SignedIn;
import amberrail.app.storage.PoisonInTests;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.core.json.JsonWriteFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;

/** Times, numbers and texts that no honest device sends: they are refused with their field or put right, and no page breaks by them. */
class OddValuesTest extends AppTest {
    private static final String PATH = "/api/v1/sessions/{s}/attempts/{id}";

    @Autowired
    JdbcTemplate database;

    @Autowired
    PoisonInTests poison;

    private SignedIn student;
    private String session;

    @BeforeEach
    void aSession() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(club.head(), student);
    }

    private ObjectNode body(long sequence) {
        return json.valueToTree(Club.potted(sequence, 1000, 500));
    }

    private ResultActions write(UUID id, ObjectNode body) throws Exception {
        return put(club.head(), body, PATH, session, id);
    }

    private void everyPageOfTheStudentAnswers() throws Exception {
        String of = "/api/v1/students/" + student.accountId();
        for (String page : List.of(
                "/api/v1/sessions/" + session,
                "/api/v1/sessions/" + session + "/review",
                of + "/progress",
                of + "/next-stations",
                of + "/periods?from=2020-01-01&to=2020-02-01&laterFrom=2020-02-02&laterTo=2999-12-31",
                of + "/attempts.csv",
                of + "/attempts.json",
                "/api/v1/sessions",
                "/api/v1/today")) {
            assertThat(read(club.head(), page).andReturn().getResponse().getStatus())
                    .as(page)
                    .isEqualTo(200);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2999-01-01T00:00:00Z",
                "1970-01-01T00:00:00Z",
                "+999999999-12-31T23:59:59Z",
                "-5000-01-01T00:00:00Z"
            })
    void aDevicesWrongClockIsNotedAndNotTrusted(String said) throws Exception {
        UUID id = UUID.randomUUID();
        ObjectNode body = body(0).put("playedAt", said);
        ResultActions first = write(id, body);
        if (first.andReturn().getResponse().getStatus() == 200) {
            Instant stored =
                    Instant.parse(tree(first).at("/attempt/attempt/playedAt").asText());
            assertThat(stored).isCloseTo(Instant.now(), within(1, ChronoUnit.HOURS));
            assertThat(write(id, body).andReturn().getResponse().getStatus())
                    .as("the same once more")
                    .isEqualTo(200);
        } else {
            assertThat(first.andReturn().getResponse().getStatus()).isEqualTo(400);
            assertThat(tree(first).get("field").asText()).isEqualTo("playedAt");
        }
        everyPageOfTheStudentAnswers();
    }

    @Test
    void anEditKeepsTheTimeThatWasBelieved() throws Exception {
        UUID id = UUID.randomUUID();
        ObjectNode body = body(0).put("playedAt", "2999-01-01T00:00:00Z");
        String believed = tree(write(id, body)).at("/attempt/attempt/playedAt").asText();
        JsonNode edited = tree(write(id, body.put("revision", 1).put("note", "rushed")));
        assertThat(edited.at("/attempt/attempt/playedAt").asText()).isEqualTo(believed);
    }

    @Test
    void aPlaceInTheOrderThatWouldShutTheSessionIsRefused() throws Exception {
        ResultActions refused = write(UUID.randomUUID(), body(0).put("sequence", 2_147_483_647L));
        assertThat(refused.andReturn().getResponse().getStatus()).isEqualTo(400);
        assertThat(tree(refused).get("field").asText()).isEqualTo("sequence");
        assertThat(write(UUID.randomUUID(), body(9_000))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .as("what waits on a device may be far ahead")
                .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u0001", "\u0000", "\ud800", "\udfff", "\u007f"})
    void aTextThatNobodyCanReadIsRefusedAtItsField(String bad) throws Exception {
        String text = json.writer()
                .with(JsonWriteFeature.ESCAPE_NON_ASCII)
                .writeValueAsString(body(0).put("note", "slow " + bad.repeat(900)));
        ResultActions refused = put(club.head(), text, PATH, session, UUID.randomUUID());
        assertThat(refused.andReturn().getResponse().getStatus()).isEqualTo(400);
        assertThat(tree(refused).get("field").asText()).isEqualTo("note");
    }

    @Test
    void theLongestTextsThatAreAllowedAreKept() throws Exception {
        ObjectNode body = body(0).put("note", "\"\\".repeat(500));
        var observations = body.putArray("observations");
        for (int i = 0; i < 8; i++) {
            observations.add("\"".repeat(59) + i);
        }
        UUID id = UUID.randomUUID();
        assertThat(write(id, body).andReturn().getResponse().getStatus()).isEqualTo(200);
        JsonNode trail = tree(read(club.head(), PATH + "/revisions", session, id));
        assertThat(trail.at("/0/attempt/note").asText()).hasSize(1000);
    }

    @Test
    void poisonThatAnOlderVersionStoredIsPutRightAtTheNextStart() throws Exception {
        for (int i = 0; i < 3; i++) {
            write(UUID.randomUUID(), body(i));
        }
        UUID at = UUID.fromString(session);
        database.update(
                "update attempt set played_at = timestamp with time zone '45000-01-01 00:00:00+00'"
                        + " where session_id = ? and sequence = 0",
                at);
        database.update("update attempt set sequence = 2147483647 where session_id = ? and sequence = 2", at);
        String changes = "select sum(changes) from station_result where session_id = ?";
        Long before = database.queryForObject(changes, Long.class, at);
        poison.putRight();
        assertThat(database.queryForObject(changes, Long.class, at))
                .as("what was counted in the old order is counted anew")
                .isGreaterThan(before);
        assertThat(poison.isDone())
                .as("no later start looks through all attempts again")
                .isTrue();
        everyPageOfTheStudentAnswers();
        JsonNode detail = tree(read(club.head(), "/api/v1/sessions/{id}", session));
        assertThat(detail.get("nextSequence").asLong()).isEqualTo(3);
        assertThat(detail.get("attempts")).hasSize(3);
        assertThat(Instant.parse(detail.at("/attempts/0/attempt/playedAt").asText()))
                .isCloseTo(Instant.now(), within(1, ChronoUnit.HOURS));
    }
}
