package amberrail.app.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import jakarta.servlet.http.Cookie;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SignInTest extends AppTest {
    @Autowired
    PeopleService people;

    @Autowired
    JdbcTemplate database;

    @Test
    void theRightPasswordOpensASessionWhoseCookieScriptsCannotRead() throws Exception {
        String name = newStudent();
        MockHttpServletResponse response =
                signIn(name, Club.PASSWORD).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        Cookie cookie = response.getCookie("AMBER_SESSION");
        assertThat(cookie).isNotNull();
        assertThat(cookie.isHttpOnly()).isTrue();
        assertThat(cookie.getAttribute("SameSite")).isEqualToIgnoringCase("Lax");
        assertThat(mvc.perform(get("/api/v1/me").cookie(cookie))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
    }

    @Test
    void aWrongPasswordAndAnUnknownNameReadTheSame() throws Exception {
        JsonNode wrong = tree(signIn(newStudent(), "not the password"));
        JsonNode unknown = tree(signIn(Club.anyName(), "not the password"));
        assertThat(wrong).isEqualTo(unknown);
        assertThat(wrong.get("detail").asText()).contains("do not belong together");
    }

    @Test
    void guessingIsSlowedDownAndSaysHowLongToWait() throws Exception {
        String name = newStudent();
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(name, "guess " + i).andReturn().getResponse().getStatus())
                    .isEqualTo(401);
        }
        MockHttpServletResponse sixth = signIn(name, Club.PASSWORD).andReturn().getResponse();
        assertThat(sixth.getStatus()).isEqualTo(429);
        assertThat(Integer.parseInt(sixth.getHeader("Retry-After"))).isBetween(1, 600);
        assertThat(sixth.getContentAsString()).contains("Wait");
    }

    @Test
    void hundredMadeUpNamesFromOneAddressDelayNobodyElse() throws Exception {
        String name = newStudent();
        for (int i = 0; i < 100; i++) {
            assertThat(signIn("made-up-" + i, "guess").andReturn().getResponse().getStatus())
                    .isEqualTo(401);
        }
        assertThat(signIn(name, Club.PASSWORD).andReturn().getResponse().getStatus())
                .isEqualTo(200);
    }

    @Test
    void whoHasSignedInOnADeviceIsNotDelayedByOthersGuesses() throws Exception {
        String name = newStudent();
        Cookie device = signIn(name, Club.PASSWORD).andReturn().getResponse().getCookie("AMBER_DEVICE");
        assertThat(device).isNotNull();
        assertThat(device.isHttpOnly()).isTrue();
        for (int i = 0; i < 8; i++) {
            signIn(name, "guess " + i);
        }
        assertThat(signIn(name, Club.PASSWORD).andReturn().getResponse().getStatus())
                .as("a device that nobody knows waits")
                .isEqualTo(429);
        String body = json.writeValueAsString(Map.of("signInName", name, "password", Club.PASSWORD));
        int own = mvc.perform(MockMvcRequestBuilders.post("/api/v1/sign-in")
                        .with(csrf())
                        .contentType("application/json")
                        .content(body)
                        .cookie(device))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(own).as("the owner's own device").isEqualTo(200);
    }

    @Test
    void ownPasswordIsChangedByWhoeverKnowsItAndEndsTheOtherSignIns() throws Exception {
        String name = newStudent();
        Cookie tablet = session(name);
        Cookie phone = session(name);
        assertThat(change(tablet, "not it at all", "an entirely other password"))
                .isEqualTo(400);
        assertThat(change(tablet, Club.PASSWORD, "an entirely other password")).isEqualTo(204);
        assertThat(me(tablet)).as("the one that did it").isEqualTo(200);
        assertThat(me(phone)).as("the other").isEqualTo(401);
        assertThat(signIn(name, Club.PASSWORD).andReturn().getResponse().getStatus())
                .isEqualTo(401);
        String notices = mvc.perform(get("/api/v1/me/notices").cookie(tablet))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(notices).contains("PASSWORD_CHANGED");
    }

    @Test
    void signInsAreListedAndOneCanBeEndedFromAnother() throws Exception {
        String name = newStudent();
        Cookie tablet = session(name);
        Cookie phone = session(name);
        JsonNode list = json.readTree(mvc.perform(get("/api/v1/me/sign-ins").cookie(tablet))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(list).hasSize(2);
        String other = null;
        for (JsonNode one : list) {
            other = one.get("current").asBoolean() ? other : one.get("id").asText();
        }
        assertThat(list.toString()).as("the session's own id stays secret").doesNotContain(phone.getValue());
        mvc.perform(MockMvcRequestBuilders.delete("/api/v1/me/sign-ins/{id}", other)
                .with(csrf())
                .cookie(tablet));
        assertThat(me(phone)).isEqualTo(401);
        assertThat(me(tablet)).isEqualTo(200);
    }

    @Test
    void theStudentIsToldWhenACoachMadeANewLinkAndWhenItWasUsed() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        assertThat(tree(read(student, "/api/v1/me/notices"))).isEmpty();
        String token = people.newLink(club.head(), student.accountId()).token();
        assertThat(tree(read(student, "/api/v1/me/notices")).at("/0/kind").asText())
                .isEqualTo("LINK_MADE");
        assertThat(tree(read(student, "/api/v1/me/notices")).at("/0/byName").asText())
                .isEqualTo("Head Coach");
        accept(token, Map.of("signInName", Club.anyName(), "password", "another long password"));
        assertThat(tree(read(student, "/api/v1/me/notices")).toString()).contains("LINK_USED");
        delete(student, "/api/v1/me/notices");
        assertThat(tree(read(student, "/api/v1/me/notices"))).isEmpty();
    }

    @Test
    void aPageThatSpeaksForSomebodyElseIsToldThatItsSignInHasEnded() throws Exception {
        String name = newStudent();
        Cookie now = session(name);
        int other = mvc.perform(get("/api/v1/me").cookie(now).header("X-Amber-Account", java.util.UUID.randomUUID()))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(other).isEqualTo(401);
    }

    private Cookie session(String name) throws Exception {
        return signIn(name, Club.PASSWORD).andReturn().getResponse().getCookie("AMBER_SESSION");
    }

    private int me(Cookie session) throws Exception {
        return mvc.perform(get("/api/v1/me").cookie(session))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private int change(Cookie session, String old, String wanted) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.put("/api/v1/me/password")
                        .with(csrf())
                        .contentType("application/json")
                        .content(json.writeValueAsString(Map.of("old", old, "password", wanted)))
                        .cookie(session))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    void passwordsAreKeptAsArgon2HashesOnly() {
        club.newStudentOf(club.head());
        assertThat(database.queryForList(
                        "select password_hash from account where password_hash is not null", String.class))
                .isNotEmpty()
                .allMatch(hash -> hash.startsWith("$argon2id$"));
    }

    @Test
    void aOneTimeLinkWorksOnceAndEndsOlderSignIns() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String token = people.newLink(club.head(), student.accountId()).token();
        String name = Club.anyName();
        Map<String, String> wanted = Map.of("signInName", name, "password", "another long password");
        MockHttpServletResponse first = accept(token, wanted);
        assertThat(first.getStatus()).isEqualTo(200);
        assertThat(accept(token, wanted).getStatus()).isEqualTo(404);
        String again = people.newLink(club.head(), student.accountId()).token();
        accept(again, Map.of("signInName", name, "password", "a third long password"));
        int old = mvc.perform(get("/api/v1/me").cookie(first.getCookie("AMBER_SESSION")))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(old).as("the sign-in from before the new password").isEqualTo(401);
    }

    @Test
    void whatIsWrongWithANewSignInStandsAtItsField() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String token = people.newLink(club.head(), student.accountId()).token();
        JsonNode problem = tree(
                post(null, Map.of("signInName", "ok-name", "password", "short"), "/api/v1/invitations/{token}", token));
        assertThat(problem.get("field").asText()).isEqualTo("password");
        assertThat(problem.get("detail").asText()).contains("10 to 200 characters");
        JsonNode taken = tree(post(
                null, Map.of("signInName", "HEAD", "password", Club.PASSWORD), "/api/v1/invitations/{token}", token));
        assertThat(taken.get("code").asText()).isEqualTo("NAME_TAKEN");
    }

    @Test
    void onlyAnEmptyClubTakesAFirstCoach() throws Exception {
        club.head();
        JsonNode problem = tree(post(
                null,
                Map.of("name", "Late", "signInName", "late", "password", Club.PASSWORD),
                "/api/v1/club/first-coach"));
        assertThat(problem.get("code").asText()).isEqualTo("ALREADY_SET_UP");
    }

    @Test
    void aStudentHasAtMostTwoCoachesAndNeverNone() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        SignedIn second = club.newCoach();
        SignedIn third = club.newCoach();
        String path = "/api/v1/students/{id}/coaches/{coachId}";
        assertThat(status(put(club.head(), "", path, student.accountId(), second.accountId())))
                .isEqualTo(204);
        assertThat(status(put(club.head(), "", path, student.accountId(), third.accountId())))
                .isEqualTo(409);
        people.releaseCoach(club.head(), student.accountId(), second.accountId());
        assertThat(tree(read(second, "/api/v1/today")).get("students")).isEmpty();
        assertThat(onRoster(club.head(), student).get("coachIds")).hasSize(1);
        assertThat(onRoster(club.head(), student).at("/coachIds/0").asText())
                .isEqualTo(club.head().accountId().toString());
    }

    private static int status(ResultActions actions) {
        return actions.andReturn().getResponse().getStatus();
    }

    private String newStudent() {
        String name = Club.anyName();
        people.accept(people.addStudent(club.head(), "Student").token(), name, Club.PASSWORD);
        return name;
    }

    private ResultActions signIn(String name, String password) throws Exception {
        return post(null, Map.of("signInName", name, "password", password), "/api/v1/sign-in");
    }

    private MockHttpServletResponse accept(String token, Map<String, String> wanted) throws Exception {
        return post(null, wanted, "/api/v1/invitations/{token}", token)
                .andReturn()
                .getResponse();
    }
}
