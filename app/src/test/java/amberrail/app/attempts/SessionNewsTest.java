package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A screen that has a session asks only for what is new in it. */
class SessionNewsTest extends AppTest {
    private static final String NEWS = "/api/v1/sessions/{s}/news?since={t}";

    @Autowired
    JdbcClient sql;

    private SignedIn student;
    private String session;
    private UUID first;

    @BeforeEach
    void twoShotsAnHourAgo() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(student, student);
        first = UUID.randomUUID();
        write(first, Club.potted(0, 1700, 1000));
        write(UUID.randomUUID(), Club.potted(1, 1710, 1000));
        sql.sql("update attempt set changed_at = dateadd(hour, -1, changed_at) where session_id = ?")
                .param(UUID.fromString(session))
                .update();
    }

    private void write(UUID id, Object body) throws Exception {
        put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, id).andExpect(status().isOk());
    }

    private JsonNode news(Instant since) throws Exception {
        return tree(read(student, NEWS, session, since.toString()));
    }

    @Test
    void onlyWhatIsNewerIsTold() throws Exception {
        JsonNode nothing = news(Instant.now());
        assertThat(nothing.get("attempts")).isEmpty();
        assertThat(nothing.get("standings")).isEmpty();
        assertThat(nothing.get("nextSequence").asInt()).isEqualTo(2);
        assertThat(Instant.parse(nothing.get("serverNow").asText()))
                .isBetween(Instant.now().minusSeconds(60), Instant.now());
        UUID third = UUID.randomUUID();
        write(third, Club.potted(2, 1720, 1000));
        JsonNode one = news(Instant.now());
        assertThat(one.get("attempts").findValuesAsText("id")).containsExactly(third.toString());
        assertThat(one.get("standings")).isNotEmpty();
        assertThat(news(Instant.now().minusSeconds(7200)).get("attempts")).hasSize(3);
        assertThat(news(Instant.MIN.plusSeconds(31_556_952L)).get("attempts")).hasSize(3);
    }

    @Test
    void whatWasTakenBackIsNewsToo() throws Exception {
        ObjectNode undone = json.valueToTree(Club.potted(0, 1700, 1000));
        write(first, undone.put("revision", 1).put("deleted", true));
        JsonNode news = news(Instant.now());
        assertThat(news.at("/attempts/0/id").asText()).isEqualTo(first.toString());
        assertThat(news.at("/attempts/0/attempt/deleted").asBoolean()).isTrue();
        assertThat(tree(read(student, "/api/v1/sessions/{s}", session)).get("attempts"))
                .hasSize(1);
    }

    @Test
    void aTimeThatIsNoneIsRefusedWithItsField() throws Exception {
        JsonNode problem = tree(read(student, NEWS, session, "yesterday").andExpect(status().isBadRequest()));
        assertThat(problem.toString()).contains("since");
    }

    @Test
    void aDrillThatCameInIsInTheHeading() throws Exception {
        post(student, Map.of("drillId", "long-look"), "/api/v1/sessions/{s}/drills", session)
                .andExpect(status().isOk());
        assertThat(news(Instant.now()).at("/session/drills").findValuesAsText("id"))
                .contains("long-look");
    }
}
