package amberrail.app.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.results.MostPlayed;
import amberrail.app.results.StationResults;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What the server works out for nobody after its start. */
class ReviewRehearsalTest extends AppTest {
    private static final int MORE_THAN_ANYBODY = 1_000_000;

    @Autowired
    ReviewRehearsal rehearsal;

    @Autowired
    StationResults results;

    @Autowired
    JdbcClient sql;

    private SignedIn student;

    @BeforeEach
    void aStudentPlays() throws Exception {
        student = club.newStudentOf(club.head());
        String session = beginSession(club.head(), student, Club.DRILL);
        for (int shot = 0; shot < 3; shot++) {
            ObjectNode body = json.valueToTree(Club.potted(shot, 1700, 1000 + shot));
            put(club.head(), body, "/api/v1/sessions/{s}/attempts/{a}", session, UUID.randomUUID())
                    .andExpect(status().isOk());
        }
        sql.sql("update station_result set attempts = ? where student_id = ?")
                .params(MORE_THAN_ANYBODY, student.accountId())
                .update();
    }

    /** Others find them in the same database. */
    @AfterEach
    void countedAsTheyAre() {
        sql.sql("update station_result set attempts = 3 where student_id = ?")
                .param(student.accountId())
                .update();
    }

    @Test
    void theLongestReviewIsWorkedOutWithoutAnybodyAsking() {
        MostPlayed most = results.mostPlayed().orElseThrow();
        assertThat(most).isEqualTo(new MostPlayed(student.accountId(), Club.DRILL, MORE_THAN_ANYBODY));
        assertThat(rehearsal.rehearse(most)).isEqualTo(12);
    }
}
