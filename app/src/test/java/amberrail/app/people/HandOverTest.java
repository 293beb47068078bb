package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;

/** A student goes to another coach, and comes back within a week. */
class HandOverTest extends AppTest {
    @Autowired
    PeopleService people;

    @Autowired
    JdbcClient sql;

    private SignedIn from;
    private SignedIn to;
    private SignedIn student;

    @BeforeEach
    void twoCoachesAndAStudent() {
        from = club.newCoach();
        to = club.newCoach();
        student = club.newStudentOf(from);
    }

    private ResultActions hand(SignedIn who, SignedIn giving, SignedIn taking) throws Exception {
        return post(
                who,
                Map.of("fromCoachId", giving.accountId(), "toCoachId", taking.accountId()),
                "/api/v1/students/{id}/hand-over",
                student.accountId());
    }

    private boolean sees(SignedIn coach) throws Exception {
        return read(coach, "/api/v1/students/{id}/progress", student.accountId())
                        .andReturn()
                        .getResponse()
                        .getStatus()
                == 200;
    }

    @Test
    void theOneLosesSightAndTheOtherGainsItAndAnUndoTurnsItBack() throws Exception {
        String id =
                tree(hand(from, from, to).andExpect(status().isOk())).get("id").asText();
        assertThat(sees(from)).isFalse();
        assertThat(sees(to)).isTrue();
        JsonNode undoable = tree(read(from, "/api/v1/hand-overs"));
        assertThat(undoable.findValuesAsText("id")).containsExactly(id);
        delete(to, "/api/v1/hand-overs/" + id).andExpect(status().isNotFound());
        delete(from, "/api/v1/hand-overs/" + id).andExpect(status().isNoContent());
        assertThat(sees(from)).isTrue();
        assertThat(sees(to)).isFalse();
        delete(from, "/api/v1/hand-overs/" + id).andExpect(status().isNotFound());
    }

    @Test
    void whoCoachedBesidesStaysAfterAnUndo() throws Exception {
        people.assignCoach(club.head(), student.accountId(), to.accountId());
        String id = tree(hand(club.head(), from, to)).get("id").asText();
        assertThat(sees(from)).isFalse();
        delete(club.head(), "/api/v1/hand-overs/" + id).andExpect(status().isNoContent());
        assertThat(sees(from)).isTrue();
        assertThat(sees(to)).isTrue();
    }

    @Test
    void afterAWeekOrAfterAnotherChangeItStays() throws Exception {
        String id = tree(hand(from, from, to)).get("id").asText();
        people.assignCoach(club.head(), student.accountId(), from.accountId());
        delete(from, "/api/v1/hand-overs/" + id)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("CHANGED_SINCE"));
        people.releaseCoach(club.head(), student.accountId(), from.accountId());
        sql.sql("update hand_over set done_at = ? where student_id = ?")
                .params(OffsetDateTime.now().minusDays(8), student.accountId())
                .update();
        assertThat(tree(read(from, "/api/v1/hand-overs"))).isEmpty();
        delete(from, "/api/v1/hand-overs/" + id).andExpect(status().isNotFound());
        assertThat(sees(to)).isTrue();
    }

    @Test
    void nobodyTakesAStudentAndNobodyGivesAwayAnothers() throws Exception {
        hand(to, from, to).andExpect(status().isNotFound());
        hand(from, from, from)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("toCoachId"));
        hand(from, from, student).andExpect(status().isNotFound());
        hand(club.head(), to, from).andExpect(status().isNotFound());
        hand(student, from, to).andExpect(status().isForbidden());
        assertThat(sees(from)).isTrue();
    }
}
