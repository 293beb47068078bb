package amberrail.app.attempts;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.Missing;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.drill.Drill;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads attempts in their order (answers.md, "Order") and asks core what they come to; {@link AttemptWriter} writes them. */
@Service
@Transactional(readOnly = true)
public class AttemptService {
    private final AttemptRepository attempts;
    private final AttemptRevisions revisions;
    private final AttemptTally tally;
    private final SessionService sessions;
    private final PatternArrivals arrivals;
    private final AttemptJudging judging;
    private final Access access;

    AttemptService(
            AttemptRepository attempts,
            AttemptRevisions revisions,
            AttemptTally tally,
            SessionService sessions,
            PatternArrivals arrivals,
            AttemptJudging judging,
            Access access) {
        this.attempts = attempts;
        this.revisions = revisions;
        this.tally = tally;
        this.sessions = sessions;
        this.arrivals = arrivals;
        this.judging = judging;
        this.access = access;
    }

    /** How many attempts a session has and how many were potted. */
    public record Tally(int attempts, int potted) {}

    /** Those of these ids that are taken. */
    public Set<UUID> known(List<UUID> ids) {
        return attempts.findAllById(ids).stream().map(row -> row.id).collect(Collectors.toSet());
    }

    /** All attempts of a session in their order, undone ones left out; only of students whom this person may see. */
    public List<RecordedAttempt> ofSession(PracticeSession session) {
        return judging.recorded(
                session.table(),
                attempts.findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(session.id()).stream()
                        .filter(row -> !row.deleted && session.studentIds().contains(row.studentId))
                        .toList());
    }

    /** What was written or found out since, undone ones too; only of students whom this person may see. */
    public List<RecordedAttempt> changedSince(PracticeSession session, Instant since) {
        return judging.recorded(
                session.table(),
                attempts.changedSince(session.id(), since).stream()
                        .filter(row -> session.studentIds().contains(row.studentId))
                        .toList());
    }

    /** One student's attempts at a drill version over sessions on this one table, as they were played. */
    public List<RecordedAttempt> ofDrill(TableSpec table, Set<UUID> sessionIds, UUID studentId, DrillVersion version) {
        return judging.recorded(
                table,
                attempts.ofDrill(studentId, version.drillId(), version.version()).stream()
                        .filter(row -> sessionIds.contains(row.sessionId))
                        .toList());
    }

    /** One attempt of a session, undone or not; {@link Missing} if it has none with this id that this person may see. */
    public RecordedAttempt find(PracticeSession session, UUID id) {
        return judging.recorded(session.table(), row(session, id));
    }

    /** One attempt of a session with the drill version that it belongs to; {@link Missing} as above. */
    public StudentAttempt ofStudent(PracticeSession session, UUID id) {
        AttemptEntity row = row(session, id);
        return new StudentAttempt(session, judging.drill(row), AttemptMapping.played(row));
    }

    /**
     * The set-up that a shot was really played from: as planned, or a pattern's later shot from where the one before it had left the cue ball; empty
     * where nobody knows where that was.
     */
    public Optional<SetUp> playedFrom(StudentAttempt attempt) {
        return attempt.goesOn()
                ? arrivals.from(attempt.setUp(), attempt.session().id(), attempt.played())
                : Optional.of(attempt.setUp());
    }

    /** Every state that an attempt has had, oldest first. */
    public List<AttemptRevisions.Revision> revisions(PracticeSession session, UUID id) {
        return revisions.of(row(session, id));
    }

    /** When this shot's line of arrival was worked out again, oldest first, and because of which attempt. */
    public List<PatternArrivals.Rework> reworks(PracticeSession session, UUID id) {
        return arrivals.reworks(row(session, id).id);
    }

    /** The greatest sequence in a session, undone attempts included; -1 if it has none. */
    public long greatestSequence(PracticeSession session) {
        return attempts.greatestSequence(session.id()).orElse(-1L);
    }

    /** When the shots of a session were played, undone ones left out. */
    public List<Instant> playedAt(PracticeSession session) {
        return attempts.playedAt(session.id());
    }

    /** The attempts of this one's student in its session up to it, in their order; undone ones left out. */
    public List<StudentAttempt> ofSessionUpTo(StudentAttempt last) {
        PlayedAttempt played = last.played();
        return attempts.upTo(last.session().id(), played.studentId(), played.drillId(), played.sequence()).stream()
                .map(row -> new StudentAttempt(last.session(), last.drill(), AttemptMapping.played(row)))
                .toList();
    }

    /** A student's newest attempts over all sessions that this person may see, newest first. */
    public List<StudentAttempt> newestOf(SignedIn who, UUID studentId, int most) {
        return newest(
                who,
                studentId,
                most,
                (session, row) -> new StudentAttempt(session, judging.drill(row), AttemptMapping.played(row)));
    }

    /** The same with the judge's word on each. */
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
    public record StudentAttempt(PracticeSession session, Drill drill, PlayedAttempt played) {
        /** The shot as it was planned, on the side that was played. */
        public SetUp setUp() {
            return SetUp.of(drill, played.station(), played.shot(), played.mirrored(), session.table());
        }

        /** Whether it is a pattern's later shot, played from where the cue ball had come to rest. */
        public boolean goesOn() {
            return drill.station(played.station()).goesOnAt(played.shot());
        }
    }

    /** One student in one session. */
    public record Took(UUID studentId, UUID sessionId) {}

    /** What everybody did in these sessions; whoever asks has seen to it that only what may be told is looked up. */
    public Map<Took, Tally> tallies(List<UUID> sessionIds) {
        return tally.count(sessionIds).stream()
                .collect(Collectors.toMap(
                        row -> new Took(row.getStudentId(), row.getSessionId()),
                        row -> new Tally((int) row.getAttempts(), (int) row.getPotted())));
    }

    AttemptEntity row(PracticeSession session, UUID id) {
        return attempts.findById(id)
                .filter(row -> row.sessionId.equals(session.id())
                        && session.studentIds().contains(row.studentId))
                .orElseThrow(() -> new Missing("attempt"));
    }
}
