package amberrail.app.kitcheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A check from the first roll to the numbers that everything is predicted with. */
class KitCheckTest extends AppTest {
    /** Slow cloth: 0.0125 where the preset believes 0.0100. */
    private static final double SLOW = 0.0125;

    private static final double GRAVITY = 9.81;
    private SignedIn coach;
    private SignedIn student;
    private String table;

    @BeforeEach
    void aTable() throws Exception {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
        Map<String, Object> body = Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-9ft");
        table = tree(post(coach, body, "/api/v1/kit/tables")).get("id").asText();
    }

    private String begin(SignedIn who) throws Exception {
        return tree(post(who, Map.of("tableId", table), "/api/v1/kit/checks").andExpect(status().isOk()))
                .get("id")
                .asText();
    }

    /** A roll on a level bed of that friction, from the place that the check asks for. */
    private ObjectNode roll(JsonNode place, double metres, double friction) {
        ObjectNode body = json.createObjectNode().put("kind", "ROLL");
        body.set("xMetres", place.get("xMetres"));
        body.set("yMetres", place.get("yMetres"));
        body.set("directionDegrees", place.get("directionDegrees"));
        body.put("seconds", Math.sqrt(2 * metres / (friction * GRAVITY)));
        body.put("metres", metres).put("asideMillimetres", 0);
        body.put("takenAt", Instant.now().toString()).put("confirmed", false).put("withdrawn", false);
        return body;
    }

    private JsonNode write(SignedIn who, String check, UUID reading, Object body) throws Exception {
        return tree(put(who, body, "/api/v1/kit/checks/{c}/readings/{r}", check, reading)
                .andExpect(status().isOk()));
    }

    private List<JsonNode> rollPlaces(String check) throws Exception {
        List<JsonNode> places = new ArrayList<>();
        for (JsonNode place :
                tree(read(coach, "/api/v1/kit/checks/{id}", check)).get("places")) {
            if (place.get("kind").asText().equals("ROLL")) {
                places.add(place);
            }
        }
        return places;
    }

    /** Two rolls each way along and across. */
    private JsonNode rolled(String check) throws Exception {
        JsonNode view = null;
        for (JsonNode place : rollPlaces(check)) {
            double metres = place.get("directionDegrees").asInt() % 180 == 0 ? 1.4 : 0.7;
            view = write(coach, check, UUID.randomUUID(), roll(place, metres, SLOW));
            view = write(coach, check, UUID.randomUUID(), roll(place, 0.9 * metres, SLOW));
        }
        return view;
    }

    private static JsonNode number(JsonNode rows, String name) {
        for (JsonNode row : rows) {
            if (row.get("number").asText().equals(name)) {
                return row;
            }
        }
        throw new AssertionError(name + " is not among " + rows);
    }

    @Test
    void whatTheRollsTellHoldsFromWhenSomebodyTakesIt() throws Exception {
        String check = begin(coach);
        JsonNode view = rolled(check);
        JsonNode rolling = number(view.get("table").get("numbers"), "ROLLING_FRICTION");
        assertThat(rolling.get("found").get("figure").asDouble()).isCloseTo(SLOW, within(0.0005));
        assertThat(rolling.get("goodEnough").asBoolean()).isTrue();
        assertThat(view.get("table").get("verdict").get("cloth").asText()).isEqualTo("SLOW");
        assertThat(view.get("table").get("next").get("place").get("kind").asText())
                .isEqualTo("REBOUND");
        JsonNode soft = view.get("table").get("effects").get(0);
        assertThat(soft.get("afterMillimetres").asDouble())
                .isCloseTo(soft.get("beforeMillimetres").asDouble() * 0.01 / SLOW, within(60.0));
        post(coach, Map.of("version", view.get("thingVersion").asInt()), "/api/v1/kit/checks/{id}/take", check)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.taken").value(true));
        JsonNode known = tree(read(coach, "/api/v1/kit/tables/{id}", table));
        assertThat(known.get("history").get(0).get("source").asText()).isEqualTo("CHECK");
        JsonNode cushions = number(known.get("numbers"), "CUSHION_RESTITUTION");
        assertThat(cushions.get("told").asBoolean()).isFalse();
        assertThat(cushions.get("now").get("figure").asDouble()).isEqualTo(0.98);
        // A slower cloth: the same pace travels less far.
        assertThat(lengthsAtTwoMetresPerSecond(table))
                .isLessThan(0.97 * lengthsAtTwoMetresPerSecond(club.table().toString()));
        takenBack(known);
    }

    private double lengthsAtTwoMetresPerSecond(String id) throws Exception {
        for (JsonNode pace : tree(read(coach, "/api/v1/tables/{id}", id))
                .get("drawing")
                .get("strike")
                .get("paces")) {
            if (pace.get("paceMetresPerSecond").asDouble() == 2) {
                return pace.get("tableLengths").asDouble();
            }
        }
        throw new AssertionError("no such pace");
    }

