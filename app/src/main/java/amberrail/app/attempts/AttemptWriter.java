package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.Conflict;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes attempts as answers.md says ("Writing"): checked, dated, stored with their revision, and told to whoever counts. */
@Service
@Transactional
public class AttemptWriter {
    private static final int A_BATCH = 50;

    private final AttemptRepository attempts;
    private final AttemptRevisions revisions;
    private final AttemptRules rules;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final PatternArrivals arrivals;
    private final AttemptJudging judging;
    private final Standings standings;
    private final ApplicationEventPublisher events;
    private final EntityManager entities;
    private final Clock clock;

    AttemptWriter(
            AttemptRepository attempts,
            AttemptRevisions revisions,
            AttemptRules rules,
            SessionService sessions,
            DrillCatalogue drills,
            PatternArrivals arrivals,
            AttemptJudging judging,
            Standings standings,
            ApplicationEventPublisher events,
            EntityManager entities,
            Clock clock) {
        this.attempts = attempts;
        this.revisions = revisions;
        this.rules = rules;
        this.sessions = sessions;
        this.drills = drills;
        this.arrivals = arrivals;
        this.judging = judging;
        this.standings = standings;
        this.events = events;
        this.entities = entities;
        this.clock = clock;
    }

    /** An attempt just written and where its student now stands. */
    public record Written(RecordedAttempt attempt, StandingView standing) {}

    /**
     * Writes one revision.
     *
     * <p>Same revision and body: nothing changes. The next revision: an edit. Anything else: {@link Conflict} with the stored
     * copy. A closed session still takes attempts and marks new ones late.
     */
    public Written write(SignedIn who, UUID sessionId, UUID id, AttemptBody written) {
        PracticeSession session = sessions.find(who, sessionId);
        DrillVersion version = session.drill(written.drillId());
        AttemptBody body = written.of(session.student(written.studentId()), version.drillId());
        Drill drill = drills.version(version.drillId(), version.version());
        rules.requireFits(session, drill, body);
        AttemptEntity row = attempts.findById(id).orElse(null);
        if (row == null) {
            AttemptRules.requireFirst(body);
            row = fresh(sessionId, id);
            row.late = session.isClosed();
        } else if (!row.sessionId.equals(sessionId) || !session.studentIds().contains(row.studentId)) {
            // Somebody else's: not even its contents are told.
            throw new Conflict("ID_IN_USE", "Another attempt has this id already.", null);
        } else if (body.revision() != row.revision + 1) {
            return new Written(sameOrConflict(session, row, body), standings.at(session, drill, row));
        } else {
            AttemptRules.requireCallKept(row, body);
            AttemptRules.requireOwnOrRemark(who, row, body);
        }
        StandingView standing = row.fresh || staysInItsTry(row, body)
                ? writeInPlace(who, session, drill, row, body)
                : writeMoved(who, session, drill, row, body);
        return new Written(judging.recordedNow(session.table(), row), standing);
    }

    /**
     * A new attempt, or one that stays in its try. That its place changes is told first: whoever writes there at the same moment waits until this has
     * ended, and then sees what it wrote.
     */
    private StandingView writeInPlace(
            SignedIn who, PracticeSession session, Drill drill, AttemptEntity row, AttemptBody body) {
        StationPlayed place = new StationPlayed(
                body.studentId(),
                session.id(),
                drill.id(),
                session.drill(drill.id()).version(),
                body.station());
        events.publishEvent(place);
        Standings.Before before = standings.beforeWrite(session, drill, place);
        AttemptBody dated = fill(who, session, row, body);
        Visit visit = standings.with(session, drill, before, row);
        if (drill.station(row.station).hasSeveralShots()) {
            // Before a new row is given to the database: changed afterwards it would be inserted and then updated.
            arrivals.settle(session, drill, row, visit.beside(row.tryId, row.shot));
        }
        keep(who, row, dated);
        return standings.afterWrite(session, drill, row, before, visit);
    }

    /** One that comes to another station, try or shot: seldom, so that everything is asked for anew. */
    private StandingView writeMoved(
            SignedIn who, PracticeSession session, Drill drill, AttemptEntity row, AttemptBody body) {
        events.publishEvent(StationPlayed.of(row));
        Drill drillBefore = judging.drill(row);
        PlayedAttempt before = AttemptMapping.played(row);
        store(who, session, row, body);
        events.publishEvent(StationPlayed.of(row));
        attempts.flush();
        if (drillBefore.station(before.station()).hasSeveralShots()) {
            arrivals.settleFollowing(session, drillBefore, arrivals.beside(session.id(), before), row.id);
        }
        settleAsStored(session, drill, row);
        attempts.flush();
        return standings.at(session, drill, row);
    }

