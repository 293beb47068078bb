package amberrail.app.racks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A rack from its layout to the review, through the API. */
class RacksTest extends RackSetUp {
    /** Until the work is done; the limit is for hangs alone. */
    private JsonNode done(String path, String id) throws Exception {
        for (int i = 0; i < 3_000; i++) {
            JsonNode view = tree(read(student, path, id));
            if (!view.get("state").asText().equals("WORKING")) {
                return view;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("the work does not end");
    }

    @Test
    void aLayoutIsSurveyedAndPlannedAndItsChanceWorkedOut() throws Exception {
        JsonNode survey = tree(post(student, question(layout("anyOrder-3", THREE)), "/api/v1/racks/survey"));
        assertThat(survey.get("balls")).hasSize(3);
        assertThat(survey.get("clusters")).isEmpty();
        assertThat(survey.at("/balls/0/pockets/0/chanceFromBest").asDouble()).isBetween(0.5, 1.0);
        Map<String, Object> asked = Map.of(
                "question", question(layout("anyOrder-3", THREE)), "locked", List.of(Map.of("ball", "2")), "steps", 9);
        String plan =
                tree(post(student, asked, "/api/v1/racks/plans")).get("id").asText();
        JsonNode found = done("/api/v1/racks/plans/{id}", plan);
        assertThat(found.get("state").asText()).isEqualTo("DONE");
        assertThat(found.get("complete").asBoolean()).isTrue();
        assertThat(found.at("/steps/0/ball").asText()).isEqualTo("2");
        assertThat(found.at("/steps/0/reason").asText()).isEqualTo("LOCKED");
        read(coach, "/api/v1/racks/plans/{id}", plan).andExpect(status().isNotFound());
        String chance = tree(post(student, question(layout("anyOrder-3", THREE)), "/api/v1/racks/chances"))
                .get("id")
                .asText();
        JsonNode worth = done("/api/v1/racks/chances/{id}", chance);
        assertThat(worth.at("/chance/chance").asDouble()).isBetween(0.01, 0.99);
        assertThat(worth.at("/chance/standardError").asDouble()).isLessThanOrEqualTo(0.03);
    }

    @Test
    void aBreakIsMadeUpAndColoursLieOnTheirSpots() throws Exception {
        Map<String, Object> asked = Map.of(
                "tableId", table, "studentId", student.accountId(), "rules", RULES, "game", "numberOrder-9", "seed", 3);
        JsonNode made = tree(post(student, asked, "/api/v1/racks/made-up"));
        assertThat(made.get("balls").size()).isBetween(1, 9);
        assertThat(tree(post(student, asked, "/api/v1/racks/made-up"))).isEqualTo(made);
        JsonNode games = tree(read(student, "/api/v1/racks/games?tableId={t}", table));
        assertThat(games).hasSize(18);
        assertThat(games.get(0).get("standard").asBoolean()).isFalse();
    }

    @Test
    void aRackIsPlayedToItsEndAndSentTwiceIsKeptOnce() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        String first = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            put(student, shot(1, "2", "POTTED", List.of("2")), "/api/v1/racks/{id}/shots/{s}", id, first)
                    .andExpect(status().isOk());
        }
        JsonNode after = tree(played(id, shot(2, "1", "POTTED", List.of("1"))));
        assertThat(after.get("shots")).hasSize(2);
        assertThat(after.at("/now/balls")).hasSize(1);
        assertThat(after.at("/now/cue/xMillimetres").asDouble()).isEqualTo(1200);
        assertThat(after.at("/row/end").isMissingNode()).isTrue();
        JsonNode won = tree(played(id, shot(3, "3", "POTTED", List.of("3"))));
        assertThat(won.at("/row/end").asText()).isEqualTo("CLEARED");
        played(id, shot(4, "3", "POTTED", List.of("3"))).andExpect(status().isBadRequest());
        JsonNode list = tree(read(coach, "/api/v1/racks?studentId={s}", student.accountId()));
        assertThat(list.at("/racks/0/potted").asInt()).isEqualTo(3);
        // A shot taken back lets the rack go on.
        Map<String, Object> back = shot(2, "1", "POTTED", List.of("1"));
        back.put("withdrawn", true);
        String last = won.at("/shots/2/id").asText();
        Map<String, Object> third = shot(3, "3", "POTTED", List.of("3"));
        third.put("withdrawn", true);
        JsonNode open = tree(put(student, third, "/api/v1/racks/{id}/shots/{s}", id, last));
        assertThat(open.at("/row/end").isMissingNode()).isTrue();
        assertThat(open.at("/now/balls")).hasSize(1);
    }