    private void takenBack(JsonNode known) throws Exception {
        String preset = known.get("history").get(1).get("id").asText();
        post(coach, Map.of("version", known.get("version").asInt()), "/api/v1/kit/tables/{id}/sets/{s}", table, preset)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.history[0].source").value("TAKEN_BACK"));
        assertThat(lengthsAtTwoMetresPerSecond(table))
                .isEqualTo(lengthsAtTwoMetresPerSecond(club.table().toString()));
    }

    @Test
    void aSlipOfTheUnitIsNamedAndOfferedAndAConfirmedReadingIsNotAskedAboutAgain() throws Exception {
        String check = begin(coach);
        rolled(check);
        UUID odd = UUID.randomUUID();
        ObjectNode inches = roll(rollPlaces(check).get(0), 1.3, SLOW);
        inches.put("metres", 1.3 / 2.54);
        JsonNode doubt = doubt(write(coach, check, odd, inches), odd);
        assertThat(doubt.get("mend").get("field").asText()).isEqualTo("metres");
        assertThat(doubt.get("mend").get("mended").asDouble()).isCloseTo(1.3, within(0.01));
        assertThat(doubt.get("expectedSeconds").asDouble())
                .isLessThan(inches.get("seconds").asDouble());
        inches.put("confirmed", true);
        assertThat(doubt(write(coach, check, odd, inches), odd)).isNull();
        inches.put("confirmed", false).put("withdrawn", true);
        JsonNode view = write(coach, check, odd, inches);
        assertThat(doubt(view, odd)).isNull();
        assertThat(view.get("readings").size()).isEqualTo(9);
    }

    private static JsonNode doubt(JsonNode view, UUID reading) {
        for (JsonNode row : view.get("readings")) {
            if (row.get("id").asText().equals(reading.toString())) {
                return row.get("doubt");
            }
        }
        throw new AssertionError("the reading has gone");
    }

    @Test
    void aRollFartherThanTheBedGoesOnIsAskedAbout() throws Exception {
        String check = begin(coach);
        UUID far = UUID.randomUUID();
        JsonNode view = write(coach, check, far, roll(rollPlaces(check).get(2), 1.3, SLOW));
        assertThat(doubt(view, far).get("beyondCushion").asBoolean()).isTrue();
    }

    @Test
    void badReadingsAreRefusedWithTheirFieldAndNothingElseIsLost() throws Exception {
        String check = begin(coach);
        JsonNode place = rollPlaces(check).get(0);
        write(coach, check, UUID.randomUUID(), roll(place, 1.2, SLOW));
        refused(check, roll(place, 1.2, SLOW).put("seconds", -1), "seconds");
        refused(check, roll(place, 1.2, SLOW).put("seconds", 3600), "seconds");
        refused(check, roll(place, 1.2, SLOW).put("metres", 0), "metres");
        refused(check, roll(place, 1.2, SLOW).putNull("metres"), "metres");
        refused(check, roll(place, 1.2, SLOW).put("xMetres", 25.4), "xMetres");
        refused(check, roll(place, 1.2, SLOW).put("kind", "SIDE").put("tipSideMillimetres", 8), "kind");
        assertThat(tree(read(coach, "/api/v1/kit/checks/{id}", check))
                        .get("readings")
                        .size())
                .isEqualTo(1);
    }

