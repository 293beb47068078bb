package amberrail.app.advice;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Advice over HTTP: from the stroke that was called, or the usual one, against the engine's own prediction. */
@Tag("simulation")
class AdviceOnShotsTest extends AppTest {
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
    void wherePredictedTheSameAgainAndFarAwayTheRecordIsAskedAbout() throws Exception {
        JsonNode onTheSpot = adviceOn(landed(5, 5));
        assertThat(onTheSpot.get("kind").asText()).isEqualTo("SAME_AGAIN");
        assertThat(onTheSpot.get("assumed").asBoolean()).isTrue();
        ObjectNode elsewhere = landed(0, 0);
        ((ObjectNode) elsewhere.get("landing")).put("xMillimetres", 150).put("yMillimetres", 150);
        assertThat(adviceOn(elsewhere).get("kind").asText()).isEqualTo("IS_THE_RECORD_RIGHT");
    }

    /** At the looks after five, ten and twenty shots and nowhere else, a lasting cause is named; where only the pot is asked, aim alone. */
    @Test
    void fiveInARowOffTheThickJawAreAimedThinner() throws Exception {
        session = beginSession(student, student, "half-the-ball");
        JsonNode last = null;
        for (int i = 0; i < 5; i++) {
            last = adviceOn(json.valueToTree(Club.body(0, sequence++, PotOutcome.OFF_THICK_JAW, null)));
            if (i < 4) {
                assertThat(last.get("lasting").asBoolean())
                        .as("after " + (i + 1))
                        .isFalse();
            }
        }
        assertThat(last.get("kind").asText()).as(last.toString()).isEqualTo("CORRECT");
        assertThat(last.get("lasting").asBoolean()).isTrue();
        assertThat(last.get("shots").asInt()).isEqualTo(5);
        assertThat(last.get("cause").asText()).isEqualTo("AIM");
        assertThat(last.get("thicker").asBoolean()).isFalse();
        assertThat(Math.abs(last.get("correction").asDouble()))
                .as("mm at the ball")
                .isBetween(0.3, 12.0);
        JsonNode sixth = adviceOn(json.valueToTree(Club.body(0, sequence++, PotOutcome.OFF_THICK_JAW, null)));
        assertThat(sixth.get("lasting").asBoolean()).as("no look after six").isFalse();
    }

    /** With the rest it is another stroke, with larger errors: it neither adds to the run nor is weighed with it. */
    @Test
    void whatWasPlayedWithTheRestIsARunOfItsOwn() throws Exception {
        session = beginSession(student, student, "half-the-ball");
        JsonNode last = null;
        for (int i = 0; i < 5; i++) {
            ObjectNode body = json.valueToTree(Club.body(0, sequence++, PotOutcome.OFF_THICK_JAW, null));
            if (i == 2) {
                body.putArray("observations").add("Played with the rest");
            }
            last = adviceOn(body);
        }
        assertThat(last.get("kind").asText())
                .as("the fifth is the fourth of its kind: no look yet")
                .isEqualTo("SAME_AGAIN");
        JsonNode fifth = adviceOn(json.valueToTree(Club.body(0, sequence++, PotOutcome.OFF_THICK_JAW, null)));
        assertThat(fifth.get("lasting").asBoolean()).isTrue();
    }

    @Test
    void aCalledStrokeIsJudgedByItsOwnPrediction() throws Exception {
        ObjectNode body = landed(0, 0);
        body.putObject("call")
                .put("paceMetresPerSecond", 1.2)
                .put("tipHeightMillimetres", 7.5)
                .put("tipSideMillimetres", 0);
        JsonNode advice = adviceOn(body);
        assertThat(advice.get("assumed").asBoolean()).isFalse();
        assertThat(advice.get("paceMetresPerSecond").asDouble()).isEqualTo(1.2);
        assertThat(advice.get("kind").asText())
                .as("quite what the usual stroke gives, and nothing like the one that was called")
                .isEqualTo("DOES_THE_CALL_FIT");
    }

