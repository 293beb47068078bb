package amberrail.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.kit.Estimated;
import amberrail.core.statistics.Interval;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the club owns: added, changed, put away; and that what was played before stays as it was. */
class ClubKitTest extends AppTest {
    @Autowired
    private JdbcTemplate database;

    @Autowired
    private KitPresets presets;

    @Autowired
    private ClubGear gear;

    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void people() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
    }

    private String newTable() throws Exception {
        Map<String, Object> body = Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-9ft");
        return tree(post(coach, body, "/api/v1/kit/tables").andExpect(status().isCreated()))
                .get("id")
                .asText();
    }

    private JsonNode table(String id) throws Exception {
        return tree(read(coach, "/api/v1/kit/tables/{id}", id).andExpect(status().isOk()));
    }

    private ObjectNode measures(JsonNode table, double cornerMouth) {
        ObjectNode body = json.createObjectNode();
        body.set("version", table.get("version"));
        body.set("name", table.get("name"));
        body.put("cornerMouthMillimetres", cornerMouth);
        body.set("sideMouthMillimetres", table.get("sideMouthMillimetres"));
        body.set("noseHeightMillimetres", table.get("noseHeightMillimetres"));
        return body;
    }

    @Test
    void narrowerPocketsHoldFromNowOnAndASessionKeepsItsOwn() throws Exception {
        String id = newTable();
        Map<String, Object> session = new HashMap<>(newSession(student, Club.DRILL));
        session.put("tableId", id);
        String before = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        put(coach, measures(table(id), 108), "/api/v1/kit/tables/{id}", id)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cornerMouthMillimetres").value(108))
                .andExpect(jsonPath("$.history[0].source").value("TYPED"))
                .andExpect(jsonPath("$.history[1].source").value("PRESET"))
                .andExpect(jsonPath("$.history[1].since").doesNotExist());
        assertThat(rowOf(id).get("source").asText()).as("of the cloth").isEqualTo("PRESET");
        assertThat(rowOf(id).has("verdict")).as("nobody measured it").isFalse();
        String after = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        String numbers = "select table_numbers from practice_session where id = ?";
        assertThat(database.queryForObject(numbers, String.class, UUID.fromString(before)))
                .contains("\"mouthMillimetres\":114.3");
        assertThat(database.queryForObject(numbers, String.class, UUID.fromString(after)))
                .contains("\"mouthMillimetres\":108.0");
    }

    @Test
    void ofTwoWindowsTheSecondIsToldThatItsTableHasChanged() throws Exception {
        String id = newTable();
        ObjectNode one = measures(table(id), 110);
        put(coach, one, "/api/v1/kit/tables/{id}", id).andExpect(status().isOk());
        put(coach, one, "/api/v1/kit/tables/{id}", id)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("TABLE_CHANGED"));
    }

    @Test
    void senselessMeasuresAreRefusedWithTheirField() throws Exception {
        String id = newTable();
        put(coach, measures(table(id), 11.4), "/api/v1/kit/tables/{id}", id)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("cornerMouthMillimetres"));
        post(coach, Map.of("name", "Another", "presetId", "nine"), "/api/v1/kit/tables")
                .andExpect(status().isBadRequest());
        String name = table(id).get("name").asText();
        post(coach, Map.of("name", name, "presetId", "pool-9ft"), "/api/v1/kit/tables")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("name"));
        Map<String, Object> balls = Map.of(
                "version",
                1,
                "name",
                "Balls " + UUID.randomUUID(),
                "cueBallDiameterMillimetres",
                2.25,
                "cueBallMassKilograms",
                0.17,
                "objectBallDiameterMillimetres",
                57,
                "objectBallMassKilograms",
                0.17);
        post(coach, balls, "/api/v1/kit/ball-sets")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("cueBall.diameterMillimetres"));
    }

    @Test
    void whatIsPutAwayLeavesTheListsAndCanComeBack() throws Exception {
        String id = newTable();
        put(coach, Map.of("archived", true), "/api/v1/kit/tables/{id}/archived", id)
                .andExpect(status().isNoContent());
        assertThat(read(coach, "/api/v1/tables").andReturn().getResponse().getContentAsString())
                .doesNotContain(id);
        read(coach, "/api/v1/tables/{id}", id).andExpect(status().isOk());
        put(coach, Map.of("archived", false), "/api/v1/kit/tables/{id}/archived", id)
                .andExpect(status().isNoContent());
        assertThat(read(coach, "/api/v1/tables").andReturn().getResponse().getContentAsString())
                .contains(id);
    }

    private Map<String, Object> cue(String name, double ratio, Object owner) {
        Map<String, Object> body = new HashMap<>(Map.of(
                "version",
                1,
                "name",
                name,
                "tipDiameterMillimetres",
                12.5,
                "endMassRatio",
                ratio,
                "elevationDegrees",
                3,
                "newTip",
                false));
        if (owner != null) {
            body.put("ownerId", owner);
        }
        return body;
    }

    private JsonNode rowOf(String table) throws Exception {
        for (JsonNode one : tree(read(coach, "/api/v1/kit")).get("tables")) {
            if (one.get("id").asText().equals(table)) {
                return one;
            }
        }
        return null;
    }

    @Test
    void aNewClothStartsFromNothingAndSaysSo() throws Exception {
        String id = newTable();
        Map<String, Object> cloth =
                Map.of("version", table(id).get("version"), "clothName", "Grey", "nap", "EAST", "isNew", true);
        put(coach, cloth, "/api/v1/kit/tables/{id}/cloth", id)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.nap").value("EAST"))
                .andExpect(jsonPath("$.history[0].source").value("RENEWED"));
        assertThat(rowOf(id).get("source").asText()).isEqualTo("RENEWED");
        assertThat(rowOf(id).has("verdict")).isFalse();
    }

    private JsonNode cueOf(SignedIn who, String id) throws Exception {
        for (JsonNode one : tree(read(who, "/api/v1/kit")).get("cues")) {
            if (one.get("id").asText().equals(id)) {
                return one;
            }
        }
        return null;
    }

    @Test
    void aStudentLooksAfterTheirOwnCueAndNobodyElsesIsShown() throws Exception {
        String name = "Mine " + UUID.randomUUID();
        post(student, cue(name, 20, null), "/api/v1/kit/cues").andExpect(status().isForbidden());
        String id = tree(post(student, cue(name, 20, student.accountId()), "/api/v1/kit/cues")
                        .andExpect(status().isCreated()))
                .get("id")
                .asText();
        assertThat(cueOf(student, id)).isNotNull();
        assertThat(cueOf(coach, id).get("ownerId").asText())
                .isEqualTo(student.accountId().toString());
        SignedIn stranger = club.newStudentOf(club.newCoach());
        assertThat(cueOf(stranger, id)).isNull();
        put(stranger, cue(name, 30, stranger.accountId()), "/api/v1/kit/cues/{id}", id)
                .andExpect(status().isNotFound());
        put(student, cue(name, 30, student.accountId()), "/api/v1/kit/cues/{id}", id)
                .andExpect(status().isNoContent());
        assertThat(cueOf(coach, id).get("endMassRatio").get("figure").asDouble())
                .isEqualTo(30);
        assertThat(cueOf(coach, id).get("source").asText()).isEqualTo("TYPED");
        Map<String, Object> newTip = cue(name, 30, student.accountId());
        newTip.put("version", 2);
        newTip.put("newTip", true);
        put(student, newTip, "/api/v1/kit/cues/{id}", id).andExpect(status().isNoContent());
        assertThat(cueOf(coach, id).get("source").asText()).isEqualTo("RENEWED");
        JsonNode history = tree(read(student, "/api/v1/kit/cues/{id}/history", id));
        assertThat(history.size()).isEqualTo(3);
        assertThat(history.get(2).get("source").asText()).isEqualTo("PRESET");
        assertThat(history.get(2).at("/endMassRatio/figure").asDouble()).isEqualTo(20);
        assertThat(history.get(0).get("since").asText()).isNotEmpty();
    }

    /** Typing one number leaves the others as well known as a check has left them. */
    @Test
    void whatACheckFoundStaysWhenSomethingElseIsTyped() throws Exception {
        String name = "Club cue " + UUID.randomUUID();
        String id = tree(post(coach, cue(name, 22, null), "/api/v1/kit/cues"))
                .get("id")
                .asText();
        gear.takeCheck(
                coach,
                UUID.fromString(id),
                1,
                UUID.randomUUID(),
                new Estimated(27.5, new Interval(24, 31)),
                new Estimated(2, new Interval(1, 4)));
        Map<String, Object> renamed = cue(name + " of the club", 27.5, null);
        renamed.put("elevationDegrees", 2);
        renamed.put("version", 2);
        put(coach, renamed, "/api/v1/kit/cues/{id}", id).andExpect(status().isNoContent());
        assertThat(cueOf(coach, id).get("source").asText()).isEqualTo("CHECK");
        Map<String, Object> steeper = new HashMap<>(renamed);
        steeper.put("elevationDegrees", 5);
        steeper.put("version", 3);
        put(coach, steeper, "/api/v1/kit/cues/{id}", id).andExpect(status().isNoContent());
        JsonNode now = cueOf(coach, id);
        assertThat(now.get("source").asText()).isEqualTo("TYPED");
        assertThat(now.at("/endMassRatio/lower").asDouble()).isEqualTo(24);
        assertThat(now.at("/elevationDegrees/figure").asDouble()).isEqualTo(5);
    }

    /** A release brings a preset: a club that began before gets it, once, and not again after putting it away. */
    @Test
    void whatAReleaseBringsReachesAClubThatBeganBefore() throws Exception {
        database.update("delete from kit_preset where preset = 'cue light end'");
        String count = "select count(*) from cue where name = 'Light-ended shaft'";
        int before = database.queryForObject(count, Integer.class);
        presets.afterTheStart();
        assertThat(database.queryForObject(count, Integer.class)).isEqualTo(before + 1);
        presets.afterTheStart();
        assertThat(database.queryForObject(count, Integer.class)).isEqualTo(before + 1);
    }

    @Test
    void theUsualCueMayBeRenamed() throws Exception {
        List<String> usual =
                database.queryForList("select cast(id as varchar) from cue where usual_for = 'POOL'", String.class);
        String id = usual.get(0);
        JsonNode now = cueOf(coach, id);
        Map<String, Object> body = cue(
                "House cue " + UUID.randomUUID(),
                now.get("endMassRatio").get("figure").asDouble(),
                null);
        body.put("version", now.get("version").asInt());
        put(coach, body, "/api/v1/kit/cues/{id}", id).andExpect(status().isNoContent());
        post(coach, newSession(student, Club.DRILL), "/api/v1/sessions").andExpect(status().is2xxSuccessful());
    }
}
