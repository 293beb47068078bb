package amberrail.app.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** A code of an authenticator app beside the password. */
class AuthenticatorTest extends AppTest {
    private static final String OWN = "/api/v1/me/authenticator";
    private static final int STEP_SECONDS = 30;
    private static final Map<String, String> PASSWORD = Map.of("password", Club.PASSWORD);

    private final OneTimeCodes codes = new OneTimeCodes();

    @Autowired
    PeopleService people;

    private SignedIn coach;
    private String signInName;
    private String secret;

    @BeforeEach
    void aCoach() {
        signInName = Club.anyName();
        coach = people.accept(people.addCoach(club.head(), "Vesna Corrigan").token(), signInName, Club.PASSWORD);
    }

    /** Of the step so many after now; each is good once, so tests take another one each time. */
    private String code(int after) {
        return codes.code(secret, Instant.now().getEpochSecond() / STEP_SECONDS + after);
    }

    private JsonNode turnOn() throws Exception {
        secret = tree(post(coach, PASSWORD, OWN)).get("secret").asText();
        return tree(put(coach, Map.of("code", code(-1)), OWN).andExpect(status().isOk()));
    }

    private ResultActions signIn(String code) throws Exception {
        Map<String, String> typed = new HashMap<>(Map.of("signInName", signInName, "password", Club.PASSWORD));
        if (code != null) {
            typed.put("code", code);
        }
        return post(null, typed, "/api/v1/sign-in");
    }

    @Test
    void aCodeIsAskedForOnceItWasConfirmedAndEachIsGoodOnce() throws Exception {
        signIn(null).andExpect(status().isOk());
        secret = tree(post(coach, PASSWORD, OWN)).get("secret").asText();
        // Begun and not confirmed: whoever closes the page now is not locked out.
        signIn(null).andExpect(status().isOk());
        put(coach, Map.of("code", code(-1)), OWN).andExpect(status().isOk());
        signIn(null)
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.code").value("CODE_NEEDED"))
                .andExpect(jsonPath("$.field").value("code"));
        String now = code(0);
        signIn(now.substring(0, 3) + " " + now.substring(3)).andExpect(status().isOk());
        signIn(now)
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail").value(containsString("used")));
        signIn(code(1)).andExpect(status().isOk());
    }

    @Test
    void aWrongPasswordDoesNotTellWhetherACodeIsAskedFor() throws Exception {
        turnOn();
        post(null, Map.of("signInName", signInName, "password", "something else entirely"), "/api/v1/sign-in")
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.code").value("WRONG_SIGN_IN"));
    }

    @Test
    void eachRecoveryCodeOpensOnceAndTheyAreCounted() throws Exception {
        JsonNode recovery = turnOn().get("recoveryCodes");
        assertThat(recovery).hasSize(10);
        String one = recovery.get(3).asText();
        signIn(" " + one.toUpperCase()).andExpect(status().isOk());
        signIn(one).andExpect(status().isUnauthorized());
        signIn(recovery.get(4).asText().replace('-', ' ')).andExpect(status().isOk());
        signIn(recovery.get(5).asText().replace("-", "")).andExpect(status().isOk());
        signIn(recovery.get(6).asText().substring(1)).andExpect(status().isUnauthorized());
        assertThat(tree(read(coach, OWN)).get("recoveryCodesLeft").asInt()).isEqualTo(7);
    }

    @Test
    void guessedCodesHaveToWait() throws Exception {
        turnOn();
        for (int i = 0; i < 5; i++) {
            signIn("000 00" + i).andExpect(status().isUnauthorized());
        }
        signIn(code(0)).andExpect(status().isTooManyRequests());
    }

    @Test
    void itIsTurnedOnAndOffWithThePasswordOnly() throws Exception {
        Map<String, String> wrong = Map.of("password", "not the password");
        post(coach, wrong, OWN).andExpect(status().isBadRequest());
        turnOn();
        post(coach, PASSWORD, OWN).andExpect(status().isConflict());
        post(coach, wrong, OWN + "/off").andExpect(status().isBadRequest());
        signIn(null).andExpect(status().isUnauthorized());
        post(coach, PASSWORD, OWN + "/off").andExpect(status().isNoContent());
        signIn(null).andExpect(status().isOk());
        assertThat(tree(read(coach, OWN)).get("recoveryCodesLeft").asInt()).isZero();
    }

    @Test
    void aNewOneTimeLinkIsTheWayBackIn() throws Exception {
        turnOn();
        String token = people.newLink(club.head(), coach.accountId()).token();
        post(null, Map.of("signInName", signInName, "password", Club.PASSWORD), "/api/v1/invitations/{t}", token)
                .andExpect(status().isOk());
        signIn(null).andExpect(status().isOk());
    }

    @Test
    void ownPasswordsAreNotGuessedAtLeisure() throws Exception {
        Map<String, String> wrong = Map.of("password", "not the password");
        for (int i = 0; i < 5; i++) {
            post(coach, wrong, OWN).andExpect(status().isBadRequest());
        }
        post(coach, PASSWORD, OWN).andExpect(status().isTooManyRequests());
        put(coach, Map.of("old", Club.PASSWORD, "password", "another long password"), "/api/v1/me/password")
                .andExpect(status().isTooManyRequests());
    }
}
