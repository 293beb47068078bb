package amberrail.app.recipes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Ways to play side by side, targets for a student, rules and how strict they are. */
class RecipeBoardTest extends AppTest {

    private JsonNode board(String drill, double ability) throws Exception {
        return tree(read(
                        club.head(),
                        "/api/v1/drills/{id}/recipes?tableId={t}&abilityLogits={a}",
                        drill,
                        club.table(),
                        ability)
                .andExpect(status().isOk()));
    }

    @Test
    void eachWayHasItsPathItsRoomAndItsChance() throws Exception {
        JsonNode board = board(Club.DRILL, 0);
        int preferred = 0;
        for (JsonNode way : board.get("ways")) {
            assertThat(way.at("/chance/probability").asDouble()).isBetween(0.0, 1.0);
            assertThat(way.at("/allowedAimMilliradians/below").asDouble()).isNotNegative();
            assertThat(way.at("/path/tracks")).isNotEmpty();
            assertThat(way.get("driftAtContactMillimetres").asDouble()).isBetween(0.001, 30.0);
            preferred += way.get("preferred").asBoolean() ? 1 : 0;
        }
        assertThat(preferred).isEqualTo(1);
        assertThat(board.at("/preference/reason").asText()).isNotEmpty();
    }

    @Test
    void aBetterStudentSucceedsMoreOftenWithEveryWay() throws Exception {
        JsonNode chalk = board(Club.DRILL, -3).get("ways");
        JsonNode amber = board(Club.DRILL, 3).get("ways");
        for (int i = 0; i < chalk.size(); i++) {
            assertThat(amber.get(i).at("/chance/probability").asDouble())
                    .isGreaterThan(chalk.get(i).at("/chance/probability").asDouble());
        }
    }

    @Test
    void aTargetOfTheSizeThatIsSaidSucceedsThatOften() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        Map<String, Object> asked =
                Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 0, "abilityLogits", 0);
        JsonNode target = tree(post(club.head(), Map.of("asked", asked, "share", 0.5), "/api/v1/bench/target-size"));
        double radius = target.get("radiusMillimetres").asDouble();
        // The same ring asked of the recipe board: its preferred way succeeds about half the time, or better with a
        // stroke for it.
        ((ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone")).put("radiusMillimetres", radius);
        Map<String, Object> again =
                Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 0, "abilityLogits", 0);
        double chance = Double.NaN;
        for (JsonNode way :
                tree(post(club.head(), again, "/api/v1/bench/recipes")).get("ways")) {
            if (way.get("preferred").asBoolean()) {
                chance = way.at("/chance/probability").asDouble();
            }
        }
        assertThat(chance).isCloseTo(0.5, within(0.08));
    }

    @Test
    void noTargetIsLargeEnoughWhereThePotAloneFailsTooOften() throws Exception {
        Map<String, Object> asked = Map.of(
                "tableId", club.table(),
                "drill", document(club.head(), Club.DRILL),
                "station", 2,
                "shot", 0,
                "abilityLogits", -6);
        JsonNode target = tree(post(club.head(), Map.of("asked", asked, "share", 0.95), "/api/v1/bench/target-size"));
        assertThat(target.has("radiusMillimetres")).isFalse();
        assertThat(target.get("potShare").asDouble()).isLessThan(0.95);
    }

    private JsonNode draftBoard(ObjectNode drill) throws Exception {
        Map<String, Object> asked =
                Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 0, "abilityLogits", 0);
        return tree(post(club.head(), asked, "/api/v1/bench/recipes").andExpect(status().isOk()));
    }

    @Test
    void whereNoStrokeGetsThereTheNearestIsSaid() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        ObjectNode zone = (ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone");
        Map<String, Object> near = Map.of("kind", "sights", "along", 4, "across", 2.2);
        ((ArrayNode) drill.at("/stations/0/shots/0/demands"))
                .add(json.valueToTree(Map.of(
                        "kind",
                        "stay-in",
                        "area",
                        Map.of("kind", "circle", "centre", near, "radiusMillimetres", 700))));
        zone.set("centre", json.valueToTree(Map.of("kind", "sights", "along", 7.5, "across", 0.5)));
        JsonNode board = draftBoard(drill);
        assertThat(board.get("ways")).isEmpty();
        assertThat(board.at("/nearest/missMillimetres").asDouble()).isBetween(0.0, 1_500.0);
        assertThat(board.at("/nearest/path/tracks")).isNotEmpty();
    }

    /** The ring can be reached; cushions that no ball meets in that order are the trouble, and that is what is said. */
    @Test
    void whyNothingWorksNamesTheDemandThatFails() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        ((ArrayNode) drill.at("/stations/0/shots/0/demands"))
                .add(json.valueToTree(Map.of("kind", "use-cushions", "cushions", List.of("W", "W", "W"))));
        JsonNode board = draftBoard(drill);
        assertThat(board.get("ways")).isEmpty();
        assertThat(board.at("/nearest/missMillimetres").asDouble()).isLessThan(220);
        assertThat(board.at("/nearest/faults")).hasSize(1);
        assertThat(board.at("/nearest/faults/0").asText()).isEqualTo("OTHER_CUSHIONS");
    }

    @Test
    void whereThePocketIsBlockedTheOpenOnesAreSaid() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        ((ArrayNode) drill.at("/stations/0/shots/0/balls"))
                .addPOJO(Map.of(
                        "label",
                        "2",
                        "role",
                        "blocker",
                        "position",
                        Map.of("kind", "sights", "along", 4, "across", 3.4)));
        ((ArrayNode) drill.at("/stations/0/shots/0/demands"))
                .addPOJO(Map.of("kind", "leave-alone", "balls", List.of("2")));
        JsonNode board = draftBoard(json.readValue(json.writeValueAsString(drill), ObjectNode.class));
        assertThat(board.get("ways")).isEmpty();
        assertThat(board.get("openPockets").toString()).doesNotContain("\"N\"").contains("NE");
    }

    @Test
    void aRuleSaysHowStrictItIsWhileItIsTyped() throws Exception {
        Map<String, Object> rule = Map.of("kind", "IN_A_ROW", "successes", 3, "capTries", 20);
        JsonNode rates =
                tree(post(club.head(), rule, "/api/v1/rules/strictness")).get("rates");
        assertThat(rates.at("/0/passProbability").asDouble()).isCloseTo(0.79, within(0.005));
        assertThat(rates.at("/3/medianAttempts").asInt()).isEqualTo(3);
        var both = new HashMap<>(rule);
        both.put("bothSides", true);
        JsonNode twice =
                tree(post(club.head(), both, "/api/v1/rules/strictness")).get("rates");
        assertThat(twice.at("/0/passProbability").asDouble())
                .as("each side within its own cap")
                .isCloseTo(0.79 * 0.79, within(0.01));
        assertThat(twice.at("/3/medianAttempts").asInt()).isBetween(7, 12);
        post(
                        club.head(),
                        Map.of("kind", "OF_A_BLOCK", "successes", 8, "outOf", 7, "capTries", 20),
                        "/api/v1/rules/strictness")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("rule.m"));
        post(club.head(), Map.of("kind", "OF_A_BLOCK", "capTries", 20), "/api/v1/rules/strictness")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("successes"));
    }
}
