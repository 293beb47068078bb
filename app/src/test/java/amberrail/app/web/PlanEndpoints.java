package amberrail.app.web;

import amberrail.app.people.SignedIn;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The endpoints of plans, blocks and the calendar. */
abstract class PlanEndpoints extends EndpointRules {
    private static final String LESSON_DAY = LocalDate.now().plusDays(20).toString();

    List<Rule> planRules(SignedIn student) throws Exception {
        String planned = "/api/v1/plans/"
                + tree(post(club.head(), plan(student), "/api/v1/plans"))
                        .get("id")
                        .asText();
        String lesson = "/api/v1/calendar-entries/"
                + tree(post(club.head(), calendarEntry(student), "/api/v1/calendar-entries"))
                        .get("id")
                        .asText();
        String block = "/api/v1/blocks/"
                + tree(post(club.head(), block(student), "/api/v1/blocks"))
                        .get("id")
                        .asText();
        return List.of(
                new Rule("POST", "/api/v1/plan-proposals", planQuestion(student), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", "/api/v1/plans", plan(student), CREATED, CREATED, NOT_FOUND, NOT_FOUND),
                new Rule("GET", planned, null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", planned, plan(student), OK, FORBIDDEN, NOT_FOUND, NOT_FOUND),
                new Rule("GET", planned + "/sheet.pdf", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", planned + "/start", null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule(
                        "GET",
                        "/api/v1/plans?from=2026-01-01&to=2026-12-31&studentId=" + student.accountId(),
                        null,
                        OK,
                        OK,
                        NOT_FOUND,
                        NOT_FOUND),
                everybody("GET", "/api/v1/plan-patterns", null),
                new Rule(
                        "PUT",
                        planned + "/day",
                        Map.of("onDay", LESSON_DAY),
                        NO_CONTENT,
                        FORBIDDEN,
                        NOT_FOUND,
                        NOT_FOUND),
                everybody("GET", "/api/v1/blocks", null),
                new Rule("POST", "/api/v1/block-previews", block(student), OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("POST", "/api/v1/blocks", block(student), CREATED, CREATED, NOT_FOUND, NOT_FOUND),
                new Rule("GET", block, null, OK, OK, NOT_FOUND, NOT_FOUND),
                new Rule("PUT", block, block(student), OK, FORBIDDEN, NOT_FOUND, NOT_FOUND),
                new Rule("POST", block + "/weeks/1", null, OK, FORBIDDEN, NOT_FOUND, NOT_FOUND),
                new Rule("POST", block + "/archive", null, NO_CONTENT, FORBIDDEN, NOT_FOUND, NOT_FOUND),
                coaches("POST", "/api/v1/plan-weeks", Map.of("from", "2999-01-01"), OK),
                everybody("GET", "/api/v1/calendar?from=2026-11-01&to=2026-12-05", null),
                new Rule(
                        "POST",
                        "/api/v1/calendar-entries",
                        calendarEntry(student),
                        CREATED,
                        CREATED,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule(
                        "PUT",
                        lesson,
                        Map.of("day", LESSON_DAY, "scope", "ALL", "revision", 0, "entry", calendarEntry(student)),
                        OK,
                        FORBIDDEN,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule(
                        "POST",
                        lesson + "/remove",
                        Map.of("day", LESSON_DAY, "scope", "ALL", "revision", 1),
                        NO_CONTENT,
                        FORBIDDEN,
                        NOT_FOUND,
                        NOT_FOUND),
                new Rule(
                        "PUT",
                        "/api/v1/calendar-zone",
                        Map.of("zone", "UTC"),
                        NO_CONTENT,
                        FORBIDDEN,
                        FORBIDDEN,
                        FORBIDDEN),
                everybody("GET", "/api/v1/calendar.ics", null),
                everybody("GET", "/api/v1/calendar-feed", null),
                new Rule("POST", "/api/v1/calendar-feed", null, CREATED, CREATED, CREATED, CREATED),
                new Rule("DELETE", "/api/v1/calendar-feed", null, NO_CONTENT, NO_CONTENT, NO_CONTENT, NO_CONTENT),
                everybody(
                        "POST",
                        "/api/v1/calendar-import",
                        Map.of("text", "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n")),
                new Rule("DELETE", "/api/v1/calendar-import", null, NO_CONTENT, NO_CONTENT, NO_CONTENT, NO_CONTENT),
                new Rule("POST", planned + "/archive", null, NO_CONTENT, FORBIDDEN, NOT_FOUND, NOT_FOUND));
    }

    private static Map<String, Object> planQuestion(SignedIn student) {
        return Map.of("studentIds", List.of(student.accountId()), "minutes", 30, "withTest", false, "items", List.of());
    }

    private static Map<String, Object> block(SignedIn student) {
        Map<String, Object> block = new HashMap<>(Map.of("title", "Block", "studentId", student.accountId()));
        block.putAll(Map.of("beginsOn", LESSON_DAY, "weeks", 3, "weekdays", List.of("MONDAY"), "minutes", 30));
        block.putAll(Map.of("focus", List.of(), "newMinutes", 0, "mixed", false, "revision", 0));
        return block;
    }

    private static Map<String, Object> calendarEntry(SignedIn student) {
        return Map.of(
                "kind",
                "PRACTICE",
                "title",
                "Home practice",
                "firstDay",
                LESSON_DAY,
                "minutes",
                1440,
                "everyone",
                false,
                "studentIds",
                List.of(student.accountId()));
    }

    private static Map<String, Object> plan(SignedIn student) {
        return Map.of(
                "title",
                "Lesson",
                "studentIds",
                List.of(student.accountId()),
                "pattern",
                false,
                "minutes",
                30,
                "bandLow",
                0.6,
                "bandHigh",
                0.75,
                "mixed",
                false,
                "withTest",
                false,
                "items",
                List.of(),
                "revision",
                0);
    }
}
