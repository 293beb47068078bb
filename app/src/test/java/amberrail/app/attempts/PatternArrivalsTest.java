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
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A later shot of a pattern is read against the line on which it really arrives, and again when the shot before it is changed. */
class PatternArrivalsTest extends AppTest {
    private static final String PATTERN = "three-in-order";
    private static final Duration AGES = Duration.ofMinutes(5);

    /** The same shot three times, each set up anew. */
    private static final String NO_PATTERN = "three-answers";

    @Autowired
    JdbcTemplate database;

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

    /** Where the cue ball may come to rest in the two tests below: few places, for each is worked out. */
    private static final List<double[]> PLACES =
            List.of(new double[] {1200, 500}, new double[] {1290, 610}, new double[] {1120, 430});

    private ObjectNode anywhere(Random random, UUID ofTry, int shot, int revision) {
        double[] at = PLACES.get(random.nextInt(PLACES.size()));
        ObjectNode body = json.valueToTree(Club.body(
                revision,
                shot,
                PotOutcome.POTTED_CLEAN,
                new AttemptBody.LandingBody(at[0], at[1], Landing.PlacedBy.TAP, 15)));
        return body.put("shot", shot).put("tryId", ofTry.toString()).put("drillId", PATTERN);
    }

    /** The same shots as they ended, written once each and in their order: what their lines of arrival have to be. */
    private Map<Integer, String> writtenInPeace(Collection<ObjectNode> ended) throws Exception {
        String peace = beginSession(club.head(), student, PATTERN, NO_PATTERN);
        List<ObjectNode> inOrder = ended.stream()
                .filter(body -> !body.get("deleted").asBoolean())
                .sorted(Comparator.comparingInt(body -> body.get("shot").asInt()))
                .map(ObjectNode::deepCopy)
                .toList();
        for (ObjectNode body : inOrder) {
            put(club.head(), body.put("revision", 0), "/api/v1/sessions/{s}/attempts/{id}", peace, UUID.randomUUID());
        }
        return settled(peace);
    }

    /** The lines of arrival (degrees; "as planned" where it is that) by the place in the order, once the worker has seen to them. */
    private Map<Integer, String> settled(String where) throws Exception {
        Instant limit = Instant.now().plus(AGES);
        UUID asked = UUID.fromString(where);
        while (database.queryForObject(
                        "select count(*) from attempt where session_id = ? and arrival_pending", Integer.class, asked)
                > 0) {
            assertThat(Instant.now()).as("the worker").isBefore(limit);
            Thread.sleep(20);
        }
        Map<Integer, String> lines = new HashMap<>();
        database.query(
                "select sequence, arrival_degrees from attempt where session_id = ? and not deleted",
                row -> {
                    Object degrees = row.getObject("arrival_degrees");
                    lines.put(row.getInt("sequence"), degrees == null ? "as planned" : degrees.toString());
                },
                asked);
        return lines;
    }

    /** Shots come late, are changed, taken back and given another number or another try. */
    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53})
    void afterWhateverIsWrittenTheLinesAreThoseOfTheSameShotsInOrder(long seed) throws Exception {
        Random random = new Random(seed);
        List<UUID> tries = List.of(UUID.randomUUID(), UUID.randomUUID());
        Map<UUID, ObjectNode> written = new LinkedHashMap<>();
        for (int i = 0; i < 40; i++) {
            List<UUID> known = new ArrayList<>(written.keySet());
            UUID id = known.size() < 4 ? UUID.randomUUID() : known.get(random.nextInt(known.size()));
            ObjectNode before = written.get(id);
            UUID ofTry = tries.get(random.nextInt(2));
            int shot = random.nextInt(3);
            // A shot that another attempt stands at would make it a matter of who was first.
            boolean free = written.entrySet().stream()
                    .noneMatch(one -> !one.getKey().equals(id)
                            && one.getValue().get("tryId").asText().equals(ofTry.toString())
                            && one.getValue().get("shot").asInt() == shot);
            if (!free) {
                continue;
            }
            ObjectNode body = anywhere(
                    random,
                    ofTry,
                    shot,
                    before == null ? 0 : before.get("revision").asInt() + 1);
            body.put("sequence", before == null ? i : before.get("sequence").asInt())
                    .put("deleted", before != null && random.nextInt(4) == 0);
            tree(put(club.head(), body, "/api/v1/sessions/{s}/attempts/{id}", session, id));
            written.put(id, body);
            assertThat(settled(session))
                    .as("write %s of seed %s: %s", i, seed, body)
                    .isEqualTo(writtenInPeace(written.values()));
        }
    }

    @Test
    void aShotGivenToAnotherTryIsNoLongerBeforeTheSecond() throws Exception {
        UUID first = UUID.randomUUID();
        UUID otherTry = UUID.randomUUID();
        write(first, 0, 0, 1200, 500);
        write(UUID.randomUUID(), 0, 1, 1300, 600);
        String line = settled(session).get(1);
        assertThat(line).isNotEqualTo("as planned");
        ObjectNode moved = json.valueToTree(Club.body(
                1, 0, PotOutcome.POTTED_CLEAN, new AttemptBody.LandingBody(1200, 500, Landing.PlacedBy.TAP, 15)));
        moved.put("shot", 0).put("tryId", otherTry.toString());
        put(club.head(), moved, "/api/v1/sessions/{s}/attempts/{id}", session, first);
        assertThat(settled(session)).containsEntry(1, "as planned");
        moved.put("tryId", tryId.toString()).put("revision", 2);
        put(club.head(), moved, "/api/v1/sessions/{s}/attempts/{id}", session, first);
        assertThat(settled(session)).containsEntry(1, line);
    }

    @Test
    void twoShotsOfATryWrittenAtTheSameMomentKnowOfEachOther() throws Exception {
        Random random = new Random(61);
        ExecutorService devices = Executors.newFixedThreadPool(3);
        try {
            Map<UUID, ObjectNode> last = new LinkedHashMap<>();
            for (int round = 0; round < 6; round++) {
                UUID ofTry = UUID.randomUUID();
                List<UUID> ids = List.of(UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID());
                for (int revision = 0; revision < 3; revision++) {
                    List<Callable<JsonNode>> writes = new ArrayList<>();
                    for (int shot = 0; shot < 3; shot++) {
                        UUID id = ids.get(shot);
                        ObjectNode body =
                                anywhere(random, ofTry, shot, revision).put("sequence", 3 * round + shot);
                        last.put(id, body);
                        writes.add(
                                () -> tree(put(club.head(), body, "/api/v1/sessions/{s}/attempts/{id}", session, id)));
                    }
                    for (Future<JsonNode> one : devices.invokeAll(writes)) {
                        one.get();
                    }
                }
            }
            assertThat(settled(session)).isEqualTo(writtenInPeace(last.values()));
        } finally {
            devices.shutdownNow();
        }
    }
}
