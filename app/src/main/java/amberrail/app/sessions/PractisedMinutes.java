package amberrail.app.sessions;

import amberrail.core.attempt.PracticeTime;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** How long a student's sessions took, each measured by its shots; whoever asks has been checked. */
@Component
public class PractisedMinutes {
    private static final String OF_STUDENT =
            " where x.session_id in (select session_id from session_student where student_id = ?)";

    private final JdbcClient sql;
    private final Clock clock;

    PractisedMinutes(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    private record At(UUID session, Instant from, Instant to) {}

    /** Minutes by session, whoever's turn it was. */
    public Map<UUID, Double> ofStudent(UUID studentId) {
        long now = Instant.now(clock).toEpochMilli();
        Map<UUID, List<Long>> shots = new HashMap<>();
        sql.sql("select x.session_id, x.played_at, null from attempt x" + OF_STUDENT + " and x.deleted = false")
                .param(studentId)
                .query(PractisedMinutes::row)
                .list()
                .forEach(one -> shots.computeIfAbsent(one.session(), k -> new ArrayList<>())
                        .add(one.from().toEpochMilli()));
        Map<UUID, List<PracticeTime.Stretch>> stretches = new HashMap<>();
        sql.sql("select x.session_id, x.begun_at, x.ended_at from session_stretch x" + OF_STUDENT + " order by x.place")
                .param(studentId)
                .query(PractisedMinutes::row)
                .list()
                .forEach(one -> stretches
                        .computeIfAbsent(one.session(), k -> new ArrayList<>())
                        .add(new PracticeTime.Stretch(
                                one.from().toEpochMilli(),
                                one.to() == null ? now : one.to().toEpochMilli())));
        Map<UUID, Double> minutes = new HashMap<>();
        stretches.forEach((session, under) ->
                minutes.put(session, PracticeTime.minutes(under, shots.getOrDefault(session, List.of()))));
        return minutes;
    }

    private static At row(ResultSet row, int number) throws SQLException {
        OffsetDateTime to = row.getObject(3, OffsetDateTime.class);
        return new At(
                row.getObject(1, UUID.class),
                row.getObject(2, OffsetDateTime.class).toInstant(),
                to == null ? null : to.toInstant());
    }
}
