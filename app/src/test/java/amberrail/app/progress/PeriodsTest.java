package amberrail.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Two periods over HTTP: only what can be compared is, and a change is named when it is one. */
class PeriodsTest extends AppTest {
    private static final String PATH =
            "/api/v1/students/{id}/periods?from={a}&to={b}&laterFrom={c}&laterTo={d}&zone={zone}";
    private static final LocalDate TODAY = LocalDate.now(ZoneOffset.UTC);

    @Autowired
    JdbcTemplate database;

    private void practised(SignedIn student, String drill, int daysAgo, int made, int missed) throws Exception {
        String session = beginSession(student, student, drill);
        for (int i = 0; i < made + missed; i++) {
            Object body = i < made ? Club.potted(i, 1746, 1016) : Club.potted(i, 400, 300);
            put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        }
        OffsetDateTime then = Instant.now().atOffset(ZoneOffset.UTC).minusDays(daysAgo);
        database.update("update practice_session set started_at = ? where id = ?", then, UUID.fromString(session));
    }

    private JsonNode compared(SignedIn student, String zone) throws Exception {
        return tree(read(
                student,
                PATH,
                student.accountId(),
                TODAY.minusDays(60),
                TODAY.minusDays(30),
                TODAY.minusDays(20),
                TODAY,
                zone));
    }

    @Test
    void aStationIsHeldAgainstItselfAndWhatWasPlayedOnceIsNamed() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        practised(student, Club.DRILL, 45, 4, 16);
        practised(student, Club.DRILL, 5, 17, 3);
        practised(student, "stop-and-slide", 4, 3, 2);
        JsonNode view = compared(student, "UTC");
        assertThat(view.get("stations")).hasSize(1);
        assertThat(view.at("/stations/0/earlierMade").asInt()).isEqualTo(4);
        assertThat(view.at("/stations/0/laterMade").asInt()).isEqualTo(17);
        assertThat(view.at("/stations/0/change/verdict").asText()).isEqualTo("BETTER");
        assertThat(view.at("/overall/verdict").asText()).isEqualTo("BETTER");
        assertThat(view.get("onlyOnce")).hasSize(1);
        assertThat(view.at("/earlier/tries").asInt()).isEqualTo(20);
    }

    @Test
    void nothingInCommonSaysSoAndPeriodsOutOfOrderAreRefused() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        JsonNode view = compared(student, "America/Los_Angeles");
        assertThat(view.at("/overall/reason").asText()).isEqualTo("NO_DATA");
        assertThat(view.get("stations")).isEmpty();
        JsonNode refused =
                tree(read(student, PATH, student.accountId(), TODAY, TODAY, TODAY.minusDays(9), TODAY, "UTC"));
        assertThat(refused.get("detail").asText()).contains("must begin after the earlier one has ended");
        JsonNode nowhere = tree(read(
                student, PATH, student.accountId(), TODAY.minusDays(9), TODAY.minusDays(8), TODAY, TODAY, "Moon/Base"));
        assertThat(nowhere.get("status").asInt()).isEqualTo(400);
    }
}
