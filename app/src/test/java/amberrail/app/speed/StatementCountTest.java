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
        SignedIn student = club.newStudentOf(coach);
        String session = session(List.of(student));
        attempts(session, student, 3);
        statements.taken();
        put(coach, Club.potted(9, 1700, 1000), PATH, session, UUID.randomUUID()).andReturn();
        assertThat(ofThePage()).hasSizeLessThanOrEqualTo(7);
    }

    @Test
    void aPatternsShotsAreInsertedOnceAndCostTheSame() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        String session = beginSession(coach, student, "two-in-order", Club.DRILL);
        put(coach, ofAPattern(UUID.randomUUID(), 0, 0), PATH, session, UUID.randomUUID())
                .andExpect(status().isOk());
        UUID tryId = UUID.randomUUID();
        for (int shot = 0; shot < 2; shot++) {
            statements.taken();
            put(coach, ofAPattern(tryId, 1 + shot, shot), PATH, session, UUID.randomUUID())
                    .andExpect(status().isOk());
            List<String> asked = ofThePage();
            assertThat(asked)
                    .as("shot " + shot)
                    .hasSizeLessThanOrEqualTo(7)
                    .noneMatch(one -> one.startsWith("update attempt "));
            assertThat(asked.stream().filter(one -> one.startsWith("insert into attempt ")))
                    .hasSize(1);
        }
    }

    private ObjectNode ofAPattern(UUID tryId, long sequence, int shot) {
        return ((ObjectNode) json.valueToTree(Club.potted(sequence, 1700, 1000)))
                .put("drillId", "two-in-order")
                .put("tryId", tryId.toString())
                .put("shot", shot);
    }

    /** It also reads the visit, asks what was played elsewhere, and makes the place where it is counted. */
    @Test
    void theFirstPutAtAStation() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        String session = session(List.of(student));
        attempts(session, student, 1);
        statements.taken();
        ObjectNode elsewhere = ((ObjectNode) json.valueToTree(Club.potted(1, 1700, 1000))).put("station", 1);
        put(coach, elsewhere, PATH, session, UUID.randomUUID()).andExpect(status().isOk());
        assertThat(ofThePage()).hasSizeLessThanOrEqualTo(10);
    }

    @Test
    void aReviewOfFiveHundredAttempts() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        String session = session(List.of(student));
        attempts(session, student, 500);
        assertThat(cost("/api/v1/sessions/{id}/review", session)).hasSizeLessThanOrEqualTo(10);
    }

    @Test
    void theLibrary() throws Exception {
        assertThat(cost("/api/v1/drills")).hasSizeLessThanOrEqualTo(5);
    }
}
