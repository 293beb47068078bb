package amberrail.app.web;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;

/**
 * Our own faults, told apart and logged: once, without what people wrote. The messages of database exceptions repeat values, so of an exception
 * only its kind and its way through the code are logged.
 */
final class Faults {
    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);
    private static final Duration STORAGE_SAID_EVERY = Duration.ofMinutes(1);
    /** H2: closed, closed with the process, general, I/O (two kinds), connection broken, object closed, no disk space. */
    private static final Set<Integer> STORAGE = Set.of(90098, 90121, 50000, 90028, 90031, 90067, 90007, 90100);

    private static final AtomicReference<Instant> STORAGE_SAID = new AtomicReference<>(Instant.MIN);

    private Faults() {}

    /** What is answered. */
    record Answer(HttpStatus status, String code, String sentence) {}

    private static final Answer OURS = new Answer(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "OUR_FAULT",
            "Something went wrong on the server. What you had saved before is kept; please try again.");
    private static final Answer STORAGE_AWAY = new Answer(
            HttpStatus.SERVICE_UNAVAILABLE,
            "STORAGE_AWAY",
            "The server's database does not answer at the moment. What you record stays on your device and is sent when it does.");
    static final Answer DISK_FULL = new Answer(
            HttpStatus.INSUFFICIENT_STORAGE,
            "DISK_FULL",
            "The disk of the club's computer is almost full, so nothing new is stored. What you record stays on your device and is sent when there"
                    + " is room again.");

    /** Logs it and says what to answer. */
    static Answer of(Throwable e, String method, String path, boolean diskIsFull) {
        if (diskIsFull && isStorage(e)) {
            logStorage(e);
            return DISK_FULL;
        }
        if (isStorage(e)) {
            logStorage(e);
            return STORAGE_AWAY;
        }
        LOG.error("{} {} failed", method, withoutSecrets(path), new WithoutWords(e, 0));
        return OURS;
    }

    private static boolean isStorage(Throwable e) {
        return SqlStates.sql(e)
                .map(sql -> STORAGE.contains(sql.getErrorCode())
                        || String.valueOf(sql.getSQLState()).startsWith("08")
                        || sql instanceof java.sql.SQLTransientConnectionException)
                .orElse(false);
    }

    private static void logStorage(Throwable e) {
        Instant now = Instant.now();
        Instant said = STORAGE_SAID.get();
        if (Duration.between(said == Instant.MIN ? Instant.EPOCH : said, now).compareTo(STORAGE_SAID_EVERY) > 0
                && STORAGE_SAID.compareAndSet(said, now)) {
            LOG.error("the database does not answer (said once a minute)", new WithoutWords(e, 0));
        }
    }

    /** Links that open something for whoever has them: an account, a report, a calendar. */
    static String withoutSecrets(String path) {
        return path.replaceAll("(/(?:invitations?|shared(?:-reports)?|calendar-feeds)/)[^/]+", "$1***")
                .replaceAll("\\p{Cntrl}", "?");
    }

    /** An exception's kind and way, and that of its causes, without their messages. */
    private static final class WithoutWords extends RuntimeException {
        private static final int DEEPEST = 8;

        WithoutWords(Throwable of, int depth) {
            super(
                    of.getClass().getName() + (of instanceof java.sql.SQLException sql ? " " + sql.getErrorCode() : ""),
                    of.getCause() == null || depth == DEEPEST ? null : new WithoutWords(of.getCause(), depth + 1),
                    false,
                    true);
            setStackTrace(of.getStackTrace());
        }
    }
}
