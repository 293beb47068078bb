package amberrail.app.web;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Every endpoint with a body that it takes, and who may ask it; kept complete by {@link WhoMayTest}. */
abstract class EveryEndpoint extends TrustEndpoints {
    private static final Map<String, Object> ERASURE = Map.of("way", "ERASE", "now", false, "password", Club.PASSWORD);

    List<Rule> rules(SignedIn student, SignedIn coach, String session) throws Exception {
        UUID attempt = UUID.randomUUID();
        String own = "/api/v1/sessions/" + session;
        Map<String, Object> name = Map.of("name", "Somebody New");
        Map<String, Object> newSession = newSession(student, Club.DRILL);
        String ofStudent = "/api/v1/students/" + student.accountId();
        Map<String, Object> routine = Map.of("steps", List.of("chalk"), "clockSeconds", 25);
        Map<String, Object> templateMark =
                Map.of("tableId", club.table(), "tip", "STUN", "xMillimetres", 900, "yMillimetres", 0);
        Map<String, Object> taking = Map.of("studentId", student.accountId());
        Map<String, Object> preferences = Map.of(
                "dialect", "SNOOKER",
                "lengthUnit", "INCHES",
                "theme", "DARK",
                "tipNotation", "CLOCK",
                "paceNotation", "TABLE_LENGTHS");
        Map<String, Object> shot = Map.of(
                "tableId", club.table(),
                "balls", List.of(Map.of("label", "cue", "cueBall", true, "xMillimetres", 600, "yMillimetres", 600)),
                "stroke",
                        Map.of(
                                "paceMetresPerSecond", 1,
                                "tipHeightMillimetres", 0,
                                "tipSideMillimetres", 0,
                                "elevationDegrees", 0,
                                "launchDegrees", 10));
        Map<String, Object> success = Map.of(
                "shot",
                shot,
                "shots",
                200,
                "errors",
                Map.of(
                        "aimMilliradians", 1,
                        "pacePercent", 1,
                        "tipHeightMillimetres", 1,
                        "tipSideMillimetres", 1));
        Map<String, Object> recipes = Map.of(
                "tableId", club.table(),
                "balls",
                        List.of(
                                Map.of("label", "cue", "cueBall", true, "xMillimetres", 900, "yMillimetres", 600),
                                Map.of("label", "1", "cueBall", false, "xMillimetres", 1200, "yMillimetres", 900)),
                "pot", Map.of("ball", "1", "pocket", "N"),
                "sideAllowed", false);
        String drill = "/api/v1/drills/" + Club.DRILL;
        String mine = "/api/v1/drills/" + ownDrillOf(club.head());
        JsonNode document = document(club.head(), Club.DRILL);
        Map<String, Object> draft = Map.of("tableId", club.table(), "drill", document);
        Map<String, Object> shotOfDraft = Map.of("tableId", club.table(), "drill", document, "station", 0, "shot", 0);
        Map<String, Object> recipesOfDraft =
                Map.of("tableId", club.table(), "drill", document, "station", 0, "shot", 0, "abilityLogits", 0);
        String folder = "/api/v1/folders/" + folderOf(club.head(), "Folder " + session);
        String person = "/api/v1/people/" + student.accountId();
        String coaching = "/api/v1/students/" + student.accountId() + "/coaches/" + coach.accountId();
        List<Rule> rules = new ArrayList<>(planRules(student));
        rules.addAll(kitRules(student));
        rules.addAll(rackRules(student));
        rules.addAll(trustRules(student));
        rules.addAll(List.of(
                everybody("GET", "/api/v1/me", null),
                everybody("PUT", "/api/v1/me/preferences", preferences),
                new Rule(
                        "PUT",
                        "/api/v1/me/password",
                        Map.of("old", Club.PASSWORD, "password", Club.PASSWORD),
                        NO_CONTENT,
                        NO_CONTENT,
                        NO_CONTENT,
                        NO_CONTENT),
                everybody("GET", "/api/v1/me/sign-ins", null),
                new Rule(
                        "DELETE",
                        "/api/v1/me/sign-ins/" + "0".repeat(24),
                        null,
                        NOT_FOUND,
                        NOT_FOUND,
                        NOT_FOUND,
                        NOT_FOUND),
                everybody("GET", "/api/v1/me/notices", null),
                new Rule("DELETE", "/api/v1/me/notices", null, NO_CONTENT, NO_CONTENT, NO_CONTENT, NO_CONTENT),
                everybody("GET", "/api/v1/today", null),
                everybody("GET", "/api/v1/drills", null),
                everybody("GET", "/api/v1/drills/" + Club.DRILL + "?tableId=" + club.table(), null),
                coaches("POST", "/api/v1/drills", Map.of("drill", document), CREATED),
                coaches("POST", drill + "/copy", Map.of(), CREATED),
                everybody("GET", drill + "/document", null),
                everybody("GET", drill + "/file", null),
                everybody("GET", drill + "/grades?tableId=" + club.table(), null),
                coaches("POST", drill + "/grades?tableId=" + club.table(), null, OK),
                coaches("DELETE", drill + "/grades?tableId=" + club.table(), null, NO_CONTENT),
                everybody("GET", drill + "/recipes?tableId=" + club.table(), null),
                everybody("GET", drill + "/usual-way?tableId=" + club.table(), null),
                everybody("GET", drill + "/moved-landing?tableId=" + club.table(), null),
                coaches("POST", "/api/v1/bench/recipes", recipesOfDraft, OK),
                coaches("POST", "/api/v1/bench/target-size", Map.of("asked", recipesOfDraft, "share", 0.5), OK),
                everybody(
                        "POST", "/api/v1/rules/strictness", Map.of("kind", "IN_A_ROW", "successes", 3, "capTries", 20)),
                everybody("GET", "/api/v1/lab/stop?kind=POOL&distanceMillimetres=1000", null),
                everybody("GET", "/api/v1/lab/path?kind=POOL&paceMetresPerSecond=2&tipHeightMillimetres=-6", null),
                everybody(
                        "GET", "/api/v1/lab/drag?kind=POOL&distanceMillimetres=1000&arrivalMetresPerSecond=0.5", null),
                everybody(
                        "GET",
                        "/api/v1/lab/run-through?kind=POOL&distanceMillimetres=1000&paceMetresPerSecond=2",
                        null),
                everybody(
                        "GET",
                        "/api/v1/lab/side?kind=POOL&distanceMillimetres=1000&cutDegrees=20&sideMillimetres=6",
                        null),
                everybody(
                        "GET",
                        "/api/v1/lab/squeeze?kind=POOL&distanceMillimetres=400&cutDegrees=20&paceMetresPerSecond=1.2&toPocketMillimetres=800",
                        null),
                everybody("GET", "/api/v1/lab/cut?kind=POOL&cutDegrees=30", null),
                everybody(
                        "GET",
                        "/api/v1/lab/near-pocket?kind=POOL&fromPocketMillimetres=150&paceMetresPerSecond=1.5",
                        null),
                everybody("GET", "/api/v1/lab/power?kind=POOL&cutDegrees=8&paceMetresPerSecond=4", null),
                everybody("GET", "/api/v1/lab/close?kind=POOL&gapMillimetres=60&paceMetresPerSecond=1.2", null),
                ownersOnly("GET", mine, null, OK),
                ownersOnly("GET", mine + "/document", null, OK),
                ownersOnly("GET", mine + "/file", null, OK),
                ownersOnly("GET", mine + "/card.pdf?tableId=" + club.table(), null, OK),
                ownersOnly("POST", mine + "/copy", Map.of(), CREATED),
                ownersOnly("PUT", mine, Map.of("revision", 0, "drill", document), OK),
                ownersOnly("PUT", mine + "/favourite", null, NO_CONTENT),
                ownersOnly("DELETE", mine + "/favourite", null, NO_CONTENT),
                ownersOnly("DELETE", mine, null, NO_CONTENT),
                ownersOnly("POST", mine + "/bring-back", null, NO_CONTENT),
                ownersOnly("PUT", mine + "/sharing", Map.of("shared", false), NO_CONTENT),
                everybody("POST", "/api/v1/drill-set", Map.of("title", "Set", "ids", List.of(Club.DRILL))),
                coaches("POST", "/api/v1/drill-import/preview", Map.of("text", "{}"), OK),
                new Rule(
                        "POST",
                        "/api/v1/drill-import",
                        Map.of("text", file(club.head(), Club.DRILL)),
                        OK,
                        FORBIDDEN,
                        OK,
                        FORBIDDEN),
                new Rule("POST", "/api/v1/folders", Map.of("name", "F " + session), CREATED, CREATED, CREATED, CREATED),
                ownersOnly("PUT", folder, Map.of("name", "G " + session), OK),
                ownersOnly("PUT", folder + "/drills/" + Club.DRILL, null, NO_CONTENT),
                ownersOnly("DELETE", folder + "/drills/" + Club.DRILL, null, NO_CONTENT),
                ownersOnly("DELETE", folder, null, NO_CONTENT),
                coaches("POST", "/api/v1/bench/check", draft, OK),
                coaches("POST", "/api/v1/bench/usual", shotOfDraft, OK),
                coaches("POST", "/api/v1/bench/grades", draft, OK),
                everybody("GET", "/api/v1/tables/" + club.table() + "/geometry", null),
                everybody("GET", drill + "/card.pdf?tableId=" + club.table(), null),
                everybody("GET", drill + "/target.pdf?tableId=" + club.table(), null),
                everybody("GET", drill + "/target-sheets?tableId=" + club.table(), null),
                everybody("GET", drill + "/diagram.svg?tableId=" + club.table(), null),
                everybody("GET", drill + "/diagram.png?tableId=" + club.table(), null),
                everybody("GET", "/api/v1/tables", null),
                everybody("GET", "/api/v1/tables/" + club.table(), null),
                coaches("GET", "/api/v1/group-progress", null, OK),
                coaches("GET", "/api/v1/students", null, OK),
                coaches("POST", "/api/v1/students", name, CREATED),
                coaches("GET", "/api/v1/coaches", null, OK),
                new Rule("POST", "/api/v1/coaches", name, CREATED, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                coaches("GET", "/api/v1/roster", null, OK),
                new Rule("DELETE", person + "/link", null, NO_CONTENT, FORBIDDEN, NOT_FOUND, FORBIDDEN),
                new Rule("GET", "/api/v1/backups", null, OK, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                new Rule("POST", "/api/v1/backups", null, ACCEPTED, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                new Rule("GET", person + "/data", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", person + "/data.zip", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", person + "/erasure", ERASURE, NO_CONTENT, NO_CONTENT, NOT_FOUND, NOT_FOUND),
                new Rule("DELETE", person + "/erasure", null, NO_CONTENT, NO_CONTENT, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", person + "/archive", null, NO_CONTENT, FORBIDDEN, NOT_FOUND, FORBIDDEN),
                new Rule("DELETE", person + "/archive", null, NO_CONTENT, FORBIDDEN, NOT_FOUND, FORBIDDEN),
                new Rule("POST", person + "/link", Map.of(), OK, FORBIDDEN, NOT_FOUND, FORBIDDEN),
                new Rule("PUT", coaching, null, NO_CONTENT, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                new Rule("DELETE", coaching, null, NO_CONTENT, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                new Rule(
                        "GET",
                        "/api/v1/students/" + student.accountId() + "/sessions",
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                everybody("GET", "/api/v1/sessions", null),
                new Rule(
                        "GET", "/api/v1/sessions?studentId=" + student.accountId(), null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", "/api/v1/sessions", newSession, CREATED, CREATED, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "GET",
                        "/api/v1/attempt-import/" + student.accountId() + "/progress",
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule("GET", own, null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", own + "/news?since=2026-01-01T00:00:00Z", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", own + "/review", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", own + "/attempts/" + attempt, Club.potted(0, 1000, 500), OK, OK, NOT_FOUND, NOT_FOUND),
                everybody("POST", "/api/v1/shots/simulate", shot),
                everybody("POST", "/api/v1/shots/success", success),
                everybody("POST", "/api/v1/shots/recipes", recipes),
                new Rule("GET", own + "/attempts/" + attempt + "/next-shot", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", own + "/attempts/" + attempt + "/revisions", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", own + "/attempts/" + attempt + "/reworks", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", own + "/attempts/" + attempt + "/advice", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "GET",
                        ofStudent + "/comparison?drillId=" + Club.DRILL + "&station=0&from=" + session + "&to="
                                + session,
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule("GET", ofStudent + "/attempts.csv", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/attempts.json", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/progress", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "GET",
                        ofStudent + "/periods?from=2026-01-01&to=2026-01-31&laterFrom=2026-02-01&laterTo=2026-02-28",
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule("GET", ofStudent + "/selection?drillId=" + Club.DRILL, null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "POST",
                        "/api/v1/attempt-import/" + student.accountId(),
                        Map.of("csv", "no columns"),
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule("GET", ofStudent + "/template", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", ofStudent + "/template/marks", templateMark, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "DELETE",
                        ofStudent + "/template/marks/" + UUID.randomUUID(),
                        null,
                        NOT_FOUND,
                        NOT_FOUND,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule(
                        "POST", ofStudent + "/report", Map.of("note", "", "paper", "A4"), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/next-stations", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/error-sizes", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/routine", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", ofStudent + "/routine", routine, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", ofStudent + "/goals", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", ofStudent + "/goals", Map.of("skills", List.of()), OK, OK, NOT_FOUND, NOT_FOUND),
                everybody("GET", "/api/v1/gear", null),
                everybody("GET", "/api/v1/me/observations", null),
                everybody("PUT", "/api/v1/me/observations", Map.of("words", List.of("rushed"))),
                new Rule("POST", own + "/drills", Map.of("drillId", Club.DRILL), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", own + "/students", taking, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", own + "/note", Map.of("note", "soft cloth"), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", own + "/pause", Map.of(), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", own + "/go-on", Map.of(), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", own + "/close", Map.of(), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", own + "/reopen", Map.of(), OK, OK, NOT_FOUND, NOT_FOUND)));
        return rules;
    }
}
