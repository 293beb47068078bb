package amberrail.app.shots;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;

class ShotApiTest extends AppTest {
    /** The second station of the shipped drill on a 9 ft table: a half ball into the N pocket. */
    private String request() {
        return "{\"tableId\":\"" + club.table() + "\",\"balls\":["
                + "{\"label\":\"cue\",\"cueBall\":true,\"xMillimetres\":1020,\"yMillimetres\":335.3},"
                + "{\"label\":\"1\",\"cueBall\":false,\"xMillimetres\":1270,\"yMillimetres\":825.5}],"
                + "\"stroke\":{\"paceMetresPerSecond\":0.9,\"tipHeightMillimetres\":11.4,\"tipSideMillimetres\":0,"
                + "\"elevationDegrees\":0},\"pot\":{\"ball\":\"1\",\"pocket\":\"N\"}}";
    }

    @Test
    void aPotIsAimedAtAndItsPathsComeBack() throws Exception {
        JsonNode answer = tree(simulate(request()));
        assertThat(answer.at("/tracks/1/pocket").asText()).isEqualTo("N");
        assertThat(answer.at("/aim/halfWidthMilliradians").asDouble()).isPositive();
        assertThat(answer.at("/contacts/0/kind").asText()).isEqualTo("BALL");
        assertThat(answer.at("/tracks/0/stretches/0/points/0/xMillimetres").asDouble())
                .isCloseTo(1020, within(1e-9));
        assertThat(answer.get("endSeconds").asDouble()).isPositive();
    }

    @Test
    void successFallsWithTheErrors() throws Exception {
        double steady = success(0.5, 2.5).get("probability").asDouble();
        double shaky = success(8, 17).get("probability").asDouble();
        assertThat(steady).isGreaterThan(0.9);
        assertThat(shaky).isLessThan(steady);
        assertThat(success(8, 17).get("standardError").asDouble()).isBetween(0.0, 0.05);
    }

    @Test
    void recipesComeBestFirstAndOneIsTheUsual() throws Exception {
        JsonNode answer = recipes("{\"xMillimetres\":1746,\"yMillimetres\":1016,\"radiusMillimetres\":220}");
        assertThat(answer.get("recipes").size()).isGreaterThan(1);
        double last = 1;
        int usual = 0;
        for (JsonNode recipe : answer.get("recipes")) {
            double probability = recipe.at("/success/probability").asDouble();
            assertThat(probability).isBetween(0.0, last);
            last = probability;
            usual += recipe.get("usual").asBoolean() ? 1 : 0;
            assertThat(recipe.at("/allowedAimMilliradians/above").asDouble()).isPositive();
        }
        assertThat(usual).isEqualTo(1);
    }

    @Test
    void aZoneThatNobodyReachesHasNoRecipeAndSaysSo() throws Exception {
        JsonNode answer = recipes("{\"xMillimetres\":1270,\"yMillimetres\":-60,\"radiusMillimetres\":5}");
        assertThat(answer.get("recipes").size()).isZero();
        assertThat(answer.get("noRecipe").asText()).contains("No stroke");
    }

    @ParameterizedTest(name = "{0} -> {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"xMillimetres\":1270     => \"xMillimetres\":-50       | balls.1",
                "\"xMillimetres\":1270,\"yMillimetres\":825.5 => \"xMillimetres\":1021,\"yMillimetres\":336 | balls.1",
                "\"tipHeightMillimetres\":11.4 => \"tipHeightMillimetres\":25 | stroke.tipHeightMillimetres",
                "\"paceMetresPerSecond\":0.9 => \"paceMetresPerSecond\":40 | stroke.paceMetresPerSecond",
                "\"paceMetresPerSecond\":0.9 => \"paceMetresPerSecond\":0.1 | stroke",
                "\"cueBall\":true => \"cueBall\":false | balls",
                "\"ball\":\"1\" => \"ball\":\"7\" | pot.ball",
                "\"pocket\":\"N\" => \"pocket\":\"SW\" | pocket",
                "\"pocket\":\"N\" => \"pocket\":\"X\" | pot.pocket"
            })
    void whatCannotBePlayedIsRefusedWithItsField(String change, String field) throws Exception {
        String[] sides = change.split("=>");
        String bad = request().replace(sides[0].strip(), sides[1].strip());
        assertThat(bad).isNotEqualTo(request());
        ResultActions answer = simulate(bad);
        assertThat(answer.andReturn().getResponse().getStatus()).isEqualTo(400);
        assertThat(tree(answer).get("field").asText()).isEqualTo(field);
    }

    @Test
    void aTableThatIsNotThereIsTold() throws Exception {
        ResultActions answer =
                simulate(request().replace(club.table().toString(), "00000000-0000-0000-0000-000000000000"));
        assertThat(answer.andReturn().getResponse().getStatus()).isEqualTo(404);
    }

    private JsonNode success(double aimMilliradians, double pacePercent) throws Exception {
        return tree(post(
                club.head(),
                "{\"shot\":" + request() + ",\"errors\":{\"aimMilliradians\":" + aimMilliradians + ",\"pacePercent\":"
                        + pacePercent + ",\"tipHeightMillimetres\":2,\"tipSideMillimetres\":1},\"shots\":2000}",
                "/api/v1/shots/success"));
    }

    private ResultActions simulate(String body) throws Exception {
        return post(club.head(), body, "/api/v1/shots/simulate");
    }

    private JsonNode recipes(String zone) throws Exception {
        JsonNode shot = json.readTree(request());
        return tree(post(
                club.head(),
                "{\"tableId\":" + shot.get("tableId") + ",\"balls\":" + shot.get("balls") + ",\"pot\":"
                        + shot.get("pot") + ",\"zone\":" + zone + ",\"sideAllowed\":false}",
                "/api/v1/shots/recipes"));
    }
}
