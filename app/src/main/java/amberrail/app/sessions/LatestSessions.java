package amberrail.app.sessions;

import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The newest sessions of several students in one question. */
@Component
class LatestSessions {
    private final JdbcClient sql;

    LatestSessions(JdbcClient sql) {
        this.sql = sql;
    }

    /** One of a student's sessions. */
    record Place(UUID studentId, UUID sessionId) {}

    /** At most so many of each, newest first; {@code studentIds} must not be empty. */
    List<Place> ofEach(List<UUID> studentIds, int most) {
        return sql.sql("select student_id, id from (select t.student_id, s.id, s.started_at,"
                        + " row_number() over (partition by t.student_id order by s.started_at desc) as place"
                        + " from session_student t join practice_session s on s.id = t.session_id"
                        + " where t.student_id in (:students)) where place <= :most order by started_at desc")
                .param("students", studentIds)
                .param("most", most)
                .query((row, n) -> new Place(row.getObject(1, UUID.class), row.getObject(2, UUID.class)))
                .list();
    }
}
