package amberrail.app.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.app.testing.CountedStatements;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.ParameterMetaData;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Recording must not become slower with every attempt that a student has ever played: the database chooses its ways anew once it knows how many there
 * are, and it chose the wrong one.
 */
@Import(StatementCountTest.Counting.class)
class ManyAttemptsPlansTest extends AppTest {
    private static final int PLAYED_BEFORE = 5_000;
    private static final String PATTERN = "two-in-order";

    @Autowired
    CountedStatements statements;

    @Autowired
    JdbcTemplate database;

    @Autowired
    DataSource dataSource;

    private String session(SignedIn student) throws Exception {
        return beginSession(club.head(), student, PATTERN, Club.DRILL);
    }

    private void record(String session, UUID id, String drill, UUID tryId, int shot) throws Exception {
        ObjectNode body = json.valueToTree(Club.potted(shot, 1700, 1000));
        body.put("drillId", drill).put("tryId", tryId.toString()).put("shot", shot);
        put(club.head(), body, "/api/v1/sessions/{s}/attempts/{a}", session, id).andExpect(status().isOk());
    }

    /** What they played in a session before, as often as that makes a few thousand. */
    private void playedMuch(SignedIn student) throws Exception {
        String before = session(student);
        UUID first = UUID.randomUUID();
        record(before, first, Club.DRILL, UUID.randomUUID(), 0);
        List<String> columns = database.queryForList(
                "select column_name from information_schema.columns where table_name = 'ATTEMPT' and column_name not in"
                        + " ('ID', 'TRY_ID', 'SEQUENCE') order by ordinal_position",
                String.class);
        String others = String.join(", ", columns);
        database.update(
                "insert into attempt (id, try_id, sequence, " + others + ") select random_uuid(), random_uuid(), x, "
                        + others + " from attempt cross join system_range(1, " + PLAYED_BEFORE + ") where id = ?",
                first);
        database.execute("analyze");
    }

    private String plan(String statement) throws SQLException {
        try (Connection connection = dataSource.getConnection();
                PreparedStatement explained = connection.prepareStatement("explain " + statement)) {
            ParameterMetaData asked = explained.getParameterMetaData();
            for (int i = 1; i <= asked.getParameterCount(); i++) {
                explained.setObject(i, anyOf(asked.getParameterType(i), asked.getParameterTypeName(i)));
            }
            try (ResultSet row = explained.executeQuery()) {
                row.next();
                return row.getString(1);
            }
        }
    }

    private static Object anyOf(int type, String name) {
        return switch (type) {
            case Types.INTEGER, Types.BIGINT -> 1;
            case Types.BOOLEAN -> false;
            default -> name.equals("UUID") ? UUID.randomUUID() : "x";
        };
    }

    @Test
    void aRecordedShotNeverLooksThroughAllThatTheStudentHasPlayed() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        playedMuch(student);
        String session = session(student);
        UUID tryId = UUID.randomUUID();
        UUID second = UUID.randomUUID();
        statements.taken();
        record(session, UUID.randomUUID(), PATTERN, tryId, 0);
        record(session, second, PATTERN, tryId, 1);
        record(session, UUID.randomUUID(), Club.DRILL, UUID.randomUUID(), 0);
        // Given to another try, its old and its new neighbours are looked for.
        ObjectNode moved = json.valueToTree(Club.potted(1, 1700, 1000));
        moved.put("drillId", PATTERN)
                .put("tryId", UUID.randomUUID().toString())
                .put("shot", 1)
                .put("revision", 1);
        put(club.head(), moved, "/api/v1/sessions/{s}/attempts/{a}", session, second)
                .andExpect(status().isOk());
        read(club.head(), "/api/v1/sessions/{s}/news?since={t}", session, "2026-01-01T00:00:00Z");
        List<String> reading = statements.taken().stream()
                .filter(one -> one.startsWith("select") && one.contains("from attempt "))
                .distinct()
                .toList();
        assertThat(reading)
                .as("the shot itself, its visit, its try, and what is new in its session")
                .anyMatch(one -> one.contains("try_id=?"))
                .anyMatch(one -> one.contains("changed_at>=?"))
                .hasSizeGreaterThan(3);
        for (String statement : reading) {
            assertThat(plan(statement))
                    .as(statement)
                    .doesNotContain("tableScan")
                    .doesNotContain("ATTEMPT_BY_STUDENT")
                    .doesNotContainPattern("(?s)CONSTRAINT_\\w+: STUDENT_ID =");
        }
    }
}
