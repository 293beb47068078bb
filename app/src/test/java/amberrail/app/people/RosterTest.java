package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.app.web.Missing;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Who has left is in no list and opens no door, keeps everything, and can come back. */
class RosterTest extends AppTest {
    @Autowired
    PeopleService people;

    private static int status(ResultActions actions) {
        return actions.andReturn().getResponse().getStatus();
    }

    private boolean isInLists(SignedIn coach, SignedIn student) throws Exception {
        String id = student.accountId().toString();
        boolean today = tree(read(coach, "/api/v1/today"))
                .get("students")
                .findValuesAsText("id")
                .contains(id);
        boolean students =
                tree(read(coach, "/api/v1/students")).findValuesAsText("id").contains(id);
        boolean group = tree(read(coach, "/api/v1/group-progress"))
                .get("students")
                .findValuesAsText("studentId")
                .contains(id);
        assertThat(students).isEqualTo(today);
        assertThat(group).isEqualTo(today);
        return today;
    }

    @Test
    void anArchivedStudentKeepsTheirRecordsAndCanComeBack() throws Exception {
        SignedIn coach = club.newCoach();
        String name = Club.anyName();
        SignedIn student =
                people.accept(people.addStudent(coach, "Quill Archer").token(), name, Club.PASSWORD);
        playedAPotAndAMiss(student, Club.potted(0, 1700, 900));
        Map<String, String> signIn = Map.of("signInName", name, "password", Club.PASSWORD);
        assertThat(status(post(null, signIn, "/api/v1/sign-in"))).isEqualTo(200);

        assertThat(status(put(coach, "", "/api/v1/people/{id}/archive", student.accountId())))
                .isEqualTo(204);
        assertThat(isInLists(coach, student)).isFalse();
        assertThat(onRoster(coach, student).get("archived").asBoolean()).isTrue();
        assertThat(status(post(null, signIn, "/api/v1/sign-in")))
                .as("no door opens")
                .isEqualTo(401);
        assertThat(status(post(coach, Map.of(), "/api/v1/people/{id}/link", student.accountId())))
                .as("nor by a new link")
                .isEqualTo(404);
        assertThat(tree(read(coach, "/api/v1/sessions?studentId={id}", student.accountId()))
                        .get("sessions"))
                .as("what was recorded stays")
                .hasSize(1);

        assertThat(status(delete(coach, "/api/v1/people/{id}/archive", student.accountId())))
                .isEqualTo(204);
        assertThat(isInLists(coach, student)).isTrue();
        assertThat(status(post(null, signIn, "/api/v1/sign-in"))).isEqualTo(200);
    }

    @Test
    void aCoachWhoIsSomebodysOnlyOneStaysUntilThereIsAnother() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        JsonNode refusal = tree(put(club.head(), "", "/api/v1/people/{id}/archive", coach.accountId()));
        assertThat(refusal.get("code").asText()).isEqualTo("STUDENTS_LEFT_ALONE");
        assertThat(refusal.get("detail").asText()).contains("only coach of 1 student.");
        people.assignCoach(club.head(), student.accountId(), club.head().accountId());
        assertThat(status(put(club.head(), "", "/api/v1/people/{id}/archive", coach.accountId())))
                .isEqualTo(204);
        assertThat(tree(read(club.head(), "/api/v1/coaches")).findValuesAsText("id"))
                .doesNotContain(coach.accountId().toString());
        assertThat(status(put(
                        club.head(),
                        "",
                        "/api/v1/people/{id}/archive",
                        club.head().accountId())))
                .as("the head coach stays")
                .isEqualTo(403);
    }

    @Test
    void aLinkThatIsEndedOpensNothing() throws Exception {
        PeopleService.Invited invited = people.addStudent(club.head(), "Late Comer");
        UUID id = invited.person().id();
        SignedIn newcomer = new SignedIn(id, Role.STUDENT, false);
        assertThat(onRoster(club.head(), newcomer).has("linkUntil")).isTrue();
        assertThat(status(delete(club.head(), "/api/v1/people/{id}/link", id))).isEqualTo(204);
        assertThat(onRoster(club.head(), newcomer).has("linkUntil")).isFalse();
        assertThatThrownBy(() -> people.invited(invited.token())).isInstanceOf(Missing.class);
    }

    @Test
    void aCoachSeesTheirOwnStudentsAlone() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn own = club.newStudentOf(coach);
        SignedIn other = club.newStudentOf(club.head());
        assertThat(onRoster(coach, own)).isNotNull();
        assertThat(onRoster(coach, other)).isNull();
        assertThat(onRoster(club.head(), coach).get("role").asText()).isEqualTo("COACH");
    }
}
