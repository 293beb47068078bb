package amberrail.app.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Strokes that students called and landed propose numbers for their table; nothing changes until a coach says so. */
class LearningFromPlayTest extends AppTest {
    private static final long SEED = 62_000;
    private SignedIn coach;
    private String table;

    @BeforeEach
    void aTable() throws Exception {
        coach = club.newCoach();
        Map<String, Object> body = Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-9ft");
        table = tree(post(coach, body, "/api/v1/kit/tables")).get("id").asText();
    }

    /** Thirty pots with the usual stroke called, all of them this much longer along the arrival than it should go. */
    private void practised(SignedIn student, double longer, Random random) throws Exception {
        JsonNode drill = tree(read(coach, "/api/v1/drills/{id}?tableId={t}", Club.DRILL, table));
        JsonNode usual = tree(read(coach, "/api/v1/drills/{id}/usual-way?tableId={t}", Club.DRILL, table))
                .get("usual");
        JsonNode target = drill.at("/drill/stations/0/original/0/target");
        double arrival = Math.toRadians(
                drill.at("/drill/stations/0/original/0/arrivalDegrees").asDouble());
        Map<String, Object> session = new HashMap<>(newSession(student, Club.DRILL));
        session.put("tableId", table);
        String id = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        for (int i = 0; i < 30; i++) {
            double x = target.get("xMillimetres").asDouble() + longer * Math.cos(arrival) + 35 * random.nextGaussian();
            double y = target.get("yMillimetres").asDouble() + longer * Math.sin(arrival) + 35 * random.nextGaussian();
            ObjectNode attempt = json.valueToTree(Club.potted(i, x, y));
            ObjectNode call = attempt.putObject("call");
            call.set("paceMetresPerSecond", usual.at("/stroke/paceMetresPerSecond"));
            call.set("tipHeightMillimetres", usual.at("/stroke/tipHeightMillimetres"));
            call.set("tipSideMillimetres", usual.at("/stroke/tipSideMillimetres"));
            assertThat(put(coach, attempt, "/api/v1/sessions/{s}/attempts/{id}", id, UUID.randomUUID())
                            .andReturn()
                            .getResponse()
                            .getContentAsString())
                    .doesNotContain("\"code\"");
        }
    }

    /** Other tests of the same server may have asked before: the limit is there for hangs alone. */
    private JsonNode learnt() throws Exception {
        for (int i = 0; i < 3_000; i++) {
            JsonNode view = tree(read(coach, "/api/v1/kit/tables/{id}/learning", table));
            if (!view.get("state").asText().equals("WORKING")) {
                return view;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("learning does not end");
    }

    @Test
    void longLandingsProposeAFasterClothAndNothingChangesByItself() throws Exception {
        Random random = new Random(SEED);
        for (int i = 0; i < 3; i++) {
            practised(club.newStudentOf(coach), 120, random);
        }
        JsonNode view = learnt();
        assertThat(view.get("state").asText()).isEqualTo("DONE");
        assertThat(view.get("strokes").asInt()).isEqualTo(90);
        assertThat(view.get("students").asInt()).isEqualTo(3);
        JsonNode rolling = view.get("numbers").get(0);
        assertThat(rolling.get("number").asText()).isEqualTo("ROLLING_FRICTION");
        assertThat(rolling.at("/learnt/figure").asDouble())
                .isGreaterThan(rolling.at("/believed/figure").asDouble());
        JsonNode untouched = tree(read(coach, "/api/v1/kit/tables/{id}", table));
        assertThat(untouched.get("history").size()).isZero();
        post(coach, Map.of("version", 7), "/api/v1/kit/tables/{id}/learning/take", table)
                .andExpect(status().isConflict());
        post(coach, Map.of("version", view.get("version").asInt()), "/api/v1/kit/tables/{id}/learning/take", table)
                .andExpect(status().isNoContent());
        JsonNode now = tree(read(coach, "/api/v1/kit/tables/{id}", table))
                .get("history")
                .get(0);
        assertThat(now.get("source").asText()).isEqualTo("PLAY");
        assertThat(now.get("note").asText()).isEqualTo("90 called strokes of 3 students");
        // What was played before the new numbers says nothing about them.
        assertThat(learnt().get("strokes").asInt()).isZero();
    }

    @Test
    void aTableThatNobodyPlayedOnTellsNothing() throws Exception {
        JsonNode view = learnt();
        assertThat(view.get("strokes").asInt()).isZero();
        assertThat(view.get("proposes").asBoolean()).isFalse();
        assertThat(List.of(view.get("numbers").size(), view.get("paces").size()))
                .containsOnly(0);
        post(coach, Map.of("version", view.get("version").asInt()), "/api/v1/kit/tables/{id}/learning/take", table)
                .andExpect(status().isConflict());
    }
}
