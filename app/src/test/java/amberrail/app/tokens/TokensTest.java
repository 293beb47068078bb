package amberrail.app.tokens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.net.URI;
import java.time.OffsetDateTime;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Tokens in place of a sign-in. */
class TokensTest extends AppTest {
    private static final String OWN = "/api/v1/me/tokens";

    @Autowired
    JdbcClient sql;

    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void aCoachWithAStudent() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
    }

    private JsonNode made(SignedIn who, String scope) throws Exception {
        return tree(post(who, Map.of("name", "Scorer by the door", "scope", scope, "days", 30), OWN)
                .andExpect(status().isOk()));
    }

    private String secret(SignedIn who, String scope) throws Exception {
        return made(who, scope).get("secret").asText();
    }

    /** Without a session and without the token against forgery, as a script asks. */
    private ResultActions with(String secret, HttpMethod method, String path, Object body) throws Exception {
        MockHttpServletRequestBuilder request = request(method, path).header("Authorization", "Bearer " + secret);
        if (body != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(json.writeValueAsString(body));
        }
        return mvc.perform(request);
    }

    @Test
    void itSeesWhatItsOwnerSees() throws Exception {
        String secret = secret(coach, "READ");
        with(secret, HttpMethod.GET, "/api/v1/students", null)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].id").value(student.accountId().toString()));
        SignedIn other = club.newStudentOf(club.newCoach());
        with(secret, HttpMethod.GET, "/api/v1/students/" + other.accountId() + "/progress", null)
                .andExpect(status().isNotFound());
    }

    @Test
    void aReaderMayNotRecordAndARecorderMay() throws Exception {
        Map<String, Object> body = newSession(student, Club.DRILL);
        with(secret(coach, "READ"), HttpMethod.POST, "/api/v1/sessions", body)
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.code").value("BEYOND_TOKEN"));
        String recorder = secret(coach, "RECORD");
        String session = tree(with(recorder, HttpMethod.POST, "/api/v1/sessions", body)
                        .andExpect(status().isCreated()))
                .get("id")
                .asText();
        String attempt = "/api/v1/sessions/" + session + "/attempts/" + UUID.randomUUID();
        with(recorder, HttpMethod.PUT, attempt, Club.potted(0, 1000, 500)).andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource({
        "GET, /api/v1/me/tokens",
        "GET, /api/v1/me/sign-ins",
        "PUT, /api/v1/me/password",
        "GET, /api/v1/roster",
        "GET, /api/v1/backups",
        "POST, /api/v1/students",
        "GET, /api/v1/people/not-seen",
        "GET, /api/v1/hand-overs",
        "POST, /api/v1/sign-out",
        "DELETE, /api/v1/me/notices",
        "GET, /v3/api-docs"
    })
    void noTokenGoesFurther(String method, String path) throws Exception {
        with(secret(club.head(), "RECORD"), HttpMethod.valueOf(method), path, Map.of())
                .andExpect(status().isForbidden());
    }

    @Test
    void anEscapedAddressGoesNoFurther() throws Exception {
        String secret = secret(club.head(), "RECORD");
        for (String path : new String[] {"/api/v1/%70eople/not-seen", "/api/v1/me/%74okens", "/api/v1/bac%6Bups"}) {
            mvc.perform(request(HttpMethod.GET, URI.create(path)).header("Authorization", "Bearer " + secret))
                    .andExpect(status().isForbidden());
        }
    }

    @Test
    void anEndedOneARunOutOneAndAnyOtherWordOpenNothing() throws Exception {
        JsonNode one = made(coach, "READ");
        String secret = one.get("secret").asText();
        delete(coach, OWN + "/" + one.at("/token/id").asText()).andExpect(status().isNoContent());
        String old = secret(coach, "READ");
        sql.sql("update access_token set expires_at = ? where account_id = ?")
                .params(OffsetDateTime.now().minusMinutes(1), coach.accountId())
                .update();
        for (String word : new String[] {secret, old, "ar_anything", ""}) {
            with(word, HttpMethod.GET, "/api/v1/students", null)
                    .andExpect(status().isUnauthorized())
                    .andExpect(jsonPath("$.code").value("TOKEN_ENDED"));
        }
    }

    @Test
    void ofWhoHasLeftNoneIsGood() throws Exception {
        String secret = secret(student, "READ");
        with(secret, HttpMethod.GET, "/api/v1/me", null).andExpect(status().isOk());
        put(coach, null, "/api/v1/people/{id}/archive", student.accountId()).andExpect(status().isNoContent());
        with(secret, HttpMethod.GET, "/api/v1/me", null).andExpect(status().isUnauthorized());
    }

    @Test
    void itIsShownOnceAndOnlyItsHashIsKept() throws Exception {
        String secret = secret(coach, "READ");
        with(secret, HttpMethod.GET, "/api/v1/students", null).andExpect(status().isOk());
        JsonNode listed = tree(read(coach, OWN));
        assertThat(listed.toString()).doesNotContain(secret);
        assertThat(listed.get(0).get("lastUsedAt").asText()).isNotBlank();
        assertThat(sql.sql("select token_hash from access_token where account_id = ?")
                        .param(coach.accountId())
                        .query(String.class)
                        .single())
                .isNotEqualTo(secret)
                .hasSize(64);
    }

    @Test
    void othersEndNobodysAndThereIsALimit() throws Exception {
        String id = made(coach, "READ").at("/token/id").asText();
        delete(club.newCoach(), OWN + "/" + id).andExpect(status().isNotFound());
        for (int i = 1; i < 20; i++) {
            made(coach, "READ");
        }
        post(coach, Map.of("name", "one more", "scope", "READ", "days", 30), OWN)
                .andExpect(status().isConflict());
        post(coach, Map.of("name", "", "scope", "READ", "days", 900), OWN).andExpect(status().isBadRequest());
    }
}
