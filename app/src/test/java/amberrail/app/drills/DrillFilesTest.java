package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Files out and in: what an import says first is what it then does, and a bad file changes nothing. */
class DrillFilesTest extends AppTest {

    private JsonNode preview(SignedIn who, String text) throws Exception {
        return tree(
                post(who, Map.of("text", text), "/api/v1/drill-import/preview").andExpect(status().isOk()));
    }

    private JsonNode take(SignedIn who, String text) throws Exception {
        return tree(post(who, Map.of("text", text), "/api/v1/drill-import").andExpect(status().isOk()));
    }

    private int drillsOf(SignedIn who) throws Exception {
        return tree(read(who, "/api/v1/drills")).get("drills").size();
    }

    private String setOfTwo(SignedIn who) throws Exception {
        var body = Map.of("title", "Two", "ids", List.of(Club.DRILL, "two-walls"));
        return post(who, body, "/api/v1/drill-set")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static String effect(JsonNode preview) {
        return preview.at("/entries/0/effect").asText();
    }

    @Test
    void aFileGoesToAnotherCoachAndBackUnchanged() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn other = club.newCoach();
        String id = ownDrillOf(coach);
        String file = file(coach, id);
        assertThat(effect(preview(coach, file))).isEqualTo("SAME");
        int before = drillsOf(other);
        assertThat(effect(preview(other, file))).isEqualTo("NEW");
        assertThat(drillsOf(other)).as("a preview changes nothing").isEqualTo(before);
        assertThat(take(other, file).get("done").asBoolean()).isTrue();
        assertThat(drillsOf(other)).isEqualTo(before + 1);
        assertThat(effect(preview(coach, file))).isEqualTo("SAME");
    }

