package amberrail.app.trail;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Lazy;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes the trail beside the requests, so that nobody at the table waits for it: every two seconds and when the server stops. What was noted in the
 * last seconds before a power cut is lost.
 */
@Component
@Lazy(false)
class TrailKeeper implements SmartLifecycle {
    static final Duration KEPT = Duration.ofDays(365);
    /** What starts first stops last. */
    private static final int BEFORE_THE_WEB_SERVER = 0;

    private static final Logger LOG = LoggerFactory.getLogger(TrailKeeper.class);

    private final JdbcClient sql;
    private final Clock clock;
    /** Asked for when the first line is written: this is made before anything is answered. */
    private final ObjectProvider<TransactionTemplate> transaction;

    private volatile boolean running;
    private final Map<Trace, Times> waiting = new ConcurrentHashMap<>();

    TrailKeeper(JdbcClient sql, Clock clock, ObjectProvider<TransactionTemplate> transaction) {
        this.sql = sql;
        this.clock = clock;
        this.transaction = transaction;
    }

    private record Times(int count, Instant first, Instant last) {
        Times and(Times later) {
            return new Times(count + later.count, first, later.last);
        }
    }

    void note(Trace trace, Instant at) {
        waiting.merge(trace, new Times(1, at, at), Times::and);
    }

    @Scheduled(fixedDelay = 2, timeUnit = TimeUnit.SECONDS)
    synchronized void write() {
        for (Trace trace : waiting.keySet()) {
            Times times = waiting.remove(trace);
            try {
                transaction.getObject().executeWithoutResult(begun -> write(trace, times));
            } catch (DataIntegrityViolationException gone) {
                LOG.info("a line of the trail was dropped: somebody in it was erased meanwhile");
            } catch (RuntimeException notNow) {
                waiting.merge(trace, times, (later, before) -> before.and(later));
                throw notNow;
            }
        }
    }

    private void write(Trace trace, Times times) {
        int known = sql.sql("update audit_entry set times = times + ?, last_at = ?"
                        + " where on_day = ? and actor_id = ? and subject_id = ? and deed = ? and area = ?")
                .params(
                        times.count(),
                        times.last().atOffset(ZoneOffset.UTC),
                        trace.day(),
                        trace.actorId(),
                        trace.subjectId(),
                        trace.deed().name(),
                        trace.area())
                .update();
        if (known == 0) {
            sql.sql("insert into audit_entry (on_day, actor_id, subject_id, deed, area, times, first_at, last_at)"
                            + " values (?, ?, ?, ?, ?, ?, ?, ?)")
                    .params(
                            trace.day(),
                            trace.actorId(),
                            trace.subjectId(),
                            trace.deed().name(),
                            trace.area(),
                            times.count(),
                            times.first().atOffset(ZoneOffset.UTC),
                            times.last().atOffset(ZoneOffset.UTC))
                    .update();
        }
    }

    @Transactional
    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void forgetWhatIsOld() {
        sql.sql("delete from audit_entry where last_at < ?")
                .param(Instant.now(clock).minus(KEPT).atOffset(ZoneOffset.UTC))
                .update();
    }

    @Override
    public void start() {
        running = true;
    }

    /** After the last request was answered and before anything is taken down. */
    @Override
    public void stop() {
        write();
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return BEFORE_THE_WEB_SERVER;
    }
}
