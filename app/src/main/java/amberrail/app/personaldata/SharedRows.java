package amberrail.app.personaldata;

import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Sessions, plans and calendar entries that several people are in: one of them leaves, the others keep theirs, and their places close up. */
@Component
class SharedRows {
    /**
     * What several people can be in.
     *
     * @param links  table of who is in it, with a column {@code place} that counts from 0
     * @param column the links' column with its id
     * @param parts  other tables whose rows belong to it, by a column of the same name
     */
    record Shared(String table, String links, String column, List<String> parts) {
        static final Shared SESSIONS = new Shared(
                "practice_session",
                "session_student",
                "session_id",
                List.of("session_stretch", "session_drill", "station_result"));
        static final Shared PLANS = new Shared("practice_plan", "practice_plan_student", "plan_id", List.of());
        static final Shared CALENDAR = new Shared("calendar_entry", "calendar_entry_student", "entry_id", List.of());
    }

    private final JdbcClient sql;

    SharedRows(JdbcClient sql) {
        this.sql = sql;
    }

    /** Those that this student is in. */
    List<UUID> of(Shared what, UUID studentId) {
        return sql.sql("select " + what.column() + " from " + what.links() + " where student_id = ?")
                .param(studentId)
                .query(UUID.class)
                .list();
    }

    /** Whether others are in it too. */
    boolean hasOthers(Shared what, UUID id, UUID studentId) {
        return sql.sql("select count(*) from " + what.links() + " where " + what.column() + " = ? and student_id <> ?")
                        .params(id, studentId)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Out of it, where others stay; it goes with whoever was in it alone. */
    void leave(Shared what, UUID id, UUID studentId) {
        String of = " where " + what.column() + " = ?";
        sql.sql("delete from " + what.links() + of + " and student_id = ?")
                .params(id, studentId)
                .update();
        List<Integer> places = sql.sql("select place from " + what.links() + of + " order by place")
                .param(id)
                .query(Integer.class)
                .list();
        if (places.isEmpty()) {
            what.parts()
                    .forEach(part ->
                            sql.sql("delete from " + part + of).param(id).update());
            sql.sql("delete from " + what.table() + " where id = ?").param(id).update();
            return;
        }
        // One after the other, lowest first: two may never stand at one place.
        for (int place = 0; place < places.size(); place++) {
            if (places.get(place) != place) {
                sql.sql("update " + what.links() + " set place = ?" + of + " and place = ?")
                        .params(place, id, places.get(place))
                        .update();
            }
        }
    }
}