    @Test
    void aChangedFileSaysWhatItChangesAndMakesANewVersionOfAPlayedDrill() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode file = (ObjectNode) json.readTree(file(coach, id));
        ((ObjectNode) file.get("drill")).put("minutes", 25).put("purpose", "Another purpose");
        JsonNode preview = preview(coach, file.toString());
        assertThat(effect(preview)).isEqualTo("CHANGED");
        assertThat(preview.at("/entries/0/changes").toString()).isEqualTo("[\"minutes\",\"purpose\"]");
        var body = newSession(club.newStudentOf(coach), id);
        post(coach, body, "/api/v1/sessions").andExpect(status().isCreated());
        assertThat(effect(preview(coach, file.toString()))).isEqualTo("NEW_VERSION");
        take(coach, file.toString());
        assertThat(document(coach, id).get("version").asInt()).isEqualTo(2);
        assertThat(document(coach, id).get("minutes").asInt()).isEqualTo(25);
    }

    @Test
    void ofASetWithOneBrokenDrillNothingIsTaken() throws Exception {
        SignedIn coach = club.newCoach();
        String set = setOfTwo(coach);
        ObjectNode broken = (ObjectNode) json.readTree(set);
        ((ObjectNode) broken.at("/drills/0")).put("id", "first");
        ((ObjectNode) broken.at("/drills/1")).put("id", "second");
        ((ObjectNode) broken.at("/drills/1/stations/0/shots/0/balls/0")).put("role", "queen");
        int before = drillsOf(coach);
        JsonNode preview = preview(coach, broken.toString());
        assertThat(preview.at("/problems/0/place").asText()).isEqualTo("drills[1].stations[0].shots[0].balls[0].role");
        post(coach, Map.of("text", broken.toString()), "/api/v1/drill-import")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("drills[1].stations[0].shots[0].balls[0].role"));
        assertThat(drillsOf(coach)).isEqualTo(before);
        ((ObjectNode) broken.at("/drills/1/stations/0/shots/0/balls/0")).put("role", "object");
        assertThat(take(coach, broken.toString()).get("entries")).hasSize(2);
        assertThat(drillsOf(coach)).isEqualTo(before + 2);
    }

    @Test
    void aBrokenFileIsToldByItsLine() throws Exception {
        JsonNode preview = preview(club.head(), "{\n  \"format\": \"amber-rail-drill\",\n  \"formatVersion\": 1,,\n}");
        assertThat(preview.at("/problems/0/sentence").asText())
                .isEqualTo("The file is not well-formed JSON in line 3, column 22.");
    }

    @Test
    void aNewerFileAndAForeignOneAreToldApart() throws Exception {
        assertThat(preview(club.head(), "{\"format\":\"amber-rail-drill\",\"formatVersion\":7}")
                        .at("/problems/0/sentence")
                        .asText())
                .startsWith("The file is of format version 7; this program reads up to 1.");
        assertThat(preview(club.head(), "[1, 2]").at("/problems/0/place").asText())
                .isEqualTo("format");
        assertThat(preview(club.head(), "").at("/problems/0/place").asText()).isEqualTo("format");
        assertThat(preview(club.head(), "{\"format\":\"amber-rail-drill\",\"formatVersion\":1}")
                        .get("problems"))
                .isNotEmpty();
    }

    @Test
    void deepNestingHugeTextsAndNamesGivenTwiceAreRefused() throws Exception {
        String deep = "{\"format\":\"amber-rail-drill\",\"formatVersion\":1,\"drill\":" + "[".repeat(30_000)
                + "]".repeat(30_000) + "}";
        assertThat(preview(club.head(), deep).at("/problems/0/sentence").asText())
                .startsWith("The file nests too deep");
        String longText = "{\"format\":\"" + "x".repeat(1_000_000) + "\"}";
        assertThat(preview(club.head(), longText).at("/problems/0/sentence").asText())
                .startsWith("The file nests too deep or holds a text that is too long");
        assertThat(preview(club.head(), "{\"format\":\"amber-rail-drill\",\"format\":\"amber-rail-drill-set\"}")
                        .at("/problems/0/sentence")
                        .asText())
                .startsWith("The file is not well-formed JSON");
        post(club.head(), Map.of("text", "x".repeat(5_000_000)), "/api/v1/drill-import/preview")
                .andExpect(status().isPayloadTooLarge());
    }

    @Test
    void aScriptInANameStaysText() throws Exception {
        SignedIn coach = club.newCoach();
        ObjectNode file = (ObjectNode) json.readTree(file(coach, Club.DRILL));
        String name = "<script>alert(1)</script>";
        ((ObjectNode) file.get("drill")).put("id", "hostile").put("title", name);
        take(coach, file.toString());
        String id = "";
        for (JsonNode entry : tree(read(coach, "/api/v1/drills")).get("drills")) {
            if (entry.at("/drill/title").asText().equals(name)) {
                id = entry.at("/drill/id").asText();
            }
        }
        assertThat(id).startsWith("own-");
        String svg = read(coach, "/api/v1/drills/{id}/diagram.svg?tableId={t}", id, club.table())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(svg).contains("&lt;script&gt;").doesNotContain("<script>");
    }

    @Test
    void signsThatNobodyCanReadAreRefusedAndOddOnesArePrintedAsFarAsPossible() throws Exception {
        SignedIn coach = club.newCoach();
        ObjectNode file = (ObjectNode) json.readTree(file(coach, Club.DRILL));
        ((ObjectNode) file.get("drill")).put("id", "odd").put("title", "a\u0000b");
        assertThat(preview(coach, file.toString()).at("/problems/0/place").asText())
                .isEqualTo("drill.title");
        ((ObjectNode) file.get("drill")).put("title", "Line \uD83C\uDFB1 one").put("purpose", "First\nsecond");
        take(coach, file.toString());
        String id = tree(post(coach, Map.of("drill", file.get("drill")), "/api/v1/drills"))
                .get("id")
                .asText();
        read(coach, "/api/v1/drills/{id}/card.pdf?tableId={t}", id, club.table())
                .andExpect(status().isOk());
    }

    /** Whoever sends a file straight away, without a look at it first, is told the same. */
    @Test
    void takingABadFileSaysWhatItsPreviewSays() throws Exception {
        SignedIn coach = club.newCoach();
        ObjectNode twice = (ObjectNode) json.readTree(setOfTwo(coach));
        ((ObjectNode) twice.at("/drills/0")).put("id", "twice");
        ((ObjectNode) twice.at("/drills/1")).put("id", "twice");
        List<String> bad = List.of(
                "",
                "{,",
                "[".repeat(5_000),
                "{\"format\":\"amber-rail-drill\",\"formatVersion\":7}",
                "{\"format\":\"amber-rail-drill\",\"formatVersion\":1}",
                twice.toString());
        int before = drillsOf(coach);
        for (String text : bad) {
            JsonNode problem = preview(coach, text).at("/problems/0");
            post(coach, Map.of("text", text), "/api/v1/drill-import")
                    .andExpect(status().isBadRequest())
                    .andExpect(
                            jsonPath("$.detail").value(problem.get("sentence").asText()))
                    .andExpect(jsonPath("$.field").value(problem.get("place").asText()));
        }
        assertThat(drillsOf(coach)).isEqualTo(before);
    }

    @Test
    void twoDrillsOfOneIdAndAnUnknownPropertyAreProblems() throws Exception {
        SignedIn coach = club.newCoach();
        ObjectNode file = (ObjectNode) json.readTree(setOfTwo(coach));
        ((ObjectNode) file.at("/drills/0")).put("id", "twice");
        ((ObjectNode) file.at("/drills/1")).put("id", "twice");
        assertThat(preview(coach, file.toString()).at("/problems/0/place").asText())
                .isEqualTo("drills[1].id");
        ((ObjectNode) file.at("/drills/1")).put("id", "once").put("colour", "red");
        assertThat(preview(coach, file.toString()).at("/problems/0/place").asText())
                .isEqualTo("drills[1].colour");
        ((ArrayNode) file.get("drills")).removeAll();
        assertThat(preview(coach, file.toString()).get("problems")).isNotEmpty();
    }
}
