package amberrail.app.attempts;

import amberrail.app.attempts.TryNeighbours.TryShot;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.setups.SetUps;
import amberrail.app.web.BackgroundThread;
import amberrail.app.web.LaterWork;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.drill.Drill;
import amberrail.core.geometry.Point;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.table.TableSpec;
import jakarta.annotation.PreDestroy;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * In a pattern the line of arrival is that of where the shot before left the cue ball (answers.md, "Target and arrival"). It is worked out behind the
 * write, kept with the attempt, and worked out again when the shot before is changed, recorded late or undone.
 */
@Component
class PatternArrivals implements LaterWork {
    private static final Logger LOG = LoggerFactory.getLogger(PatternArrivals.class);

    private final AttemptRepository attempts;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final JdbcClient sql;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;
    /** Writes what the worker has found, so that the worker itself never waits for the database. */
    private final ExecutorService writer = BackgroundThread.of("arrivals");

    PatternArrivals(
            AttemptRepository attempts,
            SessionService sessions,
            DrillCatalogue drills,
            SetUps setUps,
            JdbcClient sql,
            ApplicationEventPublisher events,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.attempts = attempts;
        this.sessions = sessions;
        this.drills = drills;
        this.setUps = setUps;
        this.sql = sql;
        this.events = events;
        // Its own: behind a commit the one that has just ended is still about.
        transaction = new TransactionTemplate(transactions);
        transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.clock = clock;
    }

    /** One time that a line of arrival was worked out again: because this attempt, the shot before, had changed. */
    public record Rework(Instant workedOutAt, UUID becauseOf) {}

    /**
     * Within the transaction of a write: this shot's line of arrival, and that of the one that follows in its try. They are at the same place, of which
     * whoever writes tells that it has changed.
     *
     * @param beside with what was written
     */
    void settle(PracticeSession session, Drill drill, AttemptEntity written, TryNeighbours beside) {
        settle(session.table(), drill, written, beside.leftBefore(), Optional.empty());
        settleFollowing(session, drill, beside, written.id);
    }

    /**
     * That of the shots that follow one which has changed, or is not before them any more.
     *
     * @param beside  as it is now
     * @param because that one
     */
    void settleFollowing(PracticeSession session, Drill drill, TryNeighbours beside, UUID because) {
        for (UUID id : beside.following()) {
            attempts.findById(id)
                    .ifPresent(next -> settle(session.table(), drill, next, beside.leftHere(), Optional.of(because)));
        }
    }

    /** As the database has it: what a shot's line of arrival and that of the next one hang on. */
    TryNeighbours beside(UUID sessionId, PlayedAttempt played) {
        int shot = played.shot();
        List<TriedShot> ofTry = attempts.ofTry(
                sessionId,
                played.studentId(),
                played.drillId(),
                played.station(),
                played.tryId(),
                List.of(shot - 1, shot, shot + 1));
        return TryNeighbours.of(
                ofTry.stream()
                        .map(one -> new TryShot(one.id(), one.shot(), one.cueLeftAt()))
                        .toList(),
                shot);
    }

    List<Rework> reworks(UUID attemptId) {
        return sql.sql(
                        "select worked_out_at, because_of from attempt_rework where attempt_id = ? order by worked_out_at")
                .param(attemptId)
                .query((row, n) -> new Rework(
                        row.getObject("worked_out_at", OffsetDateTime.class).toInstant(),
                        row.getObject("because_of", UUID.class)))
                .list();
    }

    /** Takes up what a stop of the server left open. */
    @Override
    public void afterTheStart() {
        List<AttemptEntity> open = attempts.findByArrivalPendingTrue();
        for (AttemptEntity row : open) {
            Drill drill = drills.version(row.drillId, row.drillVersion);
            TableSpec table = sessions.tableOf(row.sessionId);
            Optional<SetUp> from = transaction.execute(status -> from(table, drill, row));
            from.ifPresent(one -> askFor(row, one, table, drill, Optional.empty()));
        }
    }

