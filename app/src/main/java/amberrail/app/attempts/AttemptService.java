package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.SessionService;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import amberrail.core.setup.SetUp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes and reads attempts as answers.md says ("Writing", "Order"), and asks core what they come to. */
@Service
@Transactional
public class AttemptService {
    private final AttemptRepository attempts;
    private final AttemptRevisions revisions;
    private final AttemptRules rules;
    private final AttemptTally tally;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final PatternArrivals arrivals;
    private final AttemptJudging judging;
    private final Standings standings;
    private final ApplicationEventPublisher events;
    private final Access access;
    private final Clock clock;

    AttemptService(
            AttemptRepository attempts,
            AttemptRevisions revisions,
            AttemptRules rules,
            AttemptTally tally,
            SessionService sessions,
            DrillCatalogue drills,
            SetUps setUps,
            PatternArrivals arrivals,
            AttemptJudging judging,
            Standings standings,
            ApplicationEventPublisher events,
            Access access,
            Clock clock) {
        this.attempts = attempts;
        this.revisions = revisions;
        this.rules = rules;
        this.tally = tally;
        this.sessions = sessions;
        this.drills = drills;
        this.setUps = setUps;
        this.arrivals = arrivals;
        this.judging = judging;
        this.standings = standings;
        this.events = events;
        this.access = access;
        this.clock = clock;
    }

    /** An attempt just written and where its student now stands. */
    public record Written(RecordedAttempt attempt, StandingView standing) {}