    private void refused(String check, ObjectNode body, String field) throws Exception {
        put(coach, body, "/api/v1/kit/checks/{c}/readings/{r}", check, UUID.randomUUID())
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void twoPeopleCheckOneTableTogetherAndNothingIsLostOrCountedTwice() throws Exception {
        SignedIn other = club.newCoach();
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            List<Future<String>> begun = both.invokeAll(List.of(() -> begin(coach), () -> begin(other)));
            String check = begun.get(0).get();
            assertThat(begun.get(1).get()).isEqualTo(check);
            JsonNode place = rollPlaces(check).get(0);
            UUID twice = UUID.randomUUID();
            List<java.util.concurrent.Callable<JsonNode>> writes = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                SignedIn who = i % 2 == 0 ? coach : other;
                writes.add(() -> write(who, check, UUID.randomUUID(), roll(place, 1.2, SLOW)));
                writes.add(() -> write(who, check, twice, roll(place, 1.1, SLOW)));
            }
            for (Future<JsonNode> one : both.invokeAll(writes)) {
                one.get();
            }
            JsonNode view = tree(read(coach, "/api/v1/kit/checks/{id}", check));
            assertThat(view.get("readings").size()).isEqualTo(7);
            assertThat(view.get("people").size()).isEqualTo(2);
        } finally {
            both.shutdownNow();
        }
    }

    @Test
    void readingsOfTheWrongTableGoToTheRightOne() throws Exception {
        String check = begin(coach);
        write(coach, check, UUID.randomUUID(), roll(rollPlaces(check).get(0), 1.2, SLOW));
        Map<String, Object> shorter = Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-7ft");
        String right =
                tree(post(coach, shorter, "/api/v1/kit/tables")).get("id").asText();
        put(coach, Map.of("tableId", right), "/api/v1/kit/checks/{id}/table", check)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.tableId").value(right))
                .andExpect(jsonPath("$.readings[0].xMetres").value(1.9812 / 16));
        // The first is free to be checked; the other is under way.
        assertThat(begin(coach)).isNotEqualTo(check);
        put(coach, Map.of("tableId", table), "/api/v1/kit/checks/{id}/table", check)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("CHECK_UNDER_WAY"));
    }

    @Test
    void anEndedCheckTakesNothingMoreAndFewReadingsCannotBeTaken() throws Exception {
        String check = begin(coach);
        post(coach, Map.of("version", 1), "/api/v1/kit/checks/{id}/take", check)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("NOTHING_TOLD"));
        JsonNode place = rollPlaces(check).get(0);
        post(coach, null, "/api/v1/kit/checks/{id}/leave", check).andExpect(status().isNoContent());
        put(coach, roll(place, 1.2, SLOW), "/api/v1/kit/checks/{c}/readings/{r}", check, UUID.randomUUID())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("CHECK_CLOSED"));
    }

    @Test
    void studentsCheckTheirOwnCueAndNothingElse() throws Exception {
        post(student, Map.of("tableId", table), "/api/v1/kit/checks").andExpect(status().isForbidden());
        Map<String, Object> cue = new HashMap<>(Map.of(
                "version",
                1,
                "name",
                "Mine",
                "tipDiameterMillimetres",
                12.5,
                "endMassRatio",
                22,
                "elevationDegrees",
                3,
                "newTip",
                false));
        cue.put("ownerId", student.accountId());
        String id = tree(post(student, cue, "/api/v1/kit/cues")).get("id").asText();
        Map<String, Object> body = Map.of("tableId", table, "cueId", id);
        String check = tree(post(student, body, "/api/v1/kit/checks").andExpect(status().isOk()))
                .get("id")
                .asText();
        SignedIn stranger = club.newStudentOf(club.newCoach());
        read(stranger, "/api/v1/kit/checks/{id}", check).andExpect(status().isNotFound());
        JsonNode view = tree(read(student, "/api/v1/kit/checks/{id}", check));
        JsonNode place = view.get("places").get(0);
        for (int round = 0; round < 3; round++) {
            for (JsonNode stroke : view.get("cue").get("strokes")) {
                boolean firm = stroke.get("firm").asBoolean();
                double side = stroke.get("tipSideMillimetres").asDouble();
                ObjectNode reading = json.createObjectNode().put("kind", "SIDE");
                reading.set("xMetres", place.get("xMetres"));
                reading.set("yMetres", place.get("yMetres"));
                reading.set("directionDegrees", place.get("directionDegrees"));
                reading.put("seconds", firm ? 0.7 : 2.4).put("tipSideMillimetres", side);
                // Right side sends the ball left; a soft stroke curves back.
                reading.put("asideMillimetres", side * (firm ? 6 : 3) + round);
                reading.put("takenAt", Instant.now().toString())
                        .put("confirmed", false)
                        .put("withdrawn", false);
                view = write(student, check, UUID.randomUUID(), reading);
            }
        }
        assertThat(view.get("cue").get("told").asBoolean()).isTrue();
        post(student, Map.of("version", view.get("thingVersion").asInt()), "/api/v1/kit/checks/{id}/take", check)
                .andExpect(status().isOk());
        assertThat(tree(read(student, "/api/v1/kit/cues/{id}/checks", id))
                        .get(0)
                        .get("taken")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void aSessionKeepsTheNumbersThatItWasPlayedUnder() throws Exception {
        Map<String, Object> session = new HashMap<>(newSession(student, Club.DRILL));
        session.put("tableId", table);
        String before = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        String check = begin(coach);
        JsonNode view = rolled(check);
        post(coach, Map.of("version", view.get("thingVersion").asInt()), "/api/v1/kit/checks/{id}/take", check)
                .andExpect(status().isOk());
        String after = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        assertThat(lengthsOf(before)).isGreaterThan(1.03 * lengthsOf(after));
    }

    /** How far a ball at 2 m/s travels as the session's own drawing has it. */
    private double lengthsOf(String session) throws Exception {
        JsonNode detail = tree(read(coach, "/api/v1/sessions/{id}", session));
        for (JsonNode pace : detail.findPath("strike").get("paces")) {
            if (pace.get("paceMetresPerSecond").asDouble() == 2) {
                return pace.get("tableLengths").asDouble();
            }
        }
        throw new AssertionError("no such pace");
    }
}
