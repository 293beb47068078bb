package amberrail.app.sessions;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A session that nobody ended closes by itself, at its last sign of life, and takes no more of today's shots as its own. */
class ForgottenSessionsTest extends AppTest {
    @Autowired
    ForgottenSessions forgotten;

    @Autowired
    JdbcTemplate database;

    private JsonNode session(String id) throws Exception {
        return tree(read(club.head(), "/api/v1/sessions/{id}", id)).get("session");
    }

    private void agedBy(String session, Duration age) {
        Timestamp then = Timestamp.from(Instant.now().minus(age));
        UUID id = UUID.fromString(session);
        database.update("update practice_session set started_at = ? where id = ?", then, id);
        database.update("update session_stretch set begun_at = ? where session_id = ?", then, id);
    }

    @Test
    void sixHoursAfterItsLastShotItIsClosedAtThatShotsTime() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(club.head(), student);
        UUID attempt = UUID.randomUUID();
        put(club.head(), Club.potted(0, 1000, 500), "/api/v1/sessions/{s}/attempts/{id}", session, attempt);
        agedBy(session, Duration.ofHours(9));
        Instant shot = Instant.now().minus(Duration.ofHours(7)).truncatedTo(java.time.temporal.ChronoUnit.MILLIS);
        database.update("update attempt set played_at = ? where id = ?", Timestamp.from(shot), attempt);
        forgotten.closeAll();
        JsonNode stands = session(session);
        assertThat(Instant.parse(stands.get("closedAt").asText())).isEqualTo(shot);
        assertThat(stands.get("closedByItself").asBoolean()).isTrue();
        JsonNode today = tree(read(student, "/api/v1/today"));
        assertThat(today.at("/students/0/openSessionId").isMissingNode())
                .as("nothing to go on with")
                .isTrue();
        JsonNode late = tree(put(
                club.head(),
                Club.potted(1, 1000, 500),
                "/api/v1/sessions/{s}/attempts/{id}",
                session,
                UUID.randomUUID()));
        assertThat(late.at("/attempt/late").asBoolean()).isTrue();
        assertThat(session(session).path("closedAt").asText())
                .as("a late shot opens nothing")
                .isNotEmpty();
    }

    @Test
    void oneThatIsPlayedInOrWasReopenedStaysOpen() throws Exception {
        String played = beginSession(club.head(), club.newStudentOf(club.head()));
        put(club.head(), Club.potted(0, 1000, 500), "/api/v1/sessions/{s}/attempts/{id}", played, UUID.randomUUID());
        String reopened = beginSession(club.head(), club.newStudentOf(club.head()));
        agedBy(played, Duration.ofHours(9));
        agedBy(reopened, Duration.ofDays(3));
        post(club.head(), "", "/api/v1/sessions/{id}/close", reopened);
        post(club.head(), "", "/api/v1/sessions/{id}/reopen", reopened);
        forgotten.closeAll();
        assertThat(session(played).has("closedAt")).isFalse();
        assertThat(session(reopened).has("closedAt")).isFalse();
    }
}
