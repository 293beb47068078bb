package amberrail.app.racks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Racks as lines of a plan, beside drills. */
class RacksInPlansTest extends RackSetUp {
    private static Map<String, Object> line(String id, int tries) {
        return Map.of(
                "drillId", id, "role", "TEST", "minutes", 15, "tries", tries, "locked", true, "places", List.of());
    }

    private Map<String, Object> plan(List<Map<String, Object>> items) {
        Map<String, Object> plan = new HashMap<>(Map.of("title", "Racks", "pattern", false, "minutes", 60));
        plan.putAll(Map.of("bandLow", 0.6, "bandHigh", 0.75, "mixed", false, "withTest", false, "revision", 0));
        plan.put("studentIds", List.of(student.accountId()));
        plan.put("onDay", LocalDate.now(ZoneOffset.UTC).toString());
        plan.put("items", items);
        return plan;
    }

    private JsonNode kept(List<Map<String, Object>> items) throws Exception {
        return tree(post(coach, plan(items), "/api/v1/plans").andExpect(status().isCreated()));
    }

    private void playedToday(String game, boolean ended) throws Exception {
        Map<String, Object> body = rack(layout(game, THREE), List.of());
        body.put("startedAt", Instant.now().toString());
        String id = UUID.randomUUID().toString();
        put(student, body, "/api/v1/racks/{id}", id).andExpect(status().isOk());
        if (ended) {
            played(id, shot(1, "1", "MISSED_THIN", List.of())).andExpect(status().isOk());
        }
    }

    @Test
    void aLineIsTickedByRacksThatEndedOfItsGame() throws Exception {
        String id = kept(List.of(line("rack:anyOrder-3", 2), line("down-the-hall", 10)))
                .get("id")
                .asText();
        playedToday("anyOrder-3", true);
        playedToday("anyOrder-3", false);
        playedToday("anyOrder-5", true);
        JsonNode half = tree(read(student, "/api/v1/plans/{id}", id));
        assertThat(half.at("/items/0/title").asText()).isEqualTo("3 balls, any order");
        assertThat(half.at("/items/0/rackGame").asText()).isEqualTo("anyOrder-3");
        assertThat(half.at("/items/0/done/0/tries").asInt()).isEqualTo(1);
        assertThat(half.at("/items/0/ticked").asBoolean()).isFalse();
        assertThat(half.at("/items/1/rackGame").isMissingNode()).isTrue();
        playedToday("anyOrder-3", true);
        JsonNode all = tree(read(coach, "/api/v1/plans/{id}", id));
        assertThat(all.at("/items/0/ticked").asBoolean()).isTrue();
        assertThat(all.get("done").asBoolean()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"rack:", "rack:anyOrder-99", "rack:solitaire", "rack:../etc"})
    void aGameThatThereIsNotIsRefused(String id) throws Exception {
        JsonNode problem =
                tree(post(coach, plan(List.of(line(id, 3))), "/api/v1/plans").andExpect(status().isBadRequest()));
        assertThat(problem.get("detail").asText()).contains("anyOrder-3");
    }

    @Test
    void theRestIsPlannedRoundThem() throws Exception {
        Map<String, Object> asked = Map.of(
                "studentIds",
                List.of(student.accountId()),
                "minutes",
                60,
                "withTest",
                false,
                "items",
                List.of(line("rack:numberOrder-9", 4)));
        JsonNode found = tree(post(coach, asked, "/api/v1/plan-proposals").andExpect(status().isOk()));
        List<String> lines = found.get("items").findValuesAsText("drillId");
        assertThat(lines).contains("rack:numberOrder-9").hasSizeGreaterThan(2);
        double minutes = 0;
        for (JsonNode item : found.get("items")) {
            minutes += item.get("minutes").asDouble();
        }
        assertThat(minutes + found.get("unusedMinutes").asDouble()).isEqualTo(60);
    }

    @Test
    void onPaperTheyAreCountedAsRacks() throws Exception {
        String id = kept(List.of(line("rack:groupThenLast-low", 3))).get("id").asText();
        byte[] pdf = read(student, "/api/v1/plans/{id}/sheet.pdf", id)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("One to seven, then the eight", "3 racks")
                    .doesNotContain("rack:");
        }
    }
}
