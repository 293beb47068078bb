package amberrail.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What the bench is told about a draft. */
class BenchTest extends AppTest {
    private static final String FIRST = "/stations/0/shots/0";

    private JsonNode ask(String what, JsonNode drill) throws Exception {
        var body = Map.of("tableId", club.table(), "drill", drill);
        return tree(post(club.head(), body, "/api/v1/bench/" + what).andExpect(status().isOk()));
    }

    private static ObjectNode ball(ObjectNode drill, int index) {
        return (ObjectNode) drill.at(FIRST + "/balls/" + index);
    }

    private static void sights(ObjectNode ball, double along, double across) {
        ball.putObject("position").put("kind", "sights").put("along", along).put("across", across);
    }

    @Test
    void aSoundDrillHasLinesAndNoProblems() throws Exception {
        JsonNode check = ask("check", document(club.head(), Club.DRILL));
        assertThat(check.get("problems")).isEmpty();
        JsonNode lines = check.at("/stations/0/0/lines");
        assertThat(lines.get("allowedAimMilliradians").asDouble()).isBetween(1.0, 60.0);
        double distance = 1000
                * lines.get("allowedAimMillimetres").asDouble()
                / lines.get("allowedAimMilliradians").asDouble();
        assertThat(distance).isBetween(100.0, 2000.0);
        assertThat(lines.at("/naturalRoll/cushion").asText()).isNotEmpty();
    }

    @Test
    void aBallInTheWayIsFlaggedAndStopsNothing() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        JsonNode lines = ask("check", drill).at("/stations/0/0");
        double x = (lines.at("/shot/balls/0/at/place/xMillimetres").asDouble()
                        + lines.at("/shot/pot/objectPathEnd/xMillimetres").asDouble())
                / 2;
        double y = (lines.at("/shot/balls/0/at/place/yMillimetres").asDouble()
                        + lines.at("/shot/pot/objectPathEnd/yMillimetres").asDouble())
                / 2;
        ObjectNode blocker = ((ArrayNode) drill.at(FIRST + "/balls")).addObject();
        blocker.put("label", "B").put("role", "blocker");
        sights(blocker, x / 317.5, y / 317.5);
        JsonNode problem = ask("check", drill).at("/problems/0");
        assertThat(problem.get("kind").asText()).isEqualTo("BALL_BEFORE_THE_POCKET");
        assertThat(problem.get("stops").asBoolean()).isFalse();
        assertThat(problem.at("/balls/0").asText()).isEqualTo("B");
    }

    @Test
    void aShotThatCannotBeSetUpIsToldInWordsAndTheOthersAreDrawn() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        ball(drill, 1).set("position", ball(drill, 0).get("position"));
        JsonNode check = ask("check", drill);
        assertThat(check.at("/stations/0/0").has("shot")).isFalse();
        assertThat(check.at("/stations/1/0").has("shot")).isTrue();
        assertThat(check.at("/problems/0/kind").asText()).isEqualTo("CANNOT_BE_SET_UP");
        assertThat(check.at("/problems/0/sentence").asText()).contains(" mm inside ball ");
    }

    @Test
    void theUsualStrokePotsAndEndsInTheRing() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        var body = Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 0);
        JsonNode usual = tree(post(club.head(), body, "/api/v1/bench/usual")).get("usual");
        assertThat(usual.get("successProbability").asDouble()).isBetween(0.2, 1.0);
        boolean potted = false;
        for (JsonNode track : usual.at("/path/tracks")) {
            potted |= track.has("pocket");
        }
        assertThat(potted).isTrue();
        var outside = Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 9);
        post(club.head(), outside, "/api/v1/bench/usual")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("shot"));
    }

    @Test
    void whatNobodyCanDoHasNoStrokeAndNoGrade() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        // The same cushion three times in a row: no ball does that.
        ((ArrayNode) drill.at(FIRST + "/demands"))
                .addObject()
                .put("kind", "use-cushions")
                .putArray("cushions")
                .add("W")
                .add("W")
                .add("W");
        var body = Map.of("tableId", club.table(), "drill", drill, "station", 0, "shot", 0);
        JsonNode usual = tree(post(club.head(), body, "/api/v1/bench/usual"));
        JsonNode grade = ask("grades", drill).at("/stations/0");
        assertThat(usual.has("usual")).isFalse();
        assertThat(grade.has("grade")).isFalse();
        assertThat(ask("grades", drill).at("/stations/1").has("grade"))
                .as("the others have theirs")
                .isTrue();
    }

    @Test
    void aStationThatIsNotHarderThanTheLastIsMarked() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        JsonNode rising = ask("grades", drill).get("stations");
        for (int i = 1; i < rising.size(); i++) {
            assertThat(rising.get(i).get("harder").asBoolean())
                    .as("station " + i)
                    .isTrue();
        }
        ArrayNode stations = (ArrayNode) drill.get("stations");
        stations.add(stations.get(0).deepCopy());
        JsonNode last = ask("grades", drill).get("stations").get(stations.size() - 1);
        assertThat(last.get("harder").asBoolean()).isFalse();
    }

    @Test
    void aDraftThatIsNoDrillIsRefusedWithThePlace() throws Exception {
        ObjectNode drill = document(club.head(), Club.DRILL);
        ball(drill, 0).put("label", "");
        post(club.head(), Map.of("tableId", club.table(), "drill", drill), "/api/v1/bench/check")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("drill.stations[0].shots[0].balls[0].label"));
    }
}
