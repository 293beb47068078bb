package amberrail.app.trail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.app.testing.ScreenWords;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who saw and changed what about whom. */
class TrailTest extends AppTest {
    private static final Set<String> TELL_OF_NOBODY =
            Set.of("web", "shots", "bench", "drills", "aimtable", "backup", "webmvc");

    @Autowired
    PeopleService people;

    @Autowired
    TrailKeeper keeper;

    @Autowired
    JdbcClient sql;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping endpoints;

    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void aStudentWithACoach() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
        // Adding them is a change of their account; what these tests look for comes after it.
        keeper.write();
        sql.sql("delete from audit_entry where subject_id = ?")
                .param(student.accountId())
                .update();
    }

    private List<String> trail(SignedIn reader, SignedIn about) throws Exception {
        List<String> told = new ArrayList<>();
        for (JsonNode line : tree(read(reader, "/api/v1/people/{id}/trail", about.accountId())
                        .andExpect(status().isOk()))
                .get("lines")) {
            told.add(line.get("actor").asText() + " " + line.get("deed").asText() + " "
                    + line.get("area").asText() + " " + line.get("times").asInt());
        }
        return told;
    }

    private String name(SignedIn who) {
        return people.person(who.accountId()).name();
    }

    private void looks(SignedIn who) throws Exception {
        read(who, "/api/v1/students/{id}/progress", student.accountId());
    }

    @Test
    void lookingIsNotedOnceADayWithHowOften() throws Exception {
        looks(coach);
        looks(coach);
        assertThat(trail(student, student)).containsExactly(name(coach) + " SAW progress 2");
        looks(coach);
        assertThat(trail(student, student)).containsExactly(name(coach) + " SAW progress 3");
    }

    @Test
    void ownDataAndWhatWasRefusedLeaveNoTrail() throws Exception {
        looks(student);
        read(club.newCoach(), "/api/v1/students/{id}/progress", student.accountId())
                .andExpect(status().isNotFound());
        put(coach, Map.of("steps", 5), "/api/v1/students/{id}/routine", student.accountId())
                .andExpect(status().isBadRequest());
        assertThat(trail(student, student)).isEmpty();
    }

    @Test
    void aChangeIsToldFromAQuestionThatIsSentAsAPost() throws Exception {
        Map<String, Object> routine = Map.of("steps", List.of("chalk"), "clockSeconds", 25);
        put(coach, routine, "/api/v1/students/{id}/routine", student.accountId())
                .andExpect(status().is2xxSuccessful());
        post(coach, Map.of("studentId", student.accountId()), "/api/v1/racks/headlines")
                .andExpect(status().isOk());
        assertThat(trail(student, student))
                .containsExactlyInAnyOrder(name(coach) + " CHANGED routine 1", name(coach) + " SAW racks 1");
    }

    @Test
    void ofAGroupOnlyWhoPlayedIsChanged() throws Exception {
        SignedIn other = club.newStudentOf(coach);
        Map<String, Object> both = Map.of(
                "studentIds",
                List.of(student.accountId(), other.accountId()),
                "drillIds",
                List.of(Club.DRILL),
                "tableId",
                club.table(),
                "coached",
                true);
        String session = tree(post(coach, both, "/api/v1/sessions")).get("id").asText();
        ObjectNode attempt = json.valueToTree(Club.potted(1, 900, 600));
        attempt.put("studentId", student.accountId().toString());
        put(coach, attempt, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID())
                .andExpect(status().isOk());
        assertThat(trail(student, student)).contains(name(coach) + " CHANGED attempts 1");
        assertThat(trail(other, other)).noneMatch(line -> line.contains("attempts"));
    }

    @Test
    void thePersonAndTheHeadCoachReadItAndNobodyElse() throws Exception {
        looks(coach);
        read(coach, "/api/v1/people/{id}/trail", student.accountId()).andExpect(status().isNotFound());
        read(club.newStudentOf(coach), "/api/v1/people/{id}/trail", student.accountId())
                .andExpect(status().isNotFound());
        read(club.head(), "/api/v1/people/{id}/trail", UUID.randomUUID()).andExpect(status().isNotFound());
        assertThat(trail(club.head(), student)).contains(name(coach) + " SAW progress 1");
        // Reading it is looking, too.
        assertThat(trail(student, student)).contains(name(club.head()) + " SAW trail 1");
        JsonNode done = tree(read(club.head(), "/api/v1/people/{id}/trail?byThem=true", coach.accountId()));
        assertThat(done.get("lines").findValuesAsText("subject")).contains(name(student));
    }

    @Test
    void whatTheHeadCoachDoesWithPeopleOfOthersIsNoted() throws Exception {
        post(club.head(), Map.of(), "/api/v1/people/{id}/link", student.accountId())
                .andExpect(status().isOk());
        read(club.head(), "/api/v1/people/{id}/data", student.accountId()).andExpect(status().isOk());
        assertThat(trail(student, student))
                .contains(name(club.head()) + " CHANGED people 1", name(club.head()) + " SAW personaldata 1");
    }

    @Test
    void itComesInPagesAndIsKeptForAYear() throws Exception {
        for (int i = 0; i < 60; i++) {
            line(OffsetDateTime.now().minusDays(i + 1));
        }
        line(OffsetDateTime.now().minusDays(366));
        JsonNode first = tree(read(student, "/api/v1/people/{id}/trail", student.accountId()));
        assertThat(first.get("lines")).hasSize(50);
        JsonNode rest = tree(read(
                student,
                "/api/v1/people/{id}/trail?before={t}",
                student.accountId(),
                first.get("next").asText()));
        assertThat(rest.get("lines")).hasSize(11);
        assertThat(rest.has("next")).isFalse();
        keeper.forgetWhatIsOld();
        assertThat(sql.sql("select count(*) from audit_entry where subject_id = ?")
                        .param(student.accountId())
                        .query(Integer.class)
                        .single())
                .isEqualTo(60);
    }

    private void line(OffsetDateTime at) {
        sql.sql("insert into audit_entry (on_day, actor_id, subject_id, deed, area, times, first_at, last_at)"
                        + " values (?, ?, ?, 'SAW', 'progress', 1, ?, ?)")
                .params(at.toLocalDate(), coach.accountId(), student.accountId(), at, at)
                .update();
    }

    @Test
    void whoIsErasedMeanwhileStopsNobodysTrail() throws Exception {
        SignedIn leaving = club.newStudentOf(coach);
        read(coach, "/api/v1/students/{id}/progress", leaving.accountId());
        post(
                        leaving,
                        Map.of("way", "ERASE", "now", true, "password", Club.PASSWORD),
                        "/api/v1/people/{id}/erasure",
                        leaving.accountId())
                .andExpect(status().isNoContent());
        looks(coach);
        assertThat(trail(student, student)).contains(name(coach) + " SAW progress 1");
        assertThat(sql.sql("select count(*) from audit_entry where subject_id = ?")
                        .param(leaving.accountId())
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    /** Every part that answers anything has a word by which the trail names it, save those that never tell of anybody. */
    @Test
    void everyPartHasAWord() throws Exception {
        Set<String> words = ScreenWords.pool().keySet();
        Set<String> parts = endpoints.getHandlerMethods().values().stream()
                .filter(method -> method.getBeanType().getPackageName().startsWith("amberrail"))
                .map(TrailNotes::area)
                .filter(area -> !TELL_OF_NOBODY.contains(area))
                .map("trail.area."::concat)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(words).containsAll(parts);
    }

    /** The last requests before a stop are in it, too. */
    @Test
    void whatWaitsIsWrittenWhenTheServerStops() throws Exception {
        looks(coach);
        keeper.stop();
        assertThat(keeper.isRunning()).isFalse();
        assertThat(sql.sql("select count(*) from audit_entry where subject_id = ? and actor_id = ?")
                        .params(student.accountId(), coach.accountId())
                        .query(Integer.class)
                        .single())
                .isPositive();
        keeper.start();
        assertThat(keeper.isRunning()).isTrue();
    }
}