    /**
     * At once where it is known, else behind the commit.
     *
     * @param because the attempt before, where it is its change that makes this one be worked out again
     */
    private void settle(
            TableSpec table, Drill drill, AttemptEntity row, Optional<Point> leftBefore, Optional<UUID> because) {
        Optional<SetUp> from = drill.station(row.station).goesOnAt(row.shot)
                ? from(planned(table, drill, row), leftBefore)
                : Optional.empty();
        Optional<Double> known = from.flatMap(this::arrivalIfKnown);
        if (from.isPresent() && known.isEmpty()) {
            row.arrivalPending = true;
            afterCommit(() -> askFor(row, from.get(), table, drill, because));
            return;
        }
        take(row, known.orElse(null), because);
    }

    private void take(AttemptEntity row, Double degrees, Optional<UUID> because) {
        if (!Objects.equals(degrees, row.arrivalDegrees)) {
            because.ifPresent(attempt -> note(row, degrees, attempt));
        }
        row.arrivalDegrees = degrees;
        row.arrivalPending = false;
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private void note(AttemptEntity row, Double degrees, UUID because) {
        sql.sql("insert into attempt_rework (attempt_id, worked_out_at, because_of, degrees_before, degrees_after)"
                        + " values (?, ?, ?, ?, ?)")
                .params(
                        row.id,
                        Timestamp.from(Instant.now(clock).truncatedTo(ChronoUnit.MILLIS)),
                        because,
                        row.arrivalDegrees,
                        degrees)
                .update();
    }

    /** The set-up that it was played from, where that is not as planned. */
    private Optional<SetUp> from(TableSpec table, Drill drill, AttemptEntity row) {
        return drill.station(row.station).goesOnAt(row.shot)
                ? from(planned(table, drill, row), row.sessionId, AttemptMapping.played(row))
                : Optional.empty();
    }

    private static SetUp planned(TableSpec table, Drill drill, AttemptEntity row) {
        return SetUp.of(drill, row.station, row.shot, row.mirrored, table);
    }

    /** A pattern's shot from where the one before it in its try left the cue ball; empty where that is not known, or as planned. */
    Optional<SetUp> from(SetUp planned, UUID sessionId, PlayedAttempt shot) {
        return from(planned, beside(sessionId, shot).leftBefore());
    }

    private Optional<SetUp> from(SetUp planned, Optional<Point> leftBefore) {
        return leftBefore.map(at -> setUps.playedFrom(planned, at)).filter(from -> !from.equals(planned));
    }

    private Optional<Double> arrivalIfKnown(SetUp from) {
        return Optional.ofNullable(setUps.passing(from).getNow(null)).map(worked -> degrees(from, worked));
    }

    private double degrees(SetUp from, WorkedSetUp worked) {
        return worked.arriving(setUps.drawn(from)).arrival().degrees();
    }

    private void askFor(AttemptEntity asked, SetUp from, TableSpec table, Drill drill, Optional<UUID> because) {
        UUID id = asked.id;
        StationPlayed place = StationPlayed.of(asked);
        setUps.passing(from)
                .thenAcceptAsync(
                        worked -> transaction.executeWithoutResult(status -> {
                            // First, as every write does it: nobody writes at this place until this has ended.
                            events.publishEvent(place);
                            attempts.findById(id)
                                    .filter(row -> row.arrivalPending)
                                    // Changed once more in the meantime, another answer is under way.
                                    .filter(row -> from(table, drill, row)
                                            .filter(from::equals)
                                            .isPresent())
                                    .ifPresent(row -> take(row, degrees(from, worked), because));
                        }),
                        writer)
                .exceptionally(failed -> {
                    // It stays open, without its error against the target, and the next start takes it up again.
                    LOG.error("the line of arrival of attempt {} could not be worked out", id, failed);
                    return null;
                });
    }

    @PreDestroy
    void stop() {
        writer.shutdown();
    }

    private static void afterCommit(Runnable what) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                what.run();
            }
        });
    }
}