    /** How many attempts a session has and how many were potted. */
    public record Tally(int attempts, int potted) {}

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
            return new Written(sameOrConflict(session, row, body), standing(session, drill, row));
        } else {
            AttemptRules.requireCallKept(row, body);
            AttemptRules.requireOwnOrRemark(who, row, body);
            events.publishEvent(StationPlayed.of(row));
        }
        store(who, session, drill, row, body);
        events.publishEvent(StationPlayed.of(row));
        return new Written(judging.recordedNow(session.table(), row), standing(session, drill, row));
    }

    /** An attempt that nobody has written yet. */
    public record NewAttempt(UUID id, AttemptBody body) {}

    /** First revisions of one session, for imports and demo data: all or none, checked as {@link #write} checks. */
    public void writeNew(SignedIn who, UUID sessionId, List<NewAttempt> written) {
        PracticeSession session = sessions.find(who, sessionId);
        Set<StationPlayed> places = new LinkedHashSet<>();
        for (NewAttempt one : written) {
            DrillVersion version = session.drill(one.body().drillId());
            AttemptBody body = one.body().of(session.student(one.body().studentId()), version.drillId());
            Drill drill = drills.version(version.drillId(), version.version());
            rules.requireFits(session, drill, body);
            AttemptRules.requireFirst(body);
            AttemptEntity row = fresh(sessionId, one.id());
            store(who, session, drill, row, body);
            places.add(StationPlayed.of(row));
        }
        places.forEach(events::publishEvent);
    }

    private static AttemptEntity fresh(UUID sessionId, UUID id) {
        AttemptEntity row = new AttemptEntity();
        row.id = id;
        row.fresh = true;
        row.sessionId = sessionId;
        return row;
    }

    private void store(SignedIn who, PracticeSession session, Drill drill, AttemptEntity row, AttemptBody written) {
        AttemptBody body = datedByTheServer(session, row, written);
        AttemptMapping.copy(body, row);
        if (row.fresh) {
            row.recordedBy = who.accountId();
        }
        // The session's, also where a shipped drill has gone on since.
        row.drillVersion = session.drill(body.drillId()).version();
        attempts.save(row);
        revisions.keep(who, row.id, body);
        arrivals.settle(session, drill, row);
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

    /** Those of these ids that are taken. */
    @Transactional(readOnly = true)
    public Set<UUID> known(List<UUID> ids) {
        return attempts.findAllById(ids).stream().map(row -> row.id).collect(Collectors.toSet());
    }

    /** All attempts of a session in their order, undone ones left out; only of students whom this person may see. */
    @Transactional(readOnly = true)
    public List<RecordedAttempt> ofSession(PracticeSession session) {
        return judging.recorded(
                session.table(),
                attempts.findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(session.id()).stream()
                        .filter(row -> !row.deleted && session.studentIds().contains(row.studentId))
                        .toList());
    }

    /** One student's attempts at a drill over sessions on the same table, as they were played. */
    @Transactional(readOnly = true)
    public List<RecordedAttempt> ofDrill(List<PracticeSession> alike, UUID studentId, String drillId) {
        return judging.recorded(
                alike.get(0).table(),
                attempts.ofDrill(alike.stream().map(PracticeSession::id).toList(), studentId, drillId));
    }

    /** One attempt of a session, undone or not; {@link Missing} if it has none with this id that this person may see. */
    @Transactional(readOnly = true)
    public RecordedAttempt find(PracticeSession session, UUID id) {
        return judging.recorded(session.table(), row(session, id));
    }

    /** One attempt of a session with the drill version that it belongs to; {@link Missing} as above. */
    @Transactional(readOnly = true)
    public StudentAttempt ofStudent(PracticeSession session, UUID id) {
        AttemptEntity row = row(session, id);
        return new StudentAttempt(session, judging.drill(row), AttemptMapping.body(row));
    }

    /** Every state that an attempt has had, oldest first. */
    @Transactional(readOnly = true)
    public List<AttemptRevisions.Revision> revisions(PracticeSession session, UUID id) {
        return revisions.of(row(session, id).id);
    }

    /** When this shot's line of arrival was worked out again, oldest first, and because of which attempt. */
    @Transactional(readOnly = true)
    public List<PatternArrivals.Rework> reworks(PracticeSession session, UUID id) {
        return arrivals.reworks(row(session, id).id);
    }

    /** The shot to play next: as it was planned, or from where the cue ball lies. */
    public record NextSetUp(SetUp setUp, boolean planned) {}

    /**
     * The shot of a pattern that follows an attempt, from where that one left the cue ball; empty where the try does not go on.
     */
    @Transactional(readOnly = true)
    public Optional<NextSetUp> shotAfter(PracticeSession session, UUID id) {
        AttemptEntity row = row(session, id);
        Drill drill = judging.drill(row);
        int next = row.shot + 1;
        boolean goesOn = next < drill.station(row.station).shots().size()
                && !row.inOff
                && judging.recorded(session.table(), row).judgement().result() != TryResult.FAILURE;
        if (!goesOn) {
            return Optional.empty();
        }
        SetUp planned = SetUp.of(drill, row.station, next, row.mirrored, session.table());
        return Optional.of(landing(row)
                .filter(at -> drill.station(row.station).goesOnAt(next))
                .map(at -> setUps.playedFrom(planned, at))
                .filter(from -> !from.equals(planned))
                .map(from -> new NextSetUp(from, false))
                .orElseGet(() -> new NextSetUp(planned, true)));
    }

    /** The greatest sequence in a session, undone attempts included; -1 if it has none. */
    @Transactional(readOnly = true)
    public long greatestSequence(PracticeSession session) {
        return attempts.greatestSequence(session.id()).orElse(-1L);
    }

    /** When the shots of a session were played, undone ones left out. */
    @Transactional(readOnly = true)
    public List<Instant> playedAt(PracticeSession session) {
        return attempts.playedAt(session.id());
    }

    /** A student's newest attempts over all sessions that this person may see, newest first. */
    @Transactional(readOnly = true)
    public List<StudentAttempt> newestOf(SignedIn who, UUID studentId, int most) {
        return newest(
                who,
                studentId,
                most,
                (session, row) -> new StudentAttempt(session, judging.drill(row), AttemptMapping.body(row)));
    }

    /** The same with the judge's word on each. */
    @Transactional(readOnly = true)
    public List<JudgedAttempt> judgedOf(SignedIn who, UUID studentId, int most) {
        return newest(
                who,
                studentId,
                most,
                (session, row) ->
                        new JudgedAttempt(session, judging.drill(row), judging.recorded(session.table(), row)));
    }

    private <T> List<T> newest(
            SignedIn who, UUID studentId, int most, BiFunction<PracticeSession, AttemptEntity, T> made) {
        access.requireStudent(who, studentId);
        Map<UUID, PracticeSession> known = new HashMap<>();
        return attempts.newestOf(studentId, Limit.of(most)).stream()
                .map(row -> made.apply(
                        known.computeIfAbsent(row.sessionId, sessionId -> sessions.find(who, sessionId)), row))
                .toList();
    }

    /** An attempt with the judge's word, its session and its drill version. */
    public record JudgedAttempt(PracticeSession session, Drill drill, RecordedAttempt recorded) {}

    /** An attempt with the session and the drill version that it belongs to. */
    public record StudentAttempt(PracticeSession session, Drill drill, AttemptBody body) {
        /** The shot as it was planned, on the side that was played. */
        public SetUp setUp() {
            return SetUp.of(drill, body.station(), body.shot(), body.mirrored(), session.table());
        }
    }

    /** One student in one session. */
    public record Took(UUID studentId, UUID sessionId) {}

    /** What everybody did in these sessions; whoever asks has seen to it that only what may be told is looked up. */
    @Transactional(readOnly = true)
    public Map<Took, Tally> tallies(List<UUID> sessionIds) {
        return tally.count(sessionIds).stream()
                .collect(Collectors.toMap(
                        row -> new Took(row.getStudentId(), row.getSessionId()),
                        row -> new Tally((int) row.getAttempts(), (int) row.getPotted())));
    }

    private StandingView standing(PracticeSession session, Drill drill, AttemptEntity row) {
        return standings.one(session, row.studentId, drill, row.station, row.mirrored);
    }

    private AttemptEntity row(PracticeSession session, UUID id) {
        return attempts.findById(id)
                .filter(row -> row.sessionId.equals(session.id())
                        && session.studentIds().contains(row.studentId))
                .orElseThrow(() -> new Missing("attempt"));
    }

    private static Optional<Point> landing(AttemptEntity row) {
        return Optional.ofNullable(row.landingXMillimetres).map(x -> new Point(x, row.landingYMillimetres));
    }

    private RecordedAttempt sameOrConflict(PracticeSession session, AttemptEntity row, AttemptBody body) {
        RecordedAttempt stored = judging.recordedNow(session.table(), row);
        Instant said = row.saidPlayedAt == null ? row.playedAt : row.saidPlayedAt;
        if (stored.body().at(said).equals(body)) {
            return stored;
        }
        throw new Conflict(
                "REVISION_CONFLICT",
                "This attempt was changed elsewhere; revision " + row.revision + " is stored here.",
                AttemptView.of(stored));
    }
}
