package amberrail.app.advice;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Advice over HTTP: from the stroke that was called, or the usual one, against the engine's own prediction. */
class AdviceOnShotsTest extends AppTest {
    /** About six times what the reference student's pace strays by here (mm). */
    private static final double SHORT = 450;

    private SignedIn student;
    private String session;
    private JsonNode usual;
    private int sequence;

    @BeforeEach
    void atTheTable() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(student, student);
        JsonNode board = tree(read(student, "/api/v1/drills/{id}/recipes?tableId={t}", Club.DRILL, club.table()));
        usual = preferred(board);
    }

    private static JsonNode preferred(JsonNode board) {
        for (JsonNode way : board.get("ways")) {
            if (way.get("preferred").asBoolean()) {
                return way;
            }
        }
        throw new AssertionError("no way is preferred");
    }

    /** Where the usual stroke lands, moved. */
    private ObjectNode landed(double dx, double dy) {
        double x = usual.at("/landing/xMillimetres").asDouble() + dx;
        double y = usual.at("/landing/yMillimetres").asDouble() + dy;
        return json.valueToTree(Club.potted(sequence++, x, y));
    }

    private JsonNode adviceOn(ObjectNode body) throws Exception {
        UUID id = UUID.randomUUID();
        put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, id);
        return tree(read(student, "/api/v1/sessions/{s}/attempts/{id}/advice", session, id));
    }

    @Test
    void wherePredictedTheSameAgainAndFarShortPlayFirmer() throws Exception {
        JsonNode onTheSpot = adviceOn(landed(5, 5));
        assertThat(onTheSpot.get("kind").asText()).isEqualTo("SAME_AGAIN");
        assertThat(onTheSpot.get("assumed").asBoolean()).isTrue();
        double angle = Math.toRadians(arrivalDegrees());
        JsonNode veryShort = adviceOn(landed(-SHORT * Math.cos(angle), -SHORT * Math.sin(angle)));
        assertThat(veryShort.get("kind").asText()).isEqualTo("CORRECT");
        assertThat(veryShort.get("cause").asText()).isEqualTo("PACE");
        assertThat(veryShort.get("correction").asDouble()).as("firmer").isPositive();
    }

    private double arrivalDegrees() throws Exception {
        return tree(read(student, "/api/v1/sessions/{id}", session))
                .at("/drills/0/stations/0/original/0/arrivalDegrees")
                .asDouble();
    }

    @Test
    void aCalledStrokeIsJudgedByItsOwnPrediction() throws Exception {
        ObjectNode body = landed(0, 0);
        body.putObject("call")
                .put("paceMetresPerSecond", 2.2)
                .put("tipHeightMillimetres", 8)
                .put("tipSideMillimetres", 0);
        JsonNode advice = adviceOn(body);
        assertThat(advice.get("assumed").asBoolean()).isFalse();
        assertThat(advice.get("paceMetresPerSecond").asDouble()).isEqualTo(2.2);
        assertThat(advice.get("kind").asText())
                .as("played soft where firm was called")
                .isNotEqualTo("SAME_AGAIN");
    }

    @Test
    void anUnseenLandingTellsNothingAndSizesBeginAtThePrior() throws Exception {
        ObjectNode unseen = landed(0, 0);
        unseen.putNull("landing");
        assertThat(adviceOn(unseen).get("kind").asText()).isEqualTo("CANNOT_TELL");
        JsonNode sizes = tree(read(student, "/api/v1/students/{id}/error-sizes", student.accountId()));
        assertThat(sizes.get("reason").asText()).isEqualTo("NO_DATA");
        assertThat(sizes.at("/sizes/0/sd").asDouble()).isEqualTo(6);
    }

    @Test
    void aSteadyStudentsChanceIsGreaterThanTheReferences() throws Exception {
        Random random = new Random(4);
        for (int i = 0; i < 60; i++) {
            put(
                    student,
                    landed(12 * random.nextGaussian(), 12 * random.nextGaussian()),
                    "/api/v1/sessions/{s}/attempts/{id}",
                    session,
                    UUID.randomUUID());
        }
        JsonNode own = tree(read(
                student,
                "/api/v1/drills/{id}/recipes?tableId={t}&studentId={s}",
                Club.DRILL,
                club.table(),
                student.accountId()));
        assertThat(preferred(own).at("/chance/probability").asDouble())
                .isGreaterThan(usual.at("/chance/probability").asDouble() + 0.05);
    }
}