    private void settleAsStored(PracticeSession session, Drill drill, AttemptEntity row) {
        if (drill.station(row.station).hasSeveralShots()) {
            arrivals.settle(session, drill, row, arrivals.beside(session.id(), AttemptMapping.played(row)));
        }
    }

    private static boolean staysInItsTry(AttemptEntity row, AttemptBody body) {
        return row.studentId.equals(body.studentId())
                && row.drillId.equals(body.drillId())
                && row.station == body.station()
                && row.tryId.equals(body.tryId())
                && row.shot == body.shot();
    }

    /** An attempt that nobody has written yet. */
    public record NewAttempt(UUID id, AttemptBody body) {}

    /** First revisions of one session, for demo data: all or none, checked as {@link #write} checks. */
    public void writeNew(SignedIn who, UUID sessionId, List<NewAttempt> written) {
        writeNew(who, sessionId, written, (one, wrong) -> {
            throw wrong;
        });
    }

    /** The same for imports: what is wrong is told, and the rest goes on. Whoever asks sees to it that then nothing of it stays. */
    public void writeNew(
            SignedIn who,
            UUID sessionId,
            List<NewAttempt> written,
            BiConsumer<NewAttempt, InvalidInputException> refused) {
        PracticeSession session = sessions.find(who, sessionId);
        Set<StationPlayed> places = new LinkedHashSet<>();
        for (int i = 0; i < written.size(); i++) {
            NewAttempt one = written.get(i);
            try {
                places.add(writeNew(who, session, one));
            } catch (InvalidInputException wrong) {
                refused.accept(one, wrong);
            }
            if (i % A_BATCH == A_BATCH - 1) {
                forgetWhatIsWritten();
            }
        }
        forgetWhatIsWritten();
        places.forEach(events::publishEvent);
    }

    private StationPlayed writeNew(SignedIn who, PracticeSession session, NewAttempt one) {
        DrillVersion version = session.drill(one.body().drillId());
        AttemptBody body = one.body().of(session.student(one.body().studentId()), version.drillId());
        Drill drill = drills.version(version.drillId(), version.version());
        rules.requireFits(session, drill, body);
        AttemptRules.requireFirst(body);
        AttemptEntity row = fresh(session.id(), one.id());
        store(who, session, row, body);
        settleAsStored(session, drill, row);
        return StationPlayed.of(row);
    }

    /** What is written is not to be looked through again before every question: thousands of lines would take their square. */
    private void forgetWhatIsWritten() {
        entities.flush();
        entities.clear();
    }

    private static AttemptEntity fresh(UUID sessionId, UUID id) {
        AttemptEntity row = new AttemptEntity();
        row.id = id;
        row.fresh = true;
        row.sessionId = sessionId;
        return row;
    }

    private void store(SignedIn who, PracticeSession session, AttemptEntity row, AttemptBody written) {
        keep(who, row, fill(who, session, row, written));
    }

    /**
     * Takes what was written into the row.
     *
     * @return the same with the time that is believed
     */
    private AttemptBody fill(SignedIn who, PracticeSession session, AttemptEntity row, AttemptBody written) {
        AttemptBody body = datedByTheServer(session, row, written);
        Instant now = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        if (row.fresh) {
            row.recordedBy = who.accountId();
            row.recordedAt = now;
        } else {
            revisions.keepFirst(row);
        }
        AttemptMapping.copy(body, row);
        row.changedAt = now;
        // The session's, also where a shipped drill has gone on since.
        row.drillVersion = session.drill(body.drillId()).version();
        return body;
    }

    private void keep(SignedIn who, AttemptEntity row, AttemptBody body) {
        attempts.save(row);
        if (!row.fresh) {
            revisions.keep(who, row.id, body);
        }
    }

    /** A device's wrong clock is noted and not trusted; an edit that says the same time as before keeps the time that was believed. */
    private AttemptBody datedByTheServer(PracticeSession session, AttemptEntity row, AttemptBody body) {
        Instant said = body.playedAt();
        if (!row.fresh && said.equals(row.saidPlayedAt)) {
            return body.at(row.playedAt);
        }
        Instant believed = PlayedTime.believed(said, session, Instant.now(clock).truncatedTo(ChronoUnit.MILLIS));
        row.saidPlayedAt = believed.equals(said) ? null : said;
        return body.at(believed);
    }

    private RecordedAttempt sameOrConflict(PracticeSession session, AttemptEntity row, AttemptBody body) {
        RecordedAttempt stored = judging.recordedNow(session.table(), row);
        Instant said = row.saidPlayedAt == null ? row.playedAt : row.saidPlayedAt;
        if (AttemptMapping.body(row).at(said).equals(body)) {
            return stored;
        }
        throw new Conflict(
                "REVISION_CONFLICT",
                "This attempt was changed elsewhere; revision " + row.revision + " is stored here.",
                AttemptView.of(stored));
    }
}
