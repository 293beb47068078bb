package amberrail.app.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.app.testing.CountedStatements;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;

/** However many students, sessions and attempts: a page costs the same few questions to the database. */
@Import(StatementCountTest.Counting.class)
class StatementCountTest extends AppTest {
    @TestConfiguration
    static class Counting {
        @Bean
        static CountedStatements countedStatements() {
            return new CountedStatements();
        }
    }

    private static final String PATTERN = "two-in-order";
    private static final String PATH = "/api/v1/sessions/{s}/attempts/{a}";

    @Autowired
    CountedStatements statements;

    private SignedIn coach;

    @BeforeEach
    void aCoachOfTheirOwn() {
        coach = club.newCoach();
    }

    private String session(List<SignedIn> students) throws Exception {
        return tree(post(
                        coach,
                        Map.of(
                                "studentIds",
                                        students.stream()
                                                .map(SignedIn::accountId)
                                                .toList(),
                                "drillIds", List.of(Club.DRILL, "draw-ladder"),
                                "tableId", club.table(),
                                "coached", true),
                        "/api/v1/sessions"))
                .get("id")
                .asText();
    }

    private void attempts(String session, SignedIn student, int count) throws Exception {
        for (int i = 0; i < count; i++) {
            var body = json.valueToTree(Club.potted(i, 1700 + i % 90, 1000 + i % 70));
            ((ObjectNode) body).put("studentId", student.accountId().toString());
            put(coach, body, PATH, session, UUID.randomUUID()).andExpect(status().isOk());
        }
    }

    /** Asked once before, as a page is that somebody has just left. */
    private List<String> cost(String path, Object... variables) throws Exception {
        read(coach, path, variables).andExpect(status().isOk());
        statements.taken();
        read(coach, path, variables).andExpect(status().isOk());
        return ofThePage();
    }

    /** Who is signed in is looked up for every request alike, and in these tests each request signs in anew: not counted. */
    private List<String> ofThePage() {
        return statements.taken().stream()
                .filter(one -> !one.contains("SPRING_SESSION"))
                .toList();
    }

    @Test
    void todayForTwentyStudents() throws Exception {
        List<SignedIn> students = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            students.add(club.newStudentOf(coach));
        }
        for (int i = 0; i < 20; i++) {
            String one = session(List.of(students.get(i)));
            attempts(one, students.get(i), 1);
            session(List.of(students.get(i), students.get((i + 1) % 20)));
        }
        assertThat(cost("/api/v1/today")).hasSizeLessThanOrEqualTo(8);
    }

    @Test
    void fiftySessionsListed() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        for (int i = 0; i < 50; i++) {
            session(List.of(student));
        }
        assertThat(cost("/api/v1/students/{id}/sessions", student.accountId())).hasSizeLessThanOrEqualTo(6);
        assertThat(cost("/api/v1/sessions?limit=50")).hasSizeLessThanOrEqualTo(6);
    }

    @Test
    void onePut() throws Exception {
        String session = playedAlready(3);
        assertThat(costOfAPut(session, potted(9, 0))).hasSizeLessThanOrEqualTo(6);
    }

    /** It also reads the visit, asks what was played elsewhere, and makes the place where it is counted. */
    @Test
    void theFirstPutAtAStation() throws Exception {
        String session = playedAlready(1);
        assertThat(costOfAPut(session, potted(1, 1))).hasSizeLessThanOrEqualTo(10);
    }

    @Test
    void aPatternsShotsAreInsertedOnceAndCostTheSame() throws Exception {
        String session = beginSession(coach, club.newStudentOf(coach), PATTERN);
        costOfAPut(session, ofAPattern(UUID.randomUUID(), 0, 0));
        UUID tryId = UUID.randomUUID();
        for (int shot = 0; shot < 2; shot++) {
            List<String> asked = costOfAPut(session, ofAPattern(tryId, 1 + shot, shot));
            assertThat(asked)
                    .as("shot " + shot)
                    .hasSizeLessThanOrEqualTo(6)
                    .noneMatch(one -> one.startsWith("update attempt "));
            assertThat(asked.stream().filter(one -> one.startsWith("insert into attempt ")))
                    .hasSize(1);
        }
    }

    private String playedAlready(int count) throws Exception {
        SignedIn student = club.newStudentOf(coach);
        String session = session(List.of(student));
        attempts(session, student, count);
        return session;
    }

    private List<String> costOfAPut(String session, ObjectNode body) throws Exception {
        statements.taken();
        put(coach, body, PATH, session, UUID.randomUUID()).andExpect(status().isOk());
        return ofThePage();
    }

    private ObjectNode potted(long sequence, int station) {
        return ((ObjectNode) json.valueToTree(Club.potted(sequence, 1700, 1000))).put("station", station);
    }

    private ObjectNode ofAPattern(UUID tryId, long sequence, int shot) {
        return potted(sequence, 0)
                .put("drillId", PATTERN)
                .put("tryId", tryId.toString())
                .put("shot", shot);
    }

    @Test
    void aReviewOfFiveHundredAttempts() throws Exception {
        String session = playedAlready(500);
        assertThat(cost("/api/v1/sessions/{id}/review", session)).hasSizeLessThanOrEqualTo(10);
    }

    @Test
    void theLibrary() throws Exception {
        assertThat(cost("/api/v1/drills")).hasSizeLessThanOrEqualTo(5);
    }
}