    @Test
    void whatARackIsWorthIsWorkedOutByItself() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        for (int i = 0; i < 3_000; i++) {
            JsonNode view = tree(read(student, "/api/v1/racks/{id}", id));
            if (view.at("/row/chance").isNumber()) {
                assertThat(view.at("/row/chance").asDouble()).isBetween(0.0, 1.0);
                assertThat(view.at("/row/chanceError").asDouble()).isPositive();
                return;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("what the rack is worth is not worked out");
    }

    @Test
    void whatCannotBeIsRefusedWithASentenceAndNothingIsLost() throws Exception {
        for (List<Map<String, Object>> wrong : List.of(
                List.of(ball("1", 700, 400), ball("2", 710, 400)),
                List.of(ball("1", 700, 400), ball("1", 900, 400)),
                List.of(ball("1", -5, 400)),
                List.of(ball("9", 700, 400)),
                List.<Map<String, Object>>of())) {
            put(student, rack(layout("anyOrder-3", wrong), List.of()), "/api/v1/racks/{id}", UUID.randomUUID())
                    .andExpect(status().isBadRequest());
        }
        Map<String, Object> order = rack(
                layout("numberOrder-6", List.of(ball("2", 700, 400), ball("4", 1800, 900))),
                List.of(Map.of("ball", "4"), Map.of("ball", "2")));
        JsonNode problem = tree(put(student, order, "/api/v1/racks/{id}", UUID.randomUUID()));
        assertThat(problem.get("code").asText()).isEqualTo("ILLEGAL_ORDER");
        String id = begun(layout("anyOrder-3", THREE));
        played(id, shot(1, "2", "POTTED", List.of())).andExpect(status().isBadRequest());
        played(id, shot(1, "7", "POTTED", List.of("7"))).andExpect(status().isBadRequest());
        assertThat(tree(read(student, "/api/v1/racks/{id}", id)).get("shots")).isEmpty();
        put(coach, rack(layout("anyOrder-3", THREE.subList(0, 2)), List.of()), "/api/v1/racks/{id}", id)
                .andExpect(status().isConflict());
    }

    @Test
    void theReviewCountsWhatEndedAndSaysNothingOfErrorsFromFewShots() throws Exception {
        String won = begun(layout("anyOrder-3", List.of(ball("1", 2200, 900))));
        played(won, shot(1, "1", "POTTED", List.of("1")));
        String lost = begun(layout("anyOrder-3", THREE));
        played(lost, shot(1, "2", "MISSED_THIN", List.of()));
        begun(layout("anyOrder-3", THREE));
        JsonNode review = tree(read(coach, "/api/v1/racks/review?studentId={s}", student.accountId()));
        byte[] report = post(
                        coach, Map.of("note", "", "paper", "A4"), "/api/v1/students/{id}/report", student.accountId())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument paper = Loader.loadPDF(report)) {
            assertThat(new PDFTextStripper().getText(paper)).contains("won 1 of 2");
        }
        assertThat(review.get("racks").asInt()).isEqualTo(2);
        assertThat(review.get("won").asInt()).isEqualTo(1);
        assertThat(review.at("/ends/MISSED_THIN").asInt()).isEqualTo(1);
        assertThat(review.at("/ballsLeft/3").asInt()).isEqualTo(1);
        assertThat(review.at("/breaks/count").asInt()).isEqualTo(3);
        assertThat(review.at("/breaks/ballsDown").asDouble()).isEqualTo(2);
        String work = tree(post(student, Map.of("studentId", student.accountId()), "/api/v1/racks/headlines"))
                .get("id")
                .asText();
        JsonNode headline = done("/api/v1/racks/headlines/{id}", work);
        assertThat(headline.get("state").asText()).isEqualTo("DONE");
        assertThat(headline.has("headline")).isFalse();
    }

    @Test
    void aFileOfRacksIsReadBackAndShotsComeAsCsv() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        played(id, shot(1, "2", "POTTED", List.of("2")));
        played(id, shot(2, "1", "HOOKED", List.of()));
        JsonNode file = tree(read(coach, "/api/v1/racks/export.json?studentId={s}", student.accountId()));
        assertThat(file.get("racks")).hasSize(1);
        JsonNode read = tree(post(coach, file, "/api/v1/racks/import"));
        assertThat(read.get("racks").asInt()).isEqualTo(1);
        assertThat(read.get("shots").asInt()).isEqualTo(2);
        assertThat(read.get("refused")).isEmpty();
        assertThat(tree(read(coach, "/api/v1/racks/export.json?studentId={s}", student.accountId())))
                .isEqualTo(file);
        String csv = read(coach, "/api/v1/racks/shots.csv?studentId={s}", student.accountId())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(csv.split("\r\n")).hasSize(3);
        assertThat(csv).startsWith("rack id,").contains("HOOKED");
        SignedIn stranger = club.newCoach();
        JsonNode refused = tree(post(stranger, file, "/api/v1/racks/import"));
        assertThat(refused.get("racks").asInt()).isZero();
        assertThat(refused.get("refused")).hasSize(1);
    }
}
