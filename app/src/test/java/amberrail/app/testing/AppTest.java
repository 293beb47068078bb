package amberrail.app.testing;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.LightPasswordHashing;
import amberrail.app.people.SignedIn;
import amberrail.app.storage.PoisonInTests;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.actuate.observability.AutoConfigureObservability;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The whole application on a real H2 with the real migrations, started once for all tests that change nothing about it; every test makes its own people. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("test")
@AutoConfigureObservability(tracing = false)
@Import({Club.class, LightPasswordHashing.class, WritesInTransactions.class, PastTheGate.class, PoisonInTests.class})
public abstract class AppTest {
    /** Each time the server waits for half a minute itself; only a hang takes longer. */
    private static final int MOST_TIMES_AGAIN = 10;

    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected Club club;

    @Autowired
    protected ObjectMapper json;

    /** Where the server says that it is still working that out, it is asked again when it says. */
    protected ResultActions read(SignedIn who, String path, Object... variables) throws Exception {
        ResultActions answer = mvc.perform(get(path, variables).with(Club.as(who)));
        for (int again = 0;
                again < MOST_TIMES_AGAIN && isBusy(answer.andReturn().getResponse());
                again++) {
            String seconds = answer.andReturn().getResponse().getHeader(HttpHeaders.RETRY_AFTER);
            TimeUnit.SECONDS.sleep(Long.parseLong(seconds));
            answer = mvc.perform(get(path, variables).with(Club.as(who)));
        }
        return answer;
    }

    private static boolean isBusy(MockHttpServletResponse response) throws Exception {
        return response.getStatus() == HttpStatus.TOO_MANY_REQUESTS.value()
                && response.getContentAsString().contains("BUSY");
    }

    protected ResultActions post(SignedIn who, Object body, String path, Object... variables) throws Exception {
        return send(who, body, MockMvcRequestBuilders.post(path, variables));
    }

    protected ResultActions put(SignedIn who, Object body, String path, Object... variables) throws Exception {
        return send(who, body, MockMvcRequestBuilders.put(path, variables));
    }

    /** A body that is a String is sent as it stands. */
    private ResultActions send(SignedIn who, Object body, MockHttpServletRequestBuilder request) throws Exception {
        String text = body instanceof String raw ? raw : json.writeValueAsString(body);
        MockHttpServletRequestBuilder whole =
                request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(text);
        return mvc.perform(who == null ? whole : whole.with(Club.as(who)));
    }

    protected JsonNode tree(ResultActions actions) throws Exception {
        return json.readTree(actions.andReturn().getResponse().getContentAsString());
    }

    /** What begins a session of one student at these drills. */
    protected Map<String, Object> newSession(SignedIn student, String... drillIds) {
        return Map.of(
                "studentIds", List.of(student.accountId()),
                "drillIds", List.of(drillIds),
                "tableId", club.table(),
                "coached", true);
    }

    /** A new session of this student, begun by this person. */
    protected String beginSession(SignedIn who, SignedIn student) throws Exception {
        return beginSession(who, student, Club.DRILL);
    }

    protected String beginSession(SignedIn who, SignedIn student, String... drillIds) throws Exception {
        return tree(post(who, newSession(student, drillIds), "/api/v1/sessions"))
                .get("id")
                .asText();
    }

    /** A drill as the bench edits it. */
    protected ObjectNode document(SignedIn who, String id) throws Exception {
        return (ObjectNode) tree(read(who, "/api/v1/drills/{id}/document", id)).get("drill");
    }

    protected String file(SignedIn who, String id) throws Exception {
        return read(who, "/api/v1/drills/{id}/file", id)
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** All attempts of a student as the CSV file that they would save. */
    protected String attemptsCsv(SignedIn student) throws Exception {
        return read(student, "/api/v1/students/{id}/attempts.csv", student.accountId())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** A pot in the ring and a thin miss of this student, in a session of their own. */
    protected void playedAPotAndAMiss(SignedIn student, Object pot) throws Exception {
        String session = beginSession(student, student);
        String path = "/api/v1/sessions/{s}/attempts/{id}";
        put(student, pot, path, session, UUID.randomUUID()).andExpect(status().isOk());
        put(student, Club.body(0, 1, PotOutcome.MISSED_THIN, null), path, session, UUID.randomUUID())
                .andExpect(status().isOk());
    }

    /** The id of a copy that this coach made of a shipped drill. */
    /** How somebody stands on the roster of this coach; nothing where they do not. */
    protected JsonNode onRoster(SignedIn coach, SignedIn person) throws Exception {
        for (JsonNode entry : tree(read(coach, "/api/v1/roster"))) {
            if (entry.get("id").asText().equals(person.accountId().toString())) {
                return entry;
            }
        }
        return null;
    }

    protected String ownDrillOf(SignedIn coach) throws Exception {
        return tree(post(coach, Map.of(), "/api/v1/drills/{id}/copy", Club.DRILL))
                .get("id")
                .asText();
    }

    protected String folderOf(SignedIn who, String name) throws Exception {
        return tree(post(who, Map.of("name", name), "/api/v1/folders"))
                .get("id")
                .asText();
    }

    protected ResultActions delete(SignedIn who, String path, Object... variables) throws Exception {
        return mvc.perform(
                MockMvcRequestBuilders.delete(path, variables).with(csrf()).with(Club.as(who)));
    }
}
