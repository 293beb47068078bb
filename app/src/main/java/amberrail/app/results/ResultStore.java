package amberrail.app.results;

import amberrail.app.attempts.StationPlayed;
import amberrail.app.sessions.PracticeOrder;
import amberrail.core.attempt.StationCount;
import amberrail.core.statistics.PooledSpread;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The table of results. Plain SQL: thousands of rows are read at once and none of them is ever an object that is edited. */
@Component
class ResultStore {
    private static final String PLACE = " where student_id = ? and session_id = ? and drill_id = ? and station = ?";
    private static final String READ =
            "select r.*, s.started_at, s.table_id, s.practice_order from station_result r join practice_session s on s.id = r.session_id";

    private final JdbcClient sql;

    ResultStore(JdbcClient sql) {
        this.sql = sql;
    }

    /** A place whose attempts have changed since it was counted. */
    record Stale(StationPlayed place, long changes) {}

    /** Notes that a place's attempts have changed. */
    @Transactional
    void changed(StationPlayed place) {
        if (raise(place) > 0) {
            return;
        }
        try {
            sql.sql(
                            "insert into station_result (student_id, session_id, drill_id, station, drill_version, changes, counted)"
                                    + " values (?, ?, ?, ?, ?, 1, 0)")
                    .params(
                            place.studentId(),
                            place.sessionId(),
                            place.drillId(),
                            place.station(),
                            place.drillVersion())
                    .update();
        } catch (DuplicateKeyException another) {
            // Somebody else wrote the first attempt here at the same moment.
            raise(place);
        }
    }

    private int raise(StationPlayed place) {
        return sql.sql("update station_result set changes = changes + 1" + PLACE)
                .params(place.studentId(), place.sessionId(), place.drillId(), place.station())
                .update();
    }

    List<Stale> stale(UUID studentId) {
        return sql.sql("select * from station_result where student_id = ? and counted <> changes")
                .param(studentId)
                .query(ResultStore::staleRow)
                .list();
    }

    List<Stale> stale() {
        return sql.sql("select * from station_result where counted <> changes")
                .query(ResultStore::staleRow)
                .list();
    }

    @Transactional
    void keep(Stale at, StationCount count) {
        StationPlayed place = at.place();
        sql.sql(
                        "update station_result set counted = ?, attempts = ?, pots = ?, potted = ?, thick = ?, thin = ?, tries = ?,"
                                + " successes = ?, landings = ?, line_squares = ?, line_fourths = ?, speed_squares = ?,"
                                + " speed_fourths = ?, spread_values = ?, spread_freedom = ?, radial_logs = ?, passed = ?"
                                + PLACE)
                .params(
                        at.changes(),
                        count.attempts(),
                        count.pots(),
                        count.potted(),
                        count.thick(),
                        count.thin(),
                        count.tries(),
                        count.successes(),
                        count.landings(),
                        count.line().squares(),
                        count.line().fourths(),
                        count.speed().squares(),
                        count.speed().fourths(),
                        count.line().values(),
                        count.line().freedom(),
                        count.radialLogs(),
                        count.passed(),
                        place.studentId(),
                        place.sessionId(),
                        place.drillId(),
                        place.station())
                .update();
    }

    /** A student's results, oldest session first. */
    List<StationResult> of(UUID studentId) {
        return sql.sql(READ + " where r.student_id = ? and r.attempts > 0 order by s.started_at, r.drill_id, r.station")
                .param(studentId)
                .query(ResultStore::resultRow)
                .list();
    }

    /** As far as they are counted. */
    Optional<MostPlayed> mostPlayed() {
        return sql.sql("select student_id, drill_id, sum(attempts) as attempts from station_result"
                        + " group by student_id, drill_id order by attempts desc limit 1")
                .query(MostPlayed.class)
                .optional();
    }

    /** Everybody's, oldest session first. */
    List<StationResult> all() {
        return sql.sql(READ + " where r.attempts > 0 order by s.started_at")
                .query(ResultStore::resultRow)
                .list();
    }

    private static Stale staleRow(ResultSet row, int number) throws SQLException {
        return new Stale(place(row), row.getLong("changes"));
    }

    private static StationPlayed place(ResultSet row) throws SQLException {
        return new StationPlayed(
                row.getObject("student_id", UUID.class),
                row.getObject("session_id", UUID.class),
                row.getString("drill_id"),
                row.getInt("drill_version"),
                row.getInt("station"));
    }

    private static StationResult resultRow(ResultSet row, int number) throws SQLException {
        return new StationResult(
                place(row),
                row.getObject("started_at", OffsetDateTime.class).toInstant(),
                row.getObject("table_id", UUID.class),
                new StationCount(
                        row.getInt("attempts"),
                        row.getInt("pots"),
                        row.getInt("potted"),
                        row.getInt("thick"),
                        row.getInt("thin"),
                        row.getInt("tries"),
                        row.getInt("successes"),
                        row.getInt("landings"),
                        spread(row, "line"),
                        spread(row, "speed"),
                        row.getDouble("radial_logs"),
                        row.getBoolean("passed")),
                Optional.ofNullable(row.getString("practice_order")).map(PracticeOrder::valueOf));
    }

    /** Across ("line") or along ("speed") the way of arrival: both of the same landings. */
    private static PooledSpread spread(ResultSet row, String part) throws SQLException {
        return new PooledSpread(
                row.getDouble(part + "_squares"),
                row.getDouble(part + "_fourths"),
                row.getInt("spread_values"),
                row.getInt("spread_freedom"));
    }
}
