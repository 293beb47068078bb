package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;

/** A drill that asks nothing yet, and one that cannot be read, harm nobody else's. */
class UnfinishedDrillTest extends AppTest {
    @Autowired
    JdbcTemplate database;

    private SignedIn coach;
    private String id;

    @BeforeEach
    void anOwnDrill() throws Exception {
        coach = club.newCoach();
        id = ownDrillOf(coach);
    }

    private ResultActions save(ObjectNode drill) throws Exception {
        return put(coach, Map.of("revision", 0, "drill", drill), "/api/v1/drills/{id}", id);
    }

    private static int status(ResultActions actions) {
        return actions.andReturn().getResponse().getStatus();
    }

    private ObjectNode asksNothing() throws Exception {
        ObjectNode drill = document(coach, id);
        for (JsonNode station : drill.get("stations")) {
            for (JsonNode shot : station.get("shots")) {
                ((ArrayNode) shot.get("demands")).removeAll();
            }
        }
        return drill;
    }

    @Test
    void aDrillMayAskNothingWhileItIsDesignedAndIsNotRecordedThen() throws Exception {
        assertThat(status(save(asksNothing()))).isEqualTo(200);
        assertThat(document(coach, id).at("/stations/0/shots/0/demands").isArray())
                .isTrue();
        assertThat(status(read(coach, "/api/v1/drills"))).isEqualTo(200);
        assertThat(status(read(coach, "/api/v1/drills/{id}?tableId={t}", id, club.table())))
                .isEqualTo(200);
        assertThat(file(coach, id)).contains("\"demands\"");
        ResultActions refused = post(coach, newSession(club.newStudentOf(coach), id), "/api/v1/sessions");
        assertThat(status(refused)).isEqualTo(400);
        assertThat(tree(refused).get("detail").asText()).contains("asks nothing yet");
    }

    @Test
    void itsFileIsReadBackAsItWas() throws Exception {
        save(asksNothing());
        JsonNode preview = tree(post(coach, Map.of("text", file(coach, id)), "/api/v1/drill-import/preview"));
        assertThat(preview.get("problems")).isEmpty();
        assertThat(preview.at("/entries/0/effect").asText()).isEqualTo("SAME");
    }

    @Test
    void oneThatAnOlderVersionStoredWithoutItsEmptyListIsRead() throws Exception {
        String body =
                database.queryForObject("select body from own_drill_version where drill_id = ?", String.class, id);
        ObjectNode stored = (ObjectNode) json.readTree(body);
        for (JsonNode station : stored.get("stations")) {
            for (JsonNode shot : station.get("shots")) {
                ((ObjectNode) shot).remove("demands");
            }
        }
        database.update("update own_drill_version set body = ? where drill_id = ?", stored.toString(), id);
        assertThat(document(coach, id).at("/stations/0/shots/0/demands")).isEmpty();
    }

    @Test
    void oneThatCannotBeReadIsNamedAndTheOthersAreThere() throws Exception {
        database.update("update own_drill_version set body = '{\"id\":7' where drill_id = ?", id);
        database.update("update own_drill set shared = true, revision = revision + 1 where id = ?", id);
        SignedIn other = club.newCoach();
        for (SignedIn who : java.util.List.of(coach, other)) {
            JsonNode library = tree(read(who, "/api/v1/drills"));
            assertThat(library.get("unreadable").toString()).contains(id);
            assertThat(library.get("drills").size()).isGreaterThan(60);
        }
        ResultActions itself = read(coach, "/api/v1/drills/{id}?tableId={t}", id, club.table());
        assertThat(status(itself)).isEqualTo(409);
        assertThat(tree(itself).get("detail").asText()).contains("cannot be read");
        SignedIn student = club.newStudentOf(coach);
        assertThat(status(post(coach, newSession(student, Club.DRILL), "/api/v1/sessions")))
                .isEqualTo(201);
        assertThat(status(read(coach, "/api/v1/students/{id}/next-stations", student.accountId())))
                .isEqualTo(200);
    }
}
