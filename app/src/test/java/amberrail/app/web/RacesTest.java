package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.attempts.AttemptBody.LandingBody;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.Club;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Four people, or one with four windows, do the same thing at the same moment: no answer is our fault, and nothing is lost. */
class RacesTest extends EveryEndpoint {
    private static final int AT_ONCE = 4;
    private static final ExecutorService THREADS = Executors.newFixedThreadPool(AT_ONCE);

    @Autowired
    PeopleService people;

    @AfterAll
    static void end() {
        THREADS.shutdownNow();
    }

    private interface Request {
        MvcResult send(int which) throws Exception;
    }

    private static List<MockHttpServletResponse> together(Request request) throws Exception {
        CyclicBarrier start = new CyclicBarrier(AT_ONCE);
        List<Callable<MockHttpServletResponse>> work = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            int which = i;
            work.add(() -> {
                start.await(30, TimeUnit.SECONDS);
                return request.send(which).getResponse();
            });
        }
        List<MockHttpServletResponse> answers = new ArrayList<>();
        for (Future<MockHttpServletResponse> answer : THREADS.invokeAll(work)) {
            answers.add(answer.get(60, TimeUnit.SECONDS));
        }
        return answers;
    }

    private static List<Integer> statuses(List<MockHttpServletResponse> answers) {
        return answers.stream().map(MockHttpServletResponse::getStatus).sorted().toList();
    }

    @Test
    void everyWritingEndpointFourTimesAtOnceIsNeverOurFault() throws Exception {
        List<String> wrong = new ArrayList<>();
        SignedIn student = club.newStudentOf(club.head());
        SignedIn coach = club.newCoach();
        for (Rule rule : rules(student, coach, beginSession(club.head(), student))) {
            if (rule.method().equals("GET")) {
                continue;
            }
            List<Integer> got = statuses(together(i -> sent(rule)));
            if (got.stream().anyMatch(status -> status >= 500)) {
                wrong.add(rule.method() + " " + rule.path() + ": " + got);
            }
        }
        assertThat(wrong).isEmpty();
    }

    private MvcResult sent(Rule rule) throws Exception {
        return switch (rule.method()) {
            case "PUT" -> put(club.head(), body(rule), rule.path()).andReturn();
            case "POST" -> post(club.head(), body(rule), rule.path()).andReturn();
            default -> delete(club.head(), rule.path()).andReturn();
        };
    }

    private static Object body(Rule rule) {
        return rule.body() == null ? "" : rule.body();
    }

    @Test
    void oneLinkAcceptedFourTimesSignsOneInAndEndsNobodysSignIn() throws Exception {
        String token = people.addStudent(club.head(), "Student").token();
        String name = Club.anyName();
        List<MockHttpServletResponse> answers = together(i -> post(
                        null,
                        Map.of("signInName", name + i, "password", Club.PASSWORD),
                        "/api/v1/invitations/{token}",
                        token)
                .andReturn());
        assertThat(statuses(answers)).containsExactly(200, 404, 404, 404);
        MockHttpServletResponse winner = answers.stream()
                .filter(answer -> answer.getStatus() == 200)
                .findFirst()
                .orElseThrow();
        int me = mvc.perform(MockMvcRequestBuilders.get("/api/v1/me").cookie(winner.getCookie("AMBER_SESSION")))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(me).as("the winner is still signed in").isEqualTo(200);
    }

    @Test
    void fourNewLinksLeaveOneThatWorks() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        List<MockHttpServletResponse> answers =
                together(i -> post(club.head(), Map.of(), "/api/v1/people/{id}/link", student.accountId())
                        .andReturn());
        assertThat(statuses(answers)).containsOnly(200);
        int working = 0;
        for (MockHttpServletResponse answer : answers) {
            String path =
                    json.readTree(answer.getContentAsString()).get("linkPath").asText();
            String token = path.substring("/invitation/".length());
            int status = mvc.perform(MockMvcRequestBuilders.get("/api/v1/invitations/{token}", token))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            working += status == 200 ? 1 : 0;
        }
        assertThat(working).isEqualTo(1);
    }

    @Test
    void aNoteSavedWhileAnotherClosesLeavesItClosedAndNoted() throws Exception {
        for (int round = 0; round < 10; round++) {
            String session = beginSession(club.head(), club.newStudentOf(club.head()));
            List<MockHttpServletResponse> answers = together(i -> i % 2 == 0
                    ? put(club.head(), Map.of("note", "soft cloth"), "/api/v1/sessions/{id}/note", session)
                            .andReturn()
                    : post(club.head(), Map.of(), "/api/v1/sessions/{id}/close", session)
                            .andReturn());
            assertThat(statuses(answers)).containsOnly(200);
            JsonNode stands =
                    tree(read(club.head(), "/api/v1/sessions/{id}", session)).get("session");
            assertThat(stands.path("closedAt").asText()).as("closed").isNotEmpty();
            assertThat(stands.get("note").asText()).isEqualTo("soft cloth");
        }
    }

    @Test
    void ofTwoNotesWrittenOnTheSameOneTheSecondIsToldAndTheFirstIsKept() throws Exception {
        String session = beginSession(club.head(), club.newStudentOf(club.head()));
        List<MockHttpServletResponse> answers = together(
                i -> put(club.head(), Map.of("note", "note " + i, "before", ""), "/api/v1/sessions/{id}/note", session)
                        .andReturn());
        assertThat(statuses(answers)).containsExactly(200, 409, 409, 409);
        String kept = tree(read(club.head(), "/api/v1/sessions/{id}", session))
                .at("/session/note")
                .asText();
        for (MockHttpServletResponse answer : answers) {
            JsonNode told = json.readTree(answer.getContentAsString());
            assertThat(
                            answer.getStatus() == 200
                                    ? told.get("note").asText()
                                    : told.get("current").asText())
                    .isEqualTo(kept);
        }
    }

    @Test
    void settingsChangedWhileThePasswordIsChangedDoNotBringTheOldOneBack() throws Exception {
        String name = Club.anyName();
        SignedIn student =
                people.accept(people.addStudent(club.head(), "Student").token(), name, Club.PASSWORD);
        List<String> themes = List.of("DARK", "LIGHT", "SYSTEM");
        String wanted = "an entirely other password";
        List<MockHttpServletResponse> answers = together(i -> i == 0
                ? put(student, Map.of("old", Club.PASSWORD, "password", wanted), "/api/v1/me/password")
                        .andReturn()
                : put(student, Map.of("theme", themes.get(i - 1)), "/api/v1/me/preferences")
                        .andReturn());
        assertThat(answers).allMatch(answer -> answer.getStatus() < 300);
        assertThat(people.signIn(name, wanted)).as("the new password").isPresent();
        assertThat(people.signIn(name, Club.PASSWORD)).as("the old password").isEmpty();
    }

    @Test
    void windowsThatChangeDifferentSettingsDoNotUndoEachOther() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        List<Map<String, String>> changes = List.of(
                Map.of("dialect", "SNOOKER"),
                Map.of("lengthUnit", "INCHES"),
                Map.of("theme", "DARK"),
                Map.of("tipNotation", "CLOCK"));
        assertThat(statuses(together(i ->
                        put(student, changes.get(i), "/api/v1/me/preferences").andReturn())))
                .containsOnly(200);
        JsonNode stands = tree(read(student, "/api/v1/me")).get("preferences");
        changes.forEach(change -> change.forEach(
                (field, value) -> assertThat(stands.get(field).asText()).isEqualTo(value)));
    }

    @Test
    void fourCoachesTakenOnAtOnceAreTwoAtMost() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        List<SignedIn> coaches = List.of(club.newCoach(), club.newCoach(), club.newCoach(), club.newCoach());
        List<MockHttpServletResponse> answers = together(i -> put(
                        club.head(),
                        "",
                        "/api/v1/students/{id}/coaches/{coachId}",
                        student.accountId(),
                        coaches.get(i).accountId())
                .andReturn());
        assertThat(statuses(answers)).containsExactly(204, 409, 409, 409);
        assertThat(onRoster(club.head(), student).get("coachIds")).hasSize(2);
    }

    @Test
    void ofFourEditsOfOneAttemptOneIsStoredAndTheOthersAreTold() throws Exception {
        String session = beginSession(club.head(), club.newStudentOf(club.head()));
        UUID id = UUID.randomUUID();
        String path = "/api/v1/sessions/{s}/attempts/{id}";
        put(club.head(), Club.potted(0, 1000, 500), path, session, id);
        List<MockHttpServletResponse> answers = together(i -> put(
                        club.head(),
                        Club.body(
                                1,
                                0,
                                PotOutcome.POTTED_CLEAN,
                                new LandingBody(1000 + 10 * i, 500, Landing.PlacedBy.TAP, 15)),
                        path,
                        session,
                        id)
                .andReturn());
        assertThat(statuses(answers)).containsExactly(200, 409, 409, 409);
        assertThat(tree(read(club.head(), path + "/revisions", session, id))).hasSize(2);
    }
}
