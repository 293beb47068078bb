package amberrail.app.sessions;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A session that nobody ended closes by itself six hours after its last attempt, at that attempt's time (answers.md, "Sessions and people"). */
@Component
@Lazy(false)
class ForgottenSessions {
    static final Duration OPEN_FOR = Duration.ofHours(6);
    private static final Logger LOG = LoggerFactory.getLogger(ForgottenSessions.class);

    /** Begun, gone on with or played in: whatever came last. */
    private static final String LAST_SIGN_OF_LIFE = "greatest(s.started_at,"
            + " coalesce((select max(a.played_at) from attempt a where a.session_id = s.id and not a.deleted), s.started_at),"
            + " coalesce((select max(u.begun_at) from session_stretch u where u.session_id = s.id), s.started_at),"
            + " coalesce((select max(u.ended_at) from session_stretch u where u.session_id = s.id), s.started_at))";

    private final JdbcClient sql;
    private final Clock clock;

    ForgottenSessions(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    private record Forgotten(UUID id, Instant lastSign) {}

    /** Looks for them once a minute, and soon after a start. */
    @Scheduled(initialDelay = 2, fixedDelay = 60, timeUnit = TimeUnit.SECONDS)
    @Transactional
    public void closeAll() {
        Instant limit = Instant.now(clock).minus(OPEN_FOR);
        List<Forgotten> found = sql.sql("select s.id, " + LAST_SIGN_OF_LIFE + " from practice_session s"
                        + " where s.closed_at is null and s.started_at < ? and " + LAST_SIGN_OF_LIFE + " < ?")
                .param(Timestamp.from(limit))
                .param(Timestamp.from(limit))
                .query((row, n) -> new Forgotten(
                        row.getObject(1, UUID.class), row.getTimestamp(2).toInstant()))
                .list();
        found.forEach(this::close);
        if (!found.isEmpty()) {
            LOG.info("{} sessions that nobody had ended were closed", found.size());
        }
    }

    private void close(Forgotten session) {
        Timestamp at = Timestamp.from(session.lastSign());
        int closed = sql.sql("update practice_session set closed_at = ?, closed_by_itself = true, version = version + 1"
                        + " where id = ? and closed_at is null")
                .param(at)
                .param(session.id())
                .update();
        if (closed == 1) {
            sql.sql("update session_stretch set ended_at = ? where session_id = ? and ended_at is null")
                    .param(at)
                    .param(session.id())
                    .update();
        }
    }
}
