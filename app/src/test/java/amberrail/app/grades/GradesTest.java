package amberrail.app.grades;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Grades of a drill: known, asked for, worked out, stopped, and asked anew after a change. */
@Tag("simulation")
class GradesTest extends AppTest {
    private static final String PATH = "/api/v1/drills/{id}/grades?tableId={t}";
    private static final Duration HANGS_AFTER = Duration.ofMinutes(5);

    private JsonNode now(SignedIn who, String id) throws Exception {
        return tree(read(who, PATH, id, club.table()));
    }

    private JsonNode done(SignedIn who, String id) throws Exception {
        Instant end = Instant.now().plus(HANGS_AFTER);
        JsonNode now = now(who, id);
        while (now.get("state").asText().equals("WORKING") && Instant.now().isBefore(end)) {
            Thread.sleep(50);
            now = now(who, id);
        }
        return now;
    }

    /** An own drill that nobody has graded: the ring of its last station is a little different. */
    private String fresh(SignedIn coach, double radiusMillimetres) throws Exception {
        ObjectNode drill = document(coach, Club.DRILL);
        int last = drill.get("stations").size() - 1;
        ((ObjectNode) drill.at("/stations/" + last + "/shots/0/demands/1/zone"))
                .put("radiusMillimetres", radiusMillimetres);
        return tree(post(coach, Map.of("drill", drill), "/api/v1/drills"))
                .get("id")
                .asText();
    }

    @Test
    void shippedOnesAreThereAtOnce() throws Exception {
        JsonNode now = now(club.head(), Club.DRILL);
        assertThat(now.get("state").asText()).isEqualTo("DONE");
        assertThat(now.at("/stations/0/band").asText()).isNotEmpty();
        assertThat(now.at("/stations/0/easierBy/AIM").isNumber()).isTrue();
    }

    @Test
    void anotherOneIsWorkedOutWhenAskedAndKept() throws Exception {
        SignedIn coach = club.newCoach();
        String id = fresh(coach, 123.4);
        assertThat(now(coach, id).get("state").asText()).isEqualTo("NOT_ASKED");
        // The other stations are the shipped drill's and known; only the changed one is missing.
        assertThat(now(coach, id).at("/stations/0/state").asText()).isEqualTo("DONE");
        post(coach, Map.of(), PATH, id, club.table()).andExpect(status().isOk());
        JsonNode done = done(coach, id);
        assertThat(done.get("state").asText()).isEqualTo("DONE");
        int last = done.get("stations").size() - 1;
        assertThat(done.at("/stations/" + last + "/grade").asDouble()).isBetween(-100.0, 1100.0);
        // A copy asks the same question, so it has its answer.
        String copy = tree(post(coach, Map.of(), "/api/v1/drills/{id}/copy", id))
                .get("id")
                .asText();
        assertThat(now(coach, copy).get("state").asText()).isEqualTo("DONE");
    }

    @Test
    void aChangeAsksAnew() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        assertThat(now(coach, id).get("state").asText()).isEqualTo("DONE");
        ObjectNode drill = document(coach, id).put("sideAllowed", true);
        put(coach, Map.of("revision", 0, "drill", drill), "/api/v1/drills/{id}", id)
                .andExpect(status().isOk());
        assertThat(now(coach, id).get("state").asText()).isEqualTo("NOT_ASKED");
        // Words are no part of the question.
        put(
                        coach,
                        Map.of(
                                "revision",
                                1,
                                "drill",
                                drill.put("sideAllowed", false).put("title", "Other")),
                        "/api/v1/drills/{id}",
                        id)
                .andExpect(status().isOk());
        assertThat(now(coach, id).get("state").asText()).isEqualTo("DONE");
    }

    @Test
    void workThatIsStoppedStopsAndCanBeBegunAgain() throws Exception {
        SignedIn coach = club.newCoach();
        // One drill after the other: while the first is worked on, the second waits and is stopped for sure.
        String first = fresh(coach, 99.1);
        String id = fresh(coach, 99.9);
        post(coach, Map.of(), PATH, first, club.table());
        post(coach, Map.of(), PATH, id, club.table());
        delete(coach, PATH, id, club.table()).andExpect(status().isNoContent());
        assertThat(now(coach, id).get("state").asText()).isEqualTo("CANCELLED");
        assertThat(done(coach, first).get("state").asText()).isEqualTo("DONE");
        assertThat(now(coach, id).get("state").asText()).as("and stays stopped").isEqualTo("CANCELLED");
        post(coach, Map.of(), PATH, id, club.table());
        assertThat(now(coach, id).get("state").asText()).isEqualTo("WORKING");
        delete(coach, PATH, id, club.table()).andExpect(status().isNoContent());
    }

    @Test
    void whatCannotBeDoneIsSaidAsSuch() throws Exception {
        SignedIn coach = club.newCoach();
        ObjectNode drill = document(coach, Club.DRILL);
        ObjectNode ball = (ObjectNode) drill.at("/stations/0/shots/0/balls/1");
        ball.set("position", drill.at("/stations/0/shots/0/balls/0/position"));
        String id = tree(post(coach, Map.of("drill", drill), "/api/v1/drills"))
                .get("id")
                .asText();
        post(coach, Map.of(), PATH, id, club.table());
        assertThat(done(coach, id).at("/stations/0/state").asText()).isEqualTo("CANNOT_BE_DONE");
    }
}