    @Test
    void anUnseenLandingTellsNothingAndSizesAreNotToldBeforeTheyCanBe() throws Exception {
        ObjectNode unseen = landed(0, 0);
        unseen.putNull("landing");
        assertThat(adviceOn(unseen).get("kind").asText()).isEqualTo("CANNOT_TELL");
        JsonNode sizes = tree(read(student, "/api/v1/students/{id}/error-sizes", student.accountId()));
        assertThat(sizes.get("sizes")).hasSize(3).allSatisfy(size -> {
            assertThat(size.get("told").asBoolean()).isFalse();
            assertThat(size.has("sd")).as("no number that is not the student's").isFalse();
        });
    }

    @Test
    void aSteadyStudentsChanceIsGreaterThanTheReferences() throws Exception {
        Random random = new Random(4);
        for (int i = 0; i < 90; i++) {
            put(
                    student,
                    landed(12 * random.nextGaussian(), 12 * random.nextGaussian()),
                    "/api/v1/sessions/{s}/attempts/{id}",
                    session,
                    UUID.randomUUID());
        }
        JsonNode sizes = tree(read(student, "/api/v1/students/{id}/error-sizes", student.accountId()));
        assertThat(sizes.get("attempts").asInt()).isEqualTo(90);
        JsonNode own = tree(read(
                student,
                "/api/v1/drills/{id}/recipes?tableId={t}&studentId={s}",
                Club.DRILL,
                club.table(),
                student.accountId()));
        assertThat(preferred(own).at("/chance/probability").asDouble())
                .isGreaterThan(usual.at("/chance/probability").asDouble() + 0.05);
    }

    /** Nobody without a word in a pot-only drill about where the cue ball went. */
    @Test
    void aPotAloneGetsNothingAboutPosition() throws Exception {
        String longLook = beginSession(student, student, "long-look");
        for (int i = 0; i < 6; i++) {
            UUID id = UUID.randomUUID();
            put(student, Club.potted(i, 300 + 200 * i, 300), "/api/v1/sessions/{s}/attempts/{id}", longLook, id);
            JsonNode advice = tree(read(student, "/api/v1/sessions/{s}/attempts/{id}/advice", longLook, id));
            assertThat(advice.get("kind").asText()).isEqualTo("SAME_AGAIN");
        }
    }

    /** A pattern's later shot is weighed where its cue ball really lay, by the usual stroke from there; where nobody saw that, nothing is said. */
    @Test
    void aPatternsNextShotIsJudgedFromWhereTheCueBallLay() throws Exception {
        session = beginSession(student, student, "two-in-order");
        usual = preferred(tree(read(student, "/api/v1/drills/{id}/recipes?tableId={t}", "two-in-order", club.table())));
        UUID first = UUID.randomUUID();
        ObjectNode opening = landed(60, -40);
        String tryId = opening.get("tryId").asText();
        put(student, opening, "/api/v1/sessions/{s}/attempts/{id}", session, first);
        JsonNode next = tree(read(student, "/api/v1/sessions/{s}/attempts/{id}/next-shot", session, first))
                .get("shot");

        JsonNode advice = adviceOn(landed(0, 0).put("shot", 1).put("tryId", tryId));
        assertThat(advice.get("kind").asText()).as(advice.toString()).isNotEqualTo("CANNOT_TELL");
        assertThat(advice.get("assumed").asBoolean()).isTrue();
        assertThat(advice.get("lasting").asBoolean()).isFalse();
        assertThat(advice.get("paceMetresPerSecond").asDouble())
                .as("the usual stroke from where it lay, not the planned one")
                .isEqualTo(next.at("/usual/paceMetresPerSecond").asDouble());

        ObjectNode unseen = landed(0, 0);
        unseen.putNull("landing");
        put(student, unseen, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        JsonNode afterUnseen = adviceOn(
                landed(0, 0).put("shot", 1).put("tryId", unseen.get("tryId").asText()));
        assertThat(afterUnseen.get("kind").asText()).isEqualTo("CANNOT_TELL");
    }
}
