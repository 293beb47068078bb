package amberrail.app.storage;

import amberrail.app.web.LaterWork;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Values that an earlier version stored and that would break pages for ever: shots of the year 2999, a place in the order after which no other
 * fits. Found and put right once, in the background after the first start of a version that refuses such values; what was said stays in the audit trail.
 */
@Component
class StoredPoison implements LaterWork {
    private static final Logger LOG = LoggerFactory.getLogger(StoredPoison.class);
    /** Longer than any queue waits on a device. */
    private static final Duration LEEWAY = Duration.ofDays(2);

    private static final String NAME = "times-and-places";

    private static final long LAST_GOOD_SEQUENCE = Integer.MAX_VALUE - 1_000_000L;

    private final JdbcClient sql;
    private final TransactionTemplate transaction;
    private final Clock clock;

    StoredPoison(JdbcClient sql, TransactionTemplate transaction, Clock clock) {
        this.sql = sql;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public void afterTheStart() {
        if (!isDone()) {
            putRight();
        }
    }

    boolean isDone() {
        return sql.sql("select count(*) from data_repair where name = ?")
                        .param(NAME)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    void putRight() {
        Integer times = transaction.execute(status -> times());
        Integer places = transaction.execute(status -> places());
        sql.sql("merge into data_repair (name, done_at) key (name) values (?, ?)")
                .params(NAME, OffsetDateTime.now(clock))
                .update();
        if (times != null && times > 0 || places != null && places > 0) {
            LOG.warn("{} times and the order of {} sessions could not be right and were put right", times, places);
        }
    }

    /** A shot before its session or in the future was played when the session began. */
    private int times() {
        return sql.sql("update attempt a set said_played_at = least(greatest(a.played_at, timestamp with time zone"
                        + " '1900-01-01 00:00:00+00'), timestamp with time zone '9999-01-01 00:00:00+00'),"
                        + " played_at = (select s.started_at from practice_session s where s.id = a.session_id)"
                        + " where a.played_at > ? or a.played_at < (select dateadd('DAY', -2, s.started_at)"
                        + " from practice_session s where s.id = a.session_id)")
                .param(Timestamp.from(Instant.now(clock).plus(LEEWAY)))
                .update();
    }

    private int places() {
        List<UUID> sessions = sql.sql("select distinct session_id from attempt where sequence > ?")
                .param(LAST_GOOD_SEQUENCE)
                .query(UUID.class)
                .list();
        sessions.forEach(this::countAnew);
        return sessions.size();
    }

    private void countAnew(UUID session) {
        List<UUID> inOrder = sql.sql("select id from attempt where session_id = ? order by sequence, device_id, id")
                .param(session)
                .query(UUID.class)
                .list();
        for (int i = 0; i < inOrder.size(); i++) {
            sql.sql("update attempt set sequence = ? where id = ?")
                    .params(i, inOrder.get(i))
                    .update();
        }
        // What was counted and kept in the old order is looked at anew.
        sql.sql("update station_result set changes = changes + 1 where session_id = ?")
                .param(session)
                .update();
    }
}
