package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A later shot of a pattern is read against the line on which it really arrives, and again when the shot before it is changed. */
class PatternArrivalsTest extends AppTest {
    private static final String PATTERN = "three-in-order";
    private static final Duration AGES = Duration.ofMinutes(5);

    /** The same shot three times, each set up anew. */
    private static final String NO_PATTERN = "three-answers";

    private SignedIn student;
    private String session;
    private final UUID tryId = UUID.randomUUID();

    @BeforeEach
    void begin() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(club.head(), student, PATTERN, NO_PATTERN);
    }

    private JsonNode write(UUID id, int revision, int shot, double x, double y) throws Exception {
        ObjectNode body = json.valueToTree(Club.body(
                revision, shot, PotOutcome.POTTED_CLEAN, new AttemptBody.LandingBody(x, y, Landing.PlacedBy.TAP, 15)));
        body.put("shot", shot).put("tryId", tryId.toString());
        return tree(put(club.head(), body, "/api/v1/sessions/{s}/attempts/{id}", session, id));
    }

    private JsonNode stored(UUID id) throws Exception {
        for (JsonNode one :
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).get("attempts")) {
            if (one.get("id").asText().equals(id.toString())) {
                return one;
            }
        }
        throw new AssertionError("not stored");
    }

    /** Until the worker has seen to it. */
    private JsonNode until(UUID id, Predicate<JsonNode> there) throws Exception {
        Instant limit = Instant.now().plus(AGES);
        JsonNode now = stored(id);
        while (!there.test(now)) {
            assertThat(Instant.now()).as("the worker, at %s", now).isBefore(limit);
            Thread.sleep(50);
            now = stored(id);
        }
        return now;
    }

    private JsonNode reworks(UUID id) throws Exception {
        return tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/reworks", session, id));
    }

    private static double line(JsonNode attempt) {
        return attempt.at("/error/lineMillimetres").asDouble();
    }

    private static double radial(JsonNode attempt) {
        return attempt.at("/error/radialMillimetres").asDouble();
    }

    @Test
    void theSecondShotsErrorIsAgainstTheLineFromWhereTheBallLay() throws Exception {
        UUID first = UUID.randomUUID();
        UUID second = UUID.randomUUID();
        JsonNode target =
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).at("/drills/0/stations/0/original/0/target");
        write(
                first,
                0,
                0,
                target.get("xMillimetres").asDouble() + 60,
                target.get("yMillimetres").asDouble() - 40);
        JsonNode next = tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/next-shot", session, first))
                .get("shot");
        JsonNode aim = next.get("target");
        double degrees = Math.toRadians(next.get("arrivalDegrees").asDouble());
        // Ten centimetres long and two to the left of the way in which the next shot was shown.
        double x = aim.get("xMillimetres").asDouble() + 100 * Math.cos(degrees) - 20 * Math.sin(degrees);
        double y = aim.get("yMillimetres").asDouble() + 100 * Math.sin(degrees) + 20 * Math.cos(degrees);
        JsonNode written = write(second, 0, 1, x, y).get("attempt");
        assertThat(line(written)).as("known since it was shown").isCloseTo(20, within(0.01));
        assertThat(line(stored(second))).isCloseTo(20, within(0.01));
        assertThat(reworks(second)).isEmpty();
    }

    @Test
    void aChangedFirstShotIsWorkedOutAgainForTheSecondAndSaidInItsTrail() throws Exception {
        UUID first = UUID.randomUUID();
        UUID second = UUID.randomUUID();
        JsonNode target =
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).at("/drills/0/stations/0/original/0/target");
        double x = target.get("xMillimetres").asDouble();
        double y = target.get("yMillimetres").asDouble();
        write(first, 0, 0, x + 60, y - 40);
        JsonNode aim =
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).at("/drills/0/stations/0/original/1/target");
        write(
                second,
                0,
                1,
                aim.get("xMillimetres").asDouble() + 90,
                aim.get("yMillimetres").asDouble() + 30);
        double before = line(until(second, one -> one.has("error")));
        write(first, 1, 0, x - 90, y + 110);
        JsonNode after = until(second, one -> one.has("error") && Math.abs(line(one) - before) > 1e-6);
        assertThat(radial(after)).as("it lies where it lay").isCloseTo(Math.hypot(90, 30), within(0.01));
        JsonNode said = reworks(second);
        assertThat(said).hasSize(1);
        assertThat(said.at("/0/becauseOf").asText()).isEqualTo(first.toString());
        // The review reads it as the read-out does.
        JsonNode review = tree(read(club.head(), "/api/v1/sessions/{s}/review?station=0&shot=1", session));
        assertThat(review.at("/dispersion/offset/biasLineMillimetres").asDouble())
                .isCloseTo(line(after), within(0.01));
        assertThat(review.at("/dispersion/offset/biasSpeedMillimetres").asDouble())
                .isCloseTo(after.at("/error/speedMillimetres").asDouble(), within(0.01));
    }

    @Test
    void threeAnswersToOneSetUpAreEachPlayedFromWhereItIsPlanned() throws Exception {
        UUID first = UUID.randomUUID();
        JsonNode planned =
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).at("/drills/1/stations/0/original/1");
        JsonNode target =
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).at("/drills/1/stations/0/original/0/target");
        ObjectNode body = json.valueToTree(Club.body(
                0,
                0,
                PotOutcome.POTTED_CLEAN,
                new AttemptBody.LandingBody(
                        target.get("xMillimetres").asDouble() + 30,
                        target.get("yMillimetres").asDouble() - 20,
                        Landing.PlacedBy.TAP,
                        15)));
        body.put("drillId", NO_PATTERN);
        put(club.head(), body, "/api/v1/sessions/{s}/attempts/{id}", session, first);
        JsonNode next = tree(read(club.head(), "/api/v1/sessions/{s}/attempts/{id}/next-shot", session, first));
        assertThat(next.get("shot")).isEqualTo(planned);
    }
}
