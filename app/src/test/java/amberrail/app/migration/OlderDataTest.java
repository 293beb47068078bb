package amberrail.app.migration;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Timestamp;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A club that has practised with an older version keeps every session and attempt when the schema changes. */
class OlderDataTest {
    private final UUID student = UUID.randomUUID();
    private final UUID open = UUID.randomUUID();
    private final UUID closed = UUID.randomUUID();
    private JdbcTemplate database;

    @BeforeEach
    void practisedBeforeSessionsHadSeveral() {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        database = new JdbcTemplate(source);
        migrate(source, MigrationVersion.fromVersion("5"));
        UUID table = UUID.randomUUID();
        UUID cue = UUID.randomUUID();
        UUID balls = UUID.randomUUID();
        database.update(
                "insert into account (id, name, sign_in_name, role, head_coach, dialect, length_unit, theme, created_at, tip_notation,"
                        + " pace_notation) values (?, 'Ana', 'ana', 'STUDENT', false, 'POOL', 'CENTIMETRES', 'LIGHT',"
                        + " '2026-09-01 10:00:00+00', 'TIPS', 'SCALE')",
                student);
        database.update("insert into club_table values (?, 'Pool table, 9 ft', 1, '{}', 0)", table);
        database.update("insert into cue values (?, 'Pool', 1, 12.5, 22)", cue);
        database.update("insert into ball_set values (?, 'Pool', 1, 57.15, 0.17, 57.15, 0.17)", balls);
        for (UUID session : List.of(open, closed)) {
            database.update(
                    "insert into practice_session (id, student_id, started_by, drill_id, drill_version, table_id,"
                            + " table_version, table_name, table_numbers, cue_id, cue_numbers, ball_set_id, started_at,"
                            + " closed_at) values (?, ?, ?, 'roll-on-to-the-ring', 3, ?, 1, 'Pool table, 9 ft', '{}', ?,"
                            + " '{}', ?, '2026-10-01 18:00:00+00', ?)",
                    session,
                    student,
                    student,
                    table,
                    cue,
                    balls,
                    session.equals(closed) ? Timestamp.valueOf("2026-10-01 19:00:00") : null);
            database.update(
                    "insert into attempt (id, session_id, drill_id, drill_version, station, mirrored, try_id, shot,"
                            + " sequence, device_id, revision, deleted, outcome, foul, in_off, played_at, late) values"
                            + " (?, ?, 'roll-on-to-the-ring', 3, 0, false, ?, 0, 0, 'd', 0, false, 'POTTED_CLEAN', false,"
                            + " false, '2026-10-01 18:05:00+00', false)",
                    UUID.randomUUID(),
                    session,
                    UUID.randomUUID());
        }
        migrate(source, MigrationVersion.LATEST);
    }

    private static void migrate(JdbcDataSource source, MigrationVersion target) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    private List<Map<String, Object>> rows(String sql) {
        return database.queryForList(sql);
    }

    @Test
    void everySessionHasItsStudentItsDrillAndItsStretch() {
        assertThat(rows("select * from session_student"))
                .hasSize(2)
                .allSatisfy(row ->
                        assertThat(row).containsEntry("STUDENT_ID", student).containsEntry("PLACE", 0));
        assertThat(rows("select * from session_drill"))
                .hasSize(2)
                .allSatisfy(row -> assertThat(row)
                        .containsEntry("DRILL_ID", "roll-on-to-the-ring")
                        .containsEntry("DRILL_VERSION", 3));
        assertThat(rows("select * from session_stretch where ended_at is null"))
                .as("only the open session is still under way")
                .hasSize(1)
                .allSatisfy(row -> assertThat(row).containsEntry("SESSION_ID", open));
    }

    @Test
    void everyAttemptIsItsSessionsStudents() {
        assertThat(rows("select * from attempt"))
                .hasSize(2)
                .allSatisfy(row -> assertThat(row)
                        .containsEntry("STUDENT_ID", student)
                        .containsEntry("CALL_PACE_METRES_PER_SECOND", null));
    }
}
