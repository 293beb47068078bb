package amberrail.app.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** Findings and comparisons over HTTP, on sessions whose truth is known because they are made up. */
class ComparisonTest extends AppTest {
    private static final double RING_X = 1746.25;
    private static final double RING_Y = 1016;
    private final Random random = new Random(12);
    private SignedIn student;

    @BeforeEach
    void somebody() {
        student = club.newStudentOf(club.head());
    }

    private String session(int potted, int missed, double sdMillimetres) throws Exception {
        String session = beginSession(student, student);
        for (int i = 0; i < potted + missed; i++) {
            AttemptBody body = i < potted
                    ? Club.potted(
                            i,
                            RING_X + sdMillimetres * random.nextGaussian(),
                            RING_Y + sdMillimetres * random.nextGaussian())
                    : Club.body(0, i, i % 3 == 0 ? PotOutcome.MISSED_THIN : PotOutcome.MISSED_THICK, null);
            put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        }
        return session;
    }

    private ResultActions compare(String from, String to) throws Exception {
        return read(
                student,
                "/api/v1/students/{id}/comparison?drillId={d}&station=0&from={a}&to={b}",
                student.accountId(),
                Club.DRILL,
                from,
                to);
    }

    @Test
    void muchBetterIsCalledBetterAndTheSameIsNot() throws Exception {
        String early = session(12, 18, 140);
        String late = session(28, 2, 50);
        JsonNode better = tree(compare(early, late));
        assertThat(better.at("/potting/verdict").asText()).isEqualTo("BETTER");
        assertThat(better.at("/closer/verdict").asText()).isEqualTo("BETTER");
        assertThat(better.at("/tighter/verdict").asText()).isEqualTo("BETTER");
        assertThat(tree(compare(late, early)).at("/potting/verdict").asText()).isEqualTo("WORSE");
        JsonNode same = tree(compare(early, session(12, 18, 140)));
        assertThat(same.at("/potting/verdict").asText()).isEqualTo("NO_CLEAR_CHANGE_YET");
        assertThat(same.at("/closer/each").asInt()).as("how many would tell").isPositive();
    }

    @Test
    void fewDataGiveNoVerdictAndSayWhy() throws Exception {
        JsonNode few = tree(compare(session(0, 0, 1), session(3, 0, 50)));
        assertThat(few.at("/potting/reason").asText()).isEqualTo("NO_DATA");
        assertThat(few.at("/tighter/reason").asText()).isEqualTo("TOO_FEW");
        assertThat(few.at("/potting").has("difference")).isFalse();
    }

    @Test
    void anotherStudentsSessionIsNotThere() throws Exception {
        SignedIn other = club.newStudentOf(club.newCoach());
        String theirs = beginSession(other, other);
        compare(theirs, session(1, 0, 10)).andExpect(status().isNotFound());
        compare(session(1, 0, 10), "")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").isNotEmpty());
    }

    @Test
    void theReviewSaysWhatLiesFarOffAndPromisesNothing() throws Exception {
        String session = session(24, 6, 60);
        ObjectNode wild = json.valueToTree(Club.potted(40, 400, 400));
        UUID far = UUID.randomUUID();
        put(student, wild, "/api/v1/sessions/{s}/attempts/{id}", session, far);
        ObjectNode noted = json.valueToTree(Club.potted(41, RING_X, RING_Y));
        noted.putArray("observations").add("rushed");
        put(student, noted, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        JsonNode found =
                tree(read(student, "/api/v1/sessions/{id}/review", session)).get("findings");
        assertThat(found.get("askAbout").toString()).contains(far.toString());
        assertThat(found.at("/thickOfMisses/successes").asInt()).isEqualTo(4);
        assertThat(found.at("/thickOfMisses/trials").asInt()).isEqualTo(6);
        assertThat(found.has("helpsMost"))
                .as("whose sizes are not told, hears of no change")
                .isFalse();
        assertThat(found.at("/byObservation/0/name").asText()).isEqualTo("rushed");
        assertThat(found.get("byPot")).hasSize(2);
        assertThat(found.at("/lineRight/trials").asInt()).isEqualTo(26);
    }

    @Test
    void aPullToOneHandInBothSidesIsToldFromAMisjudgedShot() throws Exception {
        String session = beginSession(student, student);
        JsonNode drill = tree(read(student, "/api/v1/sessions/{id}", session)).at("/drills/0/stations/0");
        int sequence = 0;
        for (String side : List.of("original", "mirror")) {
            JsonNode shot = drill.at("/" + side + "/0");
            double angle = Math.toRadians(shot.get("arrivalDegrees").asDouble());
            for (int i = 0; i < 12; i++) {
                // 60 mm to the left of the way of travel on both sides.
                double line = 60 + 15 * random.nextGaussian();
                ObjectNode body = json.valueToTree(Club.body(
                        0,
                        sequence++,
                        PotOutcome.POTTED_CLEAN,
                        new AttemptBody.LandingBody(
                                shot.at("/target/xMillimetres").asDouble() - line * Math.sin(angle),
                                shot.at("/target/yMillimetres").asDouble() + line * Math.cos(angle),
                                Landing.PlacedBy.LOUPE,
                                8)));
                body.put("mirrored", side.equals("mirror"));
                put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
            }
        }
        JsonNode found = tree(read(student, "/api/v1/sessions/{id}/review?station=0", session));
        // Against where the stroke itself lands, which is a little off its target and turns round with the mirror.
        assertThat(found.at("/findings/mirror/finding").asText()).isIn("SAME_SIDE_OF_THE_TABLE", "BOTH");
        assertThat(found.at("/findings/against/real").asBoolean()).isTrue();
        assertThat(found.at("/findings/against/n").asInt()).isEqualTo(12);
        double ofTheStroke = 60 - found.at("/findings/against/line").asDouble();
        assertThat(Math.abs(found.at("/findings/mirror/mirrored").asDouble()))
                .isCloseTo(Math.abs(ofTheStroke), within(12.0));
        assertThat(found.at("/findings/mirror/common").asDouble()).isBetween(50.0, 70.0);
    }
}
