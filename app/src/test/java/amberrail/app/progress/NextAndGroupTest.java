package amberrail.app.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.sessions.SessionService;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What to play next follows what was played; the group shows a coach's own students and nobody else's. */
class NextAndGroupTest extends AppTest {
    @Autowired
    SessionService sessions;

    @Autowired
    Clock clock;

    private void practise(SignedIn coach, SignedIn student, int daysAgo, int made, int of) throws Exception {
        String session = sessions.begin(
                        coach,
                        new SessionService.Beginning(
                                List.of(student.accountId()), List.of(Club.DRILL), club.table(), true),
                        Instant.now(clock).minus(Duration.ofDays(daysAgo)))
                .id()
                .toString();
        for (int i = 0; i < of; i++) {
            put(
                    coach,
                    i < made ? Club.potted(i, 1746.25, 1016) : Club.body(0, i, PotOutcome.MISSED_THIN, null),
                    "/api/v1/sessions/{s}/attempts/{id}",
                    session,
                    UUID.randomUUID());
        }
    }

    private JsonNode next(SignedIn who, SignedIn student) throws Exception {
        return tree(read(who, "/api/v1/students/{id}/next-stations", student.accountId()));
    }

    private static double gradeInPosition(JsonNode next) {
        for (JsonNode one : next.get("stations")) {
            if (one.get("skill").asText().equals("POSITION")) {
                return one.get("studentGrade").asDouble();
            }
        }
        throw new AssertionError("no station of position: " + next);
    }

    @Test
    void whoSucceedsIsSentToHarderStationsThanWhoFails() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn strong = club.newStudentOf(coach);
        SignedIn weak = club.newStudentOf(coach);
        practise(coach, strong, 2, 19, 20);
        practise(coach, weak, 2, 1, 20);
        JsonNode forStrong = next(coach, strong);
        JsonNode forWeak = next(coach, weak);
        assertThat(gradeInPosition(forStrong)).isGreaterThan(gradeInPosition(forWeak) + 150);
        for (JsonNode one : forStrong.get("stations")) {
            double grade = one.get("stationGrade").asDouble();
            if (one.get("inBand").asBoolean() && one.get("skill").asText().equals("POSITION")) {
                // 60 to 75 %: the station's grade lies below the student's.
                assertThat(grade).isLessThan(one.get("studentGrade").asDouble());
            }
            assertThat(one.get("upper").asDouble()).isGreaterThan(one.get("p").asDouble());
        }
    }

    @Test
    void aSkillThatNobodyPlayedSaysThatItIsGuessed() throws Exception {
        SignedIn student = club.newStudentOf(club.newCoach());
        for (JsonNode one : next(student, student).get("stations")) {
            assertThat(one.get("skillUntried").asBoolean()).isTrue();
            assertThat(one.get("studentTries").asInt()).isZero();
            assertThat(one.get("upper").asDouble() - one.get("lower").asDouble())
                    .isGreaterThan(0.5);
        }
    }

    @Test
    void aGoodVisitIsDueLaterThanABadOne() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn steady = club.newStudentOf(coach);
        SignedIn shaky = club.newStudentOf(coach);
        for (int daysAgo : new int[] {20, 15, 3}) {
            practise(coach, steady, daysAgo, 8, 10);
            practise(coach, shaky, daysAgo, 2, 10);
        }
        for (JsonNode student : tree(read(coach, "/api/v1/group-progress")).get("students")) {
            boolean isShaky =
                    student.get("studentId").asText().equals(shaky.accountId().toString());
            assertThat(student.get("sessionsLately").asInt()).isEqualTo(3);
            // Eight days after three good visits, one day after a bad one; it was three days ago.
            assertThat(student.get("due")).hasSize(isShaky ? 1 : 0);
        }
    }

    @Test
    void aCoachSeesTheirOwnStudentsAndAStudentNoGroup() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn own = club.newStudentOf(coach);
        club.newStudentOf(club.newCoach());
        JsonNode group = tree(read(coach, "/api/v1/group-progress"));
        assertThat(group.get("students")).hasSize(1);
        assertThat(group.at("/students/0/studentId").asText())
                .isEqualTo(own.accountId().toString());
        assertThat(group.at("/students/0/skills")).isEmpty();
        read(own, "/api/v1/group-progress").andExpect(status().isForbidden());
    }
}
