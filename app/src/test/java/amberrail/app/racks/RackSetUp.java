package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.ResultActions;

/** A coach, a student of their own and a table, and what is sent of racks. */
abstract class RackSetUp extends AppTest {
    static final Map<String, Object> RULES =
            Map.of("breakPotsCount", true, "cueBallBehindLine", false, "foulEnds", true);
    static final List<Map<String, Object>> THREE =
            List.of(ball("1", 700, 400), ball("2", 1800, 900), ball("3", 2000, 300));

    SignedIn coach;
    SignedIn student;
    String table;

    @BeforeEach
    void aStudentAndATable() throws Exception {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
        table = tableOf("pool-9ft");
    }

    /** One for all tests: a club has only so many tables. */
    String tableOf(String preset) throws Exception {
        String name = "Racks on " + preset;
        for (JsonNode one : tree(read(coach, "/api/v1/tables"))) {
            if (one.get("name").asText().equals(name)) {
                return one.get("id").asText();
            }
        }
        Map<String, Object> body = Map.of("name", name, "presetId", preset);
        return tree(post(coach, body, "/api/v1/kit/tables")).get("id").asText();
    }

    static Map<String, Object> place(double x, double y) {
        return Map.of("xMillimetres", x, "yMillimetres", y);
    }

    static Map<String, Object> ball(String id, double x, double y) {
        return Map.of("id", id, "place", place(x, y));
    }

    static Map<String, Object> layout(String game, List<Map<String, Object>> balls) {
        return Map.of("game", game, "balls", balls);
    }

    Map<String, Object> question(Map<String, Object> layout) {
        return Map.of("tableId", table, "studentId", student.accountId(), "rules", RULES, "layout", layout);
    }

    Map<String, Object> rack(Map<String, Object> layout, List<Map<String, Object>> plan) {
        Map<String, Object> body = new HashMap<>(question(layout));
        body.putAll(Map.of("origin", "BREAK", "breakDown", 2, "breakInOff", false));
        body.putAll(Map.of("plan", plan, "note", "", "startedAt", "2026-11-27T18:00:00Z"));
        return body;
    }

    String begun(Map<String, Object> layout) throws Exception {
        String id = UUID.randomUUID().toString();
        put(student, rack(layout, List.of()), "/api/v1/racks/{id}", id);
        return id;
    }

    static Map<String, Object> shot(int number, String ball, String outcome, List<String> down) {
        Map<String, Object> shot = new HashMap<>(Map.of("number", number, "ball", ball, "pocket", "NE"));
        shot.putAll(Map.of("outcome", outcome, "down", down, "moved", List.of(), "withdrawn", false));
        if (outcome.equals("POTTED")) {
            shot.put("landing", place(1200, 600));
        }
        return shot;
    }

    ResultActions played(String rack, Map<String, Object> shot) throws Exception {
        return put(student, shot, "/api/v1/racks/{id}/shots/{s}", rack, UUID.randomUUID());
    }

    JsonNode seen(String rack) throws Exception {
        return tree(read(student, "/api/v1/racks/{id}", rack));
    }
}
