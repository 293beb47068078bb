package amberrail.app.consent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;

/** What is kept of a minor, and who has long not been seen. */
class GuardianshipTest extends AppTest {
    @Autowired
    PeopleService people;

    @Autowired
    JdbcClient sql;

    private SignedIn coach;
    private SignedIn student;
    private String fullName;
    private String path;

    @BeforeEach
    void aStudentInAClubThatAsks() throws Exception {
        asks("BIRTH_YEAR");
        coach = club.newCoach();
        fullName = "Ivo Marchetti-" + Long.toString(System.nanoTime(), 36);
        student = people.accept(people.addStudent(coach, fullName).token(), Club.anyName(), Club.PASSWORD);
        path = "/api/v1/people/" + student.accountId();
    }

    @AfterEach
    void theClubAsksNothingAgain() throws Exception {
        asks("NOTHING");
    }

    private void asks(String what) throws Exception {
        put(
                        club.head(),
                        Map.of("asks", what, "safeguarding", "Nell at the desk", "askAfterMonths", 24),
                        "/api/v1/club/care")
                .andExpect(status().isOk());
    }

    private ResultActions mark(boolean minor, Integer year, String nickname) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of("minor", minor, "nickname", nickname));
        if (year != null) {
            body.put("birthYear", year);
        }
        return put(coach, body, path + "/age");
    }

    private ResultActions consented(String kind) throws Exception {
        return post(
                coach,
                Map.of(
                        "kind",
                        kind,
                        "givenBy",
                        "Bruna Marchetti",
                        "givenOn",
                        LocalDate.now().toString()),
                path + "/consents");
    }

    private String name() {
        return people.person(student.accountId()).name();
    }

    @Test
    void withoutConsentOnlyANicknameIsKept() throws Exception {
        mark(true, null, fullName)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("nickname"));
        assertThat(name()).isEqualTo(fullName);
        JsonNode kept =
                tree(mark(true, LocalDate.now().getYear() - 14, "Tigger").andExpect(status().isOk()));
        assertThat(name()).isEqualTo("Tigger");
        assertThat(kept.get("nicknameOnly").asBoolean()).isTrue();
        assertThat(kept.has("birthYear")).isFalse();
        put(coach, Map.of("guardian", "Bruna Marchetti", "contact", "0"), path + "/guardian")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value(containsString("consent to records first")));
        put(coach, Map.of("name", fullName), path + "/name").andExpect(status().isBadRequest());
        assertThat(sql.sql("select count(*) from account where name = ?")
                        .param(fullName)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void withConsentTheNameYearAndGuardianAreKeptAndAWithdrawalTakesThemAway() throws Exception {
        mark(true, null, "Tigger");
        String consent = tree(consented("RECORDS").andExpect(status().isOk()))
                .at("/consents/0/id")
                .asText();
        put(coach, Map.of("name", fullName), path + "/name").andExpect(status().isNoContent());
        mark(true, LocalDate.now().getYear() - 14, "").andExpect(status().isOk());
        put(coach, Map.of("guardian", "Bruna Marchetti", "contact", "call after six"), path + "/guardian")
                .andExpect(status().isOk());
        String session = beginSession(coach, student);
        put(coach, Map.of("note", fullName + " brought a new cue"), "/api/v1/sessions/{s}/note", session);
        JsonNode withdrawn =
                tree(post(coach, Map.of("nickname", "Tigger"), path + "/consents/" + consent + "/withdrawal")
                        .andExpect(status().isOk()));
        assertThat(withdrawn.get("guardian").asText()).isEmpty();
        assertThat(withdrawn.has("birthYear")).isFalse();
        assertThat(withdrawn.at("/consents/0/withdrawnAt").asText()).isNotBlank();
        assertThat(name()).isEqualTo("Tigger");
        assertThat(tree(read(coach, "/api/v1/sessions/{s}", session))
                        .at("/session/note")
                        .asText())
                .isEqualTo("Tigger brought a new cue");
        post(coach, Map.of("nickname", "Tigger"), path + "/consents/" + consent + "/withdrawal")
                .andExpect(status().isNotFound());
    }

    @Test
    void whoTurnsEighteenThisYearIsAMinorToItsEnd() throws Exception {
        mark(false, LocalDate.now().getYear() - 19, "")
                .andExpect(jsonPath("$.minor").value(false));
        assertThat(name()).isEqualTo(fullName);
        mark(false, LocalDate.now().getYear() - 18, "Tigger")
                .andExpect(jsonPath("$.minor").value(true));
        assertThat(name()).isEqualTo("Tigger");
    }

    @Test
    void theClubDecidesWhatIsAsked() throws Exception {
        asks("MARK");
        mark(true, 2012, "Tigger")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("birthYear"));
        asks("NOTHING");
        mark(true, null, "Tigger")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("minor"));
        consented("PHOTOS").andExpect(status().isConflict());
        assertThat(tree(read(student, "/api/v1/club/care")).get("safeguarding").asText())
                .isEqualTo("Nell at the desk");
    }

    @Test
    void aConsentIsNotedOnceAndOnADayThatCanBe() throws Exception {
        mark(true, null, "Tigger");
        consented("PHOTOS").andExpect(status().isOk());
        consented("PHOTOS").andExpect(status().isConflict());
        for (String day :
                new String[] {"1999-01-01", LocalDate.now().plusDays(3).toString()}) {
            post(coach, Map.of("kind", "SHARING", "givenBy", "Bruna", "givenOn", day), path + "/consents")
                    .andExpect(status().isBadRequest())
                    .andExpect(jsonPath("$.field").value("givenOn"));
        }
    }

    @Test
    void whoHasNotPractisedForTwoYearsIsAskedAboutUntilSomebodySaysKeep() throws Exception {
        assertThat(notSeen()).doesNotContain(fullName);
        sql.sql("update account set created_at = ? where id = ?")
                .params(OffsetDateTime.now().minusMonths(25), student.accountId())
                .update();
        assertThat(notSeen()).contains(fullName);
        put(coach, null, path + "/kept").andExpect(status().isNoContent());
        assertThat(notSeen()).doesNotContain(fullName);
        sql.sql("update account set kept_until = ? where id = ?")
                .params(LocalDate.now().minusDays(1), student.accountId())
                .update();
        assertThat(notSeen()).contains(fullName);
        beginSession(coach, student);
        assertThat(notSeen()).doesNotContain(fullName);
        assertThat(tree(read(club.newCoach(), "/api/v1/people/not-seen"))).isEmpty();
    }

    private List<String> notSeen() throws Exception {
        return tree(read(coach, "/api/v1/people/not-seen")).findValuesAsText("name");
    }
}
