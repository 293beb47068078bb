package amberrail.app.web;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.Club;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The endpoints of trust: age and consent, hand-overs, links to reports, tokens, codes at the sign-in, and who looked. */
abstract class TrustEndpoints extends RackEndpoints {
    List<Rule> trustRules(SignedIn student) {
        String person = "/api/v1/people/" + student.accountId();
        String links = "/api/v1/students/" + student.accountId() + "/report-links";
        String handOver = "/api/v1/hand-overs/" + UUID.randomUUID();
        Map<String, Object> care = Map.of("asks", "NOTHING", "safeguarding", "", "askAfterMonths", 24);
        Map<String, Object> consent = Map.of("kind", "PHOTOS", "givenBy", "A parent", "givenOn", "2026-01-01");
        Map<String, Object> handed = Map.of("fromCoachId", UUID.randomUUID(), "toCoachId", UUID.randomUUID());
        Map<String, Object> password = Map.of("password", Club.PASSWORD);
        return List.of(
                everybody("GET", "/api/v1/club/care", null),
                new Rule("PUT", "/api/v1/club/care", care, OK, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                coaches("GET", "/api/v1/people/not-seen", null, OK),
                byCoaches("PUT", person + "/kept", null, NO_CONTENT),
                byCoaches("PUT", person + "/name", Map.of("name", "Somebody Else"), NO_CONTENT),
                new Rule("GET", person + "/consent", null, OK, OK, NOT_FOUND, FORBIDDEN),
                byCoaches("PUT", person + "/age", Map.of("minor", false, "nickname", ""), OK),
                byCoaches("PUT", person + "/guardian", Map.of("guardian", "A", "contact", "B"), BAD_REQUEST),
                byCoaches("POST", person + "/consents", consent, CONFLICT),
                byCoaches(
                        "POST",
                        person + "/consents/" + UUID.randomUUID() + "/withdrawal",
                        Map.of("nickname", "Ace"),
                        NOT_FOUND),
                byCoaches("POST", "/api/v1/students/" + student.accountId() + "/hand-over", handed, NOT_FOUND),
                coaches("GET", "/api/v1/hand-overs", null, OK),
                byCoaches("DELETE", handOver, null, NOT_FOUND),
                new Rule("POST", links, Map.of("note", "", "paper", "A4", "days", 7), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("GET", links, null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("DELETE", links + "/" + UUID.randomUUID(), null, NOT_FOUND, NOT_FOUND, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "POST",
                        "/api/v1/backups/none.zip/look",
                        Map.of("passphrase", ""),
                        NOT_FOUND,
                        FORBIDDEN,
                        FORBIDDEN,
                        FORBIDDEN),
                new Rule(
                        "POST",
                        "/api/v1/backups/none.zip/restore",
                        Map.of("passphrase", "", "password", Club.PASSWORD),
                        NOT_FOUND,
                        FORBIDDEN,
                        FORBIDDEN,
                        FORBIDDEN),
                new Rule("POST", "/api/v1/installation-file", password, OK, FORBIDDEN, FORBIDDEN, FORBIDDEN),
                everybody("GET", "/api/v1/me/tokens", null),
                everybody("POST", "/api/v1/me/tokens", Map.of("name", "Scales", "scope", "READ", "days", 30)),
                ownersOnly("DELETE", "/api/v1/me/tokens/" + UUID.randomUUID(), null, NOT_FOUND),
                everybody("GET", "/api/v1/me/authenticator", null),
                everybody("POST", "/api/v1/me/authenticator", password),
                new Rule(
                        "PUT",
                        "/api/v1/me/authenticator",
                        Map.of("code", "not digits"),
                        BAD_REQUEST,
                        BAD_REQUEST,
                        BAD_REQUEST,
                        BAD_REQUEST),
                new Rule(
                        "POST",
                        "/api/v1/me/authenticator/off",
                        password,
                        NO_CONTENT,
                        NO_CONTENT,
                        NO_CONTENT,
                        NO_CONTENT),
                new Rule("GET", person + "/trail", null, OK, OK, NOT_FOUND, NOT_FOUND));
    }

    /** By the student's coaches and the head coach; students may not at all, themselves included. */
    private static Rule byCoaches(String method, String path, Object body, int status) {
        return new Rule(method, path, body, status, FORBIDDEN, NOT_FOUND, FORBIDDEN);
    }
}
