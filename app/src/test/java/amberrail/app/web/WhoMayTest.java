package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every endpoint asked by everybody: its coach, the student, another coach, another student, and nobody. */
class WhoMayTest extends EveryEndpoint {
    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    @Test
    void everyEndpointAnswersEachPersonAsItShould() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        SignedIn otherCoach = club.newCoach();
        SignedIn otherStudent = club.newStudentOf(otherCoach);
        SignedIn third = club.newCoach();
        List<String> wrong = new ArrayList<>();
        for (Rule rule : rules(student, third, beginSession(club.head(), student))) {
            expect(wrong, rule, "nobody", null, SIGNED_OUT);
            // Those who may not go first: what they try must not change what the others find.
            expect(wrong, rule, "another student", otherStudent, rule.otherStudent());
            expect(wrong, rule, "another coach", otherCoach, rule.otherCoach());
            expect(wrong, rule, "the student", student, rule.self());
            expect(wrong, rule, "the head coach", club.head(), rule.head());
        }
        assertThat(wrong).isEmpty();
    }

    /** Whoever takes turns in the same session asks every endpoint with the other's ids, in paths and in bodies. */
    @Test
    void coParticipantsAreToldNothingOfEachOtherByAnyEndpoint() throws Exception {
        String secret = "only Ana and her coach know";
        SignedIn ana = club.newStudentOf(club.head());
        SignedIn bo = club.newStudentOf(club.head());
        var together = Map.of(
                "studentIds", List.of(ana.accountId(), bo.accountId()),
                "drillIds", List.of(Club.DRILL),
                "tableId", club.table(),
                "coached", true);
        String session =
                tree(post(club.head(), together, "/api/v1/sessions")).get("id").asText();
        UUID ofAna = UUID.randomUUID();
        ObjectNode body = json.valueToTree(Club.potted(0, 1000, 500));
        body.put("studentId", ana.accountId().toString()).put("note", secret);
        put(club.head(), body, "/api/v1/sessions/{s}/attempts/{id}", session, ofAna);
        put(club.head(), Map.of("note", secret), "/api/v1/sessions/{s}/note", session);
        List<String> wrong = new ArrayList<>();
        for (Rule rule : rules(ana, club.newCoach(), session)) {
            String path = rule.path().replaceAll("(/attempts/)[0-9a-f-]{36}", "$1" + ofAna);
            Object sent = rule.method().equals("PUT") && path.endsWith(ofAna.toString()) ? body : rule.body();
            MockHttpServletResponse answer = ask(rule.method(), path, sent, bo);
            if (answer.getStatus() >= 500 || answer.getContentAsString().contains(secret)) {
                wrong.add(rule.method() + " " + path + ": " + answer.getStatus());
            }
        }
        assertThat(wrong).isEmpty();
        JsonNode stands = tree(read(club.head(), "/api/v1/sessions/{s}", session));
        assertThat(stands.at("/session/note").asText()).isEqualTo(secret);
        assertThat(stands.at("/attempts/0/attempt/note").asText()).isEqualTo(secret);
        assertThat(stands.at("/attempts/0/attempt/revision").asInt()).isZero();
    }

    @Test
    void noEndpointIsLeftOutOfTheseRules() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        SignedIn coach = club.newCoach();
        Set<String> asked = new TreeSet<>();
        for (Rule rule : rules(student, coach, beginSession(club.head(), student))) {
            asked.add(rule.method() + " " + pattern(rule.path()));
        }
        Set<String> open = Set.of(
                "GET /api/v1/club",
                "POST /api/v1/club/first-coach",
                "POST /api/v1/sign-in",
                "POST /api/v1/sign-out",
                // The secret in the address stands for the sign-in (CalendarFilesTest).
                "GET /api/v1/calendar-feeds/{}.ics",
                // The same (ShareLinkTest).
                "GET /api/v1/shared-reports/{}",
                "GET /api/v1/invitations/{}",
                "POST /api/v1/invitations/{}");
        Set<String> missing = new TreeSet<>();
        mappings.getHandlerMethods()
                .keySet()
                .forEach(info -> info.getPatternValues().stream()
                        .filter(path -> path.startsWith("/api"))
                        .forEach(path -> info.getMethodsCondition().getMethods().forEach(method -> {
                            String endpoint = method + " " + path.replaceAll("\\{[^}]*}", "{}");
                            if (!asked.contains(endpoint) && !open.contains(endpoint)) {
                                missing.add(endpoint);
                            }
                        })));
        assertThat(missing).isEmpty();
    }

    @Test
    void withoutItsTokenNothingIsWritten() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        var request = request(HttpMethod.POST, "/api/v1/students")
                .with(Club.as(club.head()))
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":\"Nobody\"}");
        var response = mvc.perform(request).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(FORBIDDEN);
        assertThat(response.getContentAsString()).contains("STALE_PAGE");
        assertThat(student).isNotNull();
    }

    private MockHttpServletResponse ask(String method, String path, Object body, SignedIn who) throws Exception {
        MockHttpServletRequestBuilder request =
                request(HttpMethod.valueOf(method), path).with(csrf());
        if (who != null) {
            request.with(Club.as(who));
        }
        if (body != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(json.writeValueAsString(body));
        }
        return mvc.perform(request).andReturn().getResponse();
    }

    private void expect(List<String> wrong, Rule rule, String name, SignedIn who, int status) throws Exception {
        int got = ask(rule.method(), rule.path(), rule.body(), who).getStatus();
        if (got != status) {
            wrong.add(name + ": " + rule.method() + " " + rule.path() + " gave " + got + ", not " + status);
        }
    }

    private static String pattern(String path) {
        return path.replaceAll("\\?.*", "")
                .replaceAll("own-[0-9a-f-]{36}", "{}")
                .replace("0".repeat(24), "{}")
                .replace("/weeks/1", "/weeks/{}")
                .replace("none.zip", "{}")
                .replaceAll("[0-9a-f]{8}-[0-9a-f-]{27}", "{}")
                .replace(Club.DRILL, "{}");
    }
}
