package amberrail.app.personaldata;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Who is to go, and when. */
@Component
class Erasures {
    /** How somebody goes. */
    enum Way {
        /** With everything about them. */
        ERASE,
        /** Their figures stay without a name. */
        NAMELESS
    }

    /** @param dueAt from when on it is done; until then it can be called off */
    record Asked(UUID accountId, Way way, String askedByName, Instant askedAt, Instant dueAt) {}

    private static final String SELECT = "select e.account_id, e.way, a.name, e.asked_at, e.due_at"
            + " from erasure e join account a on a.id = e.asked_by";

    private final JdbcClient sql;

    Erasures(JdbcClient sql) {
        this.sql = sql;
    }

    Optional<Asked> of(UUID accountId) {
        return sql.sql(SELECT + " where e.account_id = ?")
                .param(accountId)
                .query((row, n) -> new Asked(
                        row.getObject(1, UUID.class),
                        Way.valueOf(row.getString(2)),
                        row.getString(3),
                        row.getTimestamp(4).toInstant(),
                        row.getTimestamp(5).toInstant()))
                .optional();
    }

    List<UUID> due(Instant now) {
        return sql.sql("select account_id from erasure where due_at <= ?")
                .param(Timestamp.from(now))
                .query(UUID.class)
                .list();
    }

    /** Asked again, the day begins anew. */
    @Transactional
    void ask(UUID accountId, Way way, UUID askedBy, Instant now, Instant due) {
        sql.sql(
                        "merge into erasure (account_id, way, asked_by, asked_at, due_at) key (account_id) values (?, ?, ?, ?, ?)")
                .params(accountId, way.name(), askedBy, Timestamp.from(now), Timestamp.from(due))
                .update();
    }

    /** Whether there was something to call off. */
    @Transactional
    boolean callOff(UUID accountId) {
        return sql.sql("delete from erasure where account_id = ?")
                        .param(accountId)
                        .update()
                > 0;
    }
}
