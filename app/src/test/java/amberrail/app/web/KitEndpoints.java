package amberrail.app.web;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The endpoints of tables, ball sets, cues and their checks; of two coaches the other one asks first, and what is changed already is refused to the head. */
abstract class KitEndpoints extends PlanEndpoints {
    private static final Map<String, Object> STATION = Map.of("archived", false);

    List<Rule> kitRules(SignedIn student) throws Exception {
        String id = made(newTable(), "/api/v1/kit/tables");
        String table = "/api/v1/kit/tables/" + id;
        JsonNode now = tree(read(club.head(), table));
        String balls = "/api/v1/kit/ball-sets/" + made(balls(1), "/api/v1/kit/ball-sets");
        String own = made(cue(student), "/api/v1/kit/cues");
        String cue = "/api/v1/kit/cues/" + own;
        String check = "/api/v1/kit/checks/" + made(Map.of("tableId", id), "/api/v1/kit/checks");
        String cueCheck = "/api/v1/kit/checks/" + made(Map.of("tableId", id, "cueId", own), "/api/v1/kit/checks");
        return List.of(
                everybody("GET", "/api/v1/kit", null),
                everybody("GET", table, null),
                new Rule(
                        "GET",
                        "/api/v1/kit/aim-table?tableId=" + id + "&cueId=" + own,
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule("POST", "/api/v1/kit/tables", newTable(), BAD_REQUEST, FORBIDDEN, CREATED, FORBIDDEN),
                coaches("GET", table + "/learning", null, OK),
                new Rule(
                        "POST",
                        table + "/learning/take",
                        Map.of("version", 999),
                        CONFLICT,
                        FORBIDDEN,
                        CONFLICT,
                        FORBIDDEN),
                coaches("PUT", table + "/archived", STATION, NO_CONTENT),
                new Rule("PUT", table, measures(now), CONFLICT, FORBIDDEN, OK, FORBIDDEN),
                new Rule(
                        "PUT",
                        table + "/cloth",
                        Map.of("version", now.get("version").asInt() + 1, "isNew", true),
                        CONFLICT,
                        FORBIDDEN,
                        OK,
                        FORBIDDEN),
                new Rule(
                        "POST",
                        table + "/sets/" + UUID.randomUUID(),
                        Map.of("version", 1),
                        NOT_FOUND,
                        FORBIDDEN,
                        NOT_FOUND,
                        FORBIDDEN),
                new Rule("POST", "/api/v1/kit/ball-sets", balls(1), BAD_REQUEST, FORBIDDEN, CREATED, FORBIDDEN),
                new Rule("PUT", balls, balls(1), CONFLICT, FORBIDDEN, NO_CONTENT, FORBIDDEN),
                coaches("PUT", balls + "/archived", STATION, NO_CONTENT),
                everybody("GET", balls + "/history", null),
                new Rule("GET", cue + "/history", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", "/api/v1/kit/cues", cue(student), BAD_REQUEST, CREATED, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", cue, cue(student), CONFLICT, NO_CONTENT, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", cue + "/archived", STATION, NO_CONTENT, NO_CONTENT, NOT_FOUND, NOT_FOUND),
                new Rule("GET", cue + "/checks", null, OK, OK, NOT_FOUND, NOT_FOUND),
                coaches("GET", table + "/checks", null, OK),
                coaches("POST", "/api/v1/kit/checks", Map.of("tableId", id), OK),
                coaches("GET", check, null, OK),
                new Rule("GET", cueCheck, null, OK, OK, NOT_FOUND, NOT_FOUND),
                coaches("PUT", check + "/readings/" + UUID.randomUUID(), roll(), OK),
                coaches("PUT", check + "/table", Map.of("tableId", id), OK),
                new Rule("POST", check + "/take", Map.of("version", 999), CONFLICT, FORBIDDEN, CONFLICT, FORBIDDEN),
                new Rule("POST", check + "/leave", null, CONFLICT, FORBIDDEN, NO_CONTENT, FORBIDDEN));
    }

    private String made(Object body, String path) throws Exception {
        return tree(post(club.head(), body, path)).get("id").asText();
    }

    private static Map<String, Object> newTable() {
        return Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-9ft");
    }

    private static Map<String, Object> measures(JsonNode table) {
        return Map.of(
                "version",
                table.get("version").asInt(),
                "name",
                table.get("name").asText(),
                "cornerMouthMillimetres",
                112,
                "sideMouthMillimetres",
                127,
                "noseHeightMillimetres",
                36.3);
    }

    private static Map<String, Object> balls(int version) {
        return Map.of(
                "version", version,
                "name", "Balls " + UUID.randomUUID(),
                "cueBallDiameterMillimetres", 57.1,
                "cueBallMassKilograms", 0.17,
                "objectBallDiameterMillimetres", 57.1,
                "objectBallMassKilograms", 0.168);
    }

    private static Map<String, Object> cue(SignedIn owner) {
        Map<String, Object> cue = new HashMap<>(Map.of("version", 1, "name", "Cue " + UUID.randomUUID()));
        cue.putAll(Map.of("tipDiameterMillimetres", 12.5, "endMassRatio", 22, "elevationDegrees", 3));
        cue.putAll(Map.of("newTip", false, "ownerId", owner.accountId()));
        return cue;
    }

    private static Map<String, Object> roll() {
        Map<String, Object> roll = new HashMap<>(Map.of("kind", "ROLL", "xMetres", 0.16, "yMetres", 0.48));
        roll.putAll(Map.of("directionDegrees", 0, "seconds", 5, "metres", 1.3, "asideMillimetres", 2));
        roll.putAll(Map.of("takenAt", "2026-11-28T10:00:00Z", "confirmed", false, "withdrawn", false));
        return roll;
    }
}
