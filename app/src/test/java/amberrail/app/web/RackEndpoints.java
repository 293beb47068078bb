package amberrail.app.web;

import amberrail.app.people.SignedIn;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The endpoints of racks: a student's racks are that student's and their coaches'; calculations are whose who asked. */
abstract class RackEndpoints extends KitEndpoints {
    private static final Map<String, Object> RULES =
            Map.of("breakPotsCount", true, "cueBallBehindLine", false, "foulEnds", true);

    List<Rule> rackRules(SignedIn student) throws Exception {
        String table = club.table().toString();
        Map<String, Object> layout = layout();
        Map<String, Object> question =
                Map.of("tableId", table, "studentId", student.accountId(), "rules", RULES, "layout", layout);
        Map<String, Object> madeUp = Map.of(
                "tableId", table, "studentId", student.accountId(), "rules", RULES, "game", "anyOrder-5", "seed", 4);
        String rack = "/api/v1/racks/" + UUID.randomUUID();
        String kept = "/api/v1/racks/layouts/" + UUID.randomUUID();
        put(club.head(), rackBody(table, student, layout), rack);
        put(club.head(), kept(table, layout), kept);
        String of = "?studentId=" + student.accountId();
        String plan = "/api/v1/racks/plans/" + UUID.randomUUID();
        return List.of(
                everybody("GET", "/api/v1/racks/games?tableId=" + table, null),
                ofStudent("POST", "/api/v1/racks/made-up", madeUp),
                ofStudent("POST", "/api/v1/racks/survey", question),
                ofStudent("POST", "/api/v1/racks/plans", Map.of("question", question, "locked", List.of(), "steps", 1)),
                new Rule("GET", plan, null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                new Rule("DELETE", plan, null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                ofStudent("POST", "/api/v1/racks/chances", question),
                new Rule("GET", plan.replace("plans", "chances"), null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                new Rule("DELETE", plan.replace("plans", "chances"), null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                ofStudent("GET", "/api/v1/racks" + of, null),
                ofStudent("GET", rack, null),
                ofStudent("PUT", rack, rackBody(table, student, layout)),
                ofStudent("PUT", rack + "/shots/" + UUID.randomUUID(), shot()),
                ofStudent("GET", "/api/v1/racks/review" + of, null),
                ofStudent("POST", "/api/v1/racks/headlines", Map.of("studentId", student.accountId())),
                new Rule("GET", plan.replace("plans", "headlines"), null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                ofStudent("GET", "/api/v1/racks/export.json" + of, null),
                ofStudent("GET", "/api/v1/racks/shots.csv" + of, null),
                everybody(
                        "POST",
                        "/api/v1/racks/import",
                        Map.of("format", "amber-rail-racks", "version", 1, "racks", List.of())),
                everybody("GET", "/api/v1/racks/layouts", null),
                everybody("GET", "/api/v1/racks/layouts/export.json", null),
                everybody(
                        "POST",
                        "/api/v1/racks/layouts/import?tableId=" + table,
                        Map.of("format", "amber-rail-layouts", "version", 1, "layouts", List.of())),
                new Rule("PUT", kept, kept(table, layout), NO_CONTENT, FORBIDDEN, NO_CONTENT, FORBIDDEN),
                new Rule(
                        "PUT",
                        kept + "/archived",
                        Map.of("archived", false),
                        NO_CONTENT,
                        FORBIDDEN,
                        NO_CONTENT,
                        FORBIDDEN));
    }

    private static Rule ofStudent(String method, String path, Object body) {
        return new Rule(method, path, body, OK, OK, NOT_FOUND, NOT_FOUND);
    }

    static Map<String, Object> layout() {
        return Map.of(
                "game",
                "anyOrder-3",
                "balls",
                List.of(ball("1", 700, 400), ball("2", 1800, 900), ball("3", 2000, 300)));
    }

    private static Map<String, Object> ball(String id, double x, double y) {
        return Map.of("id", id, "place", Map.of("xMillimetres", x, "yMillimetres", y));
    }

    private static Map<String, Object> rackBody(String table, SignedIn student, Map<String, Object> layout) {
        Map<String, Object> body = new HashMap<>(
                Map.of("tableId", table, "studentId", student.accountId(), "rules", RULES, "layout", layout));
        body.putAll(Map.of("origin", "PLACED", "plan", List.of(), "note", "", "startedAt", "2026-11-28T10:00:00Z"));
        return body;
    }

    private static Map<String, Object> kept(String table, Map<String, Object> layout) {
        return Map.of("name", "Three open balls", "tableId", table, "layout", layout, "madeUp", false);
    }

    private static Map<String, Object> shot() {
        Map<String, Object> shot = new HashMap<>(Map.of("number", 1, "ball", "1", "pocket", "SW", "outcome", "POTTED"));
        shot.putAll(Map.of("down", List.of("1"), "moved", List.of(), "withdrawn", true));
        return shot;
    }
}
