package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What a write says of where the student stands is what the session says, which reads everything anew. */
class KeptVisitsTest extends AppTest {
    private static final String PATH = "/api/v1/sessions/{session}/attempts/{id}";
    private static final String DRILL = "roll-on-to-the-ring";
    private static final String PATTERN = "two-in-order";

    @Autowired
    JdbcTemplate database;

    private SignedIn student;
    private String session;

    /** As a device has them. */
    private final Map<UUID, ObjectNode> written = new LinkedHashMap<>();

    @BeforeEach
    void aSessionOfTwoDrills() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(club.head(), student, DRILL, PATTERN);
    }

    private JsonNode standing(UUID id, ObjectNode body) throws Exception {
        return tree(put(club.head(), body, PATH, session, id)).get("standing");
    }

    private JsonNode asTheSessionSays(JsonNode standing) throws Exception {
        for (JsonNode one :
                tree(read(club.head(), "/api/v1/sessions/{s}", session)).get("standings")) {
            if (one.get("drillId").equals(standing.get("drillId"))
                    && one.get("station").equals(standing.get("station"))
                    && one.get("mirrored").equals(standing.get("mirrored"))) {
                return one;
            }
        }
        throw new AssertionError("the session says nothing of " + standing);
    }

    private ObjectNode shot(Random random, long sequence) {
        PotOutcome outcome = random.nextInt(3) > 0 ? PotOutcome.POTTED_CLEAN : PotOutcome.MISSED_THIN;
        ObjectNode body = json.valueToTree(
                outcome == PotOutcome.POTTED_CLEAN
                        ? Club.potted(sequence, 1746 + random.nextInt(300), 1016)
                        : Club.body(0, sequence, outcome, null));
        boolean ofAPattern = random.nextInt(4) == 0;
        return body.put("drillId", ofAPattern ? PATTERN : DRILL)
                .put("station", random.nextInt(2))
                .put("mirrored", random.nextBoolean())
                .put("deviceId", random.nextBoolean() ? "one" : "other");
    }

    /** A new shot, most often; or one that was written before is edited, moved, taken back, given back or sent again. */
    private Map.Entry<UUID, ObjectNode> anything(Random random) {
        List<UUID> known = new ArrayList<>(written.keySet());
        if (known.isEmpty() || random.nextInt(10) < 6) {
            // Two devices may take the same place in the order.
            return Map.entry(UUID.randomUUID(), shot(random, Math.max(0, written.size() - random.nextInt(3))));
        }
        UUID id = known.get(random.nextInt(known.size()));
        ObjectNode before = written.get(id);
        if (random.nextInt(5) == 0) {
            return Map.entry(id, before);
        }
        ObjectNode edit = shot(random, before.get("sequence").asLong());
        edit.put("revision", before.get("revision").asInt() + 1)
                .put("deleted", random.nextInt(3) == 0)
                .put("drillId", before.get("drillId").asText());
        return Map.entry(id, edit);
    }

    @ParameterizedTest
    @ValueSource(longs = {41, 42})
    void whateverIsWrittenItSaysWhatTheSessionSays(long seed) throws Exception {
        Random random = new Random(seed);
        for (int i = 0; i < 30; i++) {
            Map.Entry<UUID, ObjectNode> next = anything(random);
            JsonNode standing = standing(next.getKey(), next.getValue());
            written.put(next.getKey(), next.getValue());
            assertThat(standing)
                    .as("write %s of seed %s: %s", i, seed, next.getValue())
                    .isEqualTo(asTheSessionSays(standing));
        }
    }

    @Test
    void theFirstShotAtAStationKnowsWhatWasPlayedElsewhereAfterIt() throws Exception {
        standing(UUID.randomUUID(), at(1, 5));
        // Recorded late, by a device that had no network.
        for (int place = 0; place < 3; place++) {
            JsonNode late = standing(UUID.randomUUID(), at(0, place));
            assertThat(late.get("reached").asInt()).isZero();
            assertThat(late).isEqualTo(asTheSessionSays(late));
        }
    }

    private ObjectNode at(int station, long sequence) {
        return ((ObjectNode) json.valueToTree(Club.potted(sequence, 1746, 1016)))
                .put("drillId", DRILL)
                .put("station", station);
    }

    @Test
    void devicesThatWriteAtTheSameMomentLeaveNothingOld() throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(3);
        try {
            for (int round = 0; round < 8; round++) {
                List<Callable<JsonNode>> writes = new ArrayList<>();
                for (int device = 0; device < 3; device++) {
                    int station = device / 2;
                    int place = 2 * round + device;
                    writes.add(() -> standing(UUID.randomUUID(), at(station, place)));
                }
                for (Future<JsonNode> one : devices.invokeAll(writes)) {
                    one.get();
                }
                for (int station = 0; station < 2; station++) {
                    JsonNode last = standing(UUID.randomUUID(), at(station, 2 * round));
                    assertThat(last).isEqualTo(asTheSessionSays(last));
                }
            }
        } finally {
            devices.shutdownNow();
        }
    }

    /** Another door to the table, such as the line of a pattern that the worker finds, counts as a change too. */
    @Test
    void aChangeFromElsewhereIsSeen() throws Exception {
        UUID first = UUID.randomUUID();
        standing(first, json.valueToTree(Club.potted(0, 1746, 1016)));
        database.update("update attempt set outcome = 'MISSED_THIN' where id = ?", first);
        database.update(
                "update station_result set changes = changes + 1 where session_id = ?", UUID.fromString(session));
        JsonNode second = standing(UUID.randomUUID(), json.valueToTree(Club.potted(1, 1746, 1016)));
        assertThat(second.get("reached").asInt()).isEqualTo(1);
        assertThat(second).isEqualTo(asTheSessionSays(second));
    }
}
