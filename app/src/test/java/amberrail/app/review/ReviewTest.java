package amberrail.app.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ReviewTest extends AppTest {
    private SignedIn student;
    private String session;

    @BeforeEach
    void atTheTable() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(student, student);
    }

    @Test
    void anEmptySessionSaysThatThereIsNothing() throws Exception {
        JsonNode review = review();
        assertThat(review.get("attempts")).isEmpty();
        assertThat(review.at("/dispersion/reason").asText()).isEqualTo("NO_DATA");
        assertThat(review.at("/potted").has("rate")).isFalse();
        assertThat(review.at("/potted/reason").asText()).isEqualTo("NO_DATA");
    }

    /** Nothing passes or fails there, and the engine's map lies over the student's, turned over on the other side. */
    @Test
    void anExploreDrillShowsWhereTheEngineEndsAndNoSuccess() throws Exception {
        String explored = beginSession(student, student, "height-map");
        JsonNode review = tree(read(student, "/api/v1/sessions/{s}/review?station=0&mirrored=false", explored));
        assertThat(review.has("successes")).isFalse();
        assertThat(review.at("/explored/changed").asText()).isEqualTo("HEIGHT");
        JsonNode steps = review.at("/explored/steps");
        assertThat(steps).hasSizeGreaterThan(6);
        JsonNode other = tree(read(student, "/api/v1/sessions/{s}/review?station=0&mirrored=true", explored))
                .at("/explored/steps");
        double pace = steps.get(0).get("paceMetresPerSecond").asDouble();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).get("paceMetresPerSecond").asDouble()).isEqualTo(pace);
            assertThat(other.get(i).get("tipHeightMillimetres"))
                    .isEqualTo(steps.get(i).get("tipHeightMillimetres"));
            if (steps.get(i).has("restsAt")) {
                assertThat(other.get(i).at("/restsAt/yMillimetres").asDouble()
                                + steps.get(i).at("/restsAt/yMillimetres").asDouble())
                        .isCloseTo(1270, within(1e-6));
            }
        }
    }

    @Test
    void missesCountForPottingAndNotForTheSpread() throws Exception {
        for (int i = 0; i < 6; i++) {
            write(i, Club.potted(i, 1700 + 15 * i, 1000 + 10 * (i % 3)));
        }
        var far = new AttemptBody.LandingBody(300, 300, Landing.PlacedBy.TAP, 15);
        write(6, Club.body(0, 6, PotOutcome.MISSED_THICK, far));
        write(7, Club.body(0, 7, PotOutcome.POTTED_CLEAN, null));
        JsonNode review = review();
        assertThat(review.at("/potted/successes").asInt()).isEqualTo(7);
        assertThat(review.at("/potted/trials").asInt()).isEqualTo(8);
        assertThat(review.at("/dispersion/landings").asInt()).isEqualTo(6);
        assertThat(review.at("/dispersion/offset/mean/xMillimetres").asDouble()).isCloseTo(1737.5, within(1e-9));
        assertThat(review.at("/dispersion/spread50").isObject()).isTrue();
        assertThat(review.at("/dispersion/spread95").isMissingNode())
                .as("the 95 % ellipse needs ten")
                .isTrue();
        assertThat(review.at("/landingsNotSeen").asInt()).isEqualTo(1);
        assertThat(review.at("/missedWithLanding").asInt()).isEqualTo(1);
        assertThat(review.at("/successes/trials").asInt())
                .as("the unseen one is not judged")
                .isEqualTo(7);
    }

    @Test
    void landingsInOneSpotHaveNoEllipseAndSayWhy() throws Exception {
        for (int i = 0; i < 6; i++) {
            write(i, Club.potted(i, 1700, 1000));
        }
        assertThat(review().at("/dispersion/reason").asText()).isEqualTo("ZERO_SPREAD");
    }

    @Test
    void aStationThatDoesNotExistIsRefused() throws Exception {
        JsonNode problem = tree(read(student, "/api/v1/sessions/{id}/review?station=9", session));
        assertThat(problem.get("field").asText()).isEqualTo("station");
    }

    private JsonNode review() throws Exception {
        return tree(read(student, "/api/v1/sessions/{id}/review", session));
    }

    private void write(int number, AttemptBody body) throws Exception {
        put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, new UUID(number, session.hashCode()));
    }

    @Test
    void aSelectionThrowsSessionsTogetherAndKeepsToItsDays() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        for (int n = 0; n < 2; n++) {
            playedAPotAndAMiss(student, Club.potted(0, 1746.25, 1016));
        }
        String path = "/api/v1/students/{id}/selection?drillId=" + Club.DRILL;
        JsonNode all = tree(read(student, path, student.accountId()));
        assertThat(all.get("attempts")).hasSize(4);
        assertThat(all.get("newest").findValuesAsText("id"))
                .isEqualTo(all.get("attempts").findValuesAsText("id"));
        assertThat(all.at("/selection/sessions")).hasSize(2);
        assertThat(all.at("/potted/successes").asInt()).isEqualTo(2);
        assertThat(tree(read(student, path + "&pot=MISSED", student.accountId()))
                        .get("attempts"))
                .hasSize(2);
        read(student, path + "&to=2020-01-01", student.accountId()).andExpect(status().isNotFound());
        read(student, path + "&to=9999-12-31", student.accountId()).andExpect(status().isBadRequest());
        read(student, path + "&from=tomorrow", student.accountId()).andExpect(status().isBadRequest());
    }
}
