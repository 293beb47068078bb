package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillLayouts;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.Conflict;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Judgement;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.Tries;
import amberrail.core.drill.Drill;
import amberrail.core.drill.RuleProgress;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Station;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.table.TablePlan;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes and reads attempts as answers.md says ("Writing", "Order"), and asks core what they come to. */
@Service
@Transactional
public class AttemptService {
    private final AttemptRepository attempts;
    private final RevisionRepository revisions;
    private final AttemptTally tally;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final DrillLayouts layouts;
    private final ObjectMapper json;
    private final Clock clock;

    AttemptService(
            AttemptRepository attempts,
            RevisionRepository revisions,
            AttemptTally tally,
            SessionService sessions,
            DrillCatalogue drills,
            DrillLayouts layouts,
            ObjectMapper json,
            Clock clock) {
        this.attempts = attempts;
        this.revisions = revisions;
        this.tally = tally;
        this.sessions = sessions;
        this.drills = drills;
        this.layouts = layouts;
        this.json = json;
        this.clock = clock;
    }

    /** An attempt just written and where its station and side now stand. */
    public record Written(RecordedAttempt attempt, RuleProgress progress) {}

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
        AttemptBody body = withStoredPrecision(written);
        check(session, body);
        AttemptEntity row = attempts.findById(id).orElse(null);
        if (row == null) {
            requireFirst(body);
            row = new AttemptEntity();
            row.id = id;
            row.fresh = true;
            row.sessionId = sessionId;
            row.drillId = session.drillId();
            row.drillVersion = session.drillVersion();
            row.late = session.isClosed();
        } else if (!row.sessionId.equals(sessionId)) {
            throw new Conflict("ID_IN_USE", "Another session has an attempt with this id already.", null);
        } else if (body.revision() != row.revision + 1) {
            return new Written(sameOrConflict(session, row, body), progress(session, row.station, row.mirrored));
        }
        AttemptMapping.copy(body, row);
        attempts.save(row);
        keepRevision(who, id, body);
        return new Written(recorded(session, row), progress(session, row.station, row.mirrored));
    }

    /** All attempts of a session in their order, undone ones left out. */
    @Transactional(readOnly = true)
    public List<RecordedAttempt> ofSession(PracticeSession session) {
        return attempts.findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(session.id()).stream()
                .filter(row -> !row.deleted)
                .map(row -> recorded(session, row))
                .toList();
    }

    /** Where the student stands with the rule of one station and side. */
    @Transactional(readOnly = true)
    public RuleProgress progress(PracticeSession session, int station, boolean mirrored) {
        List<Tries.PlayedOne> played = attempts.tried(session.id(), station, mirrored).stream()
                .map(tried -> new Tries.PlayedOne(
                        tried.tryId(),
                        tried.shot(),
                        Judge.judge(layout(session, station, tried.shot(), mirrored), tried.toAttempt())))
                .toList();
        Station asked = drill(session).station(station);
        return asked.rule().progress(Tries.of(played, asked.shots().size()));
    }

    /** The greatest sequence in a session, undone attempts included; -1 if it has none. */
    @Transactional(readOnly = true)
    public long greatestSequence(PracticeSession session) {
        return attempts.findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(session.id()).stream()
                .mapToLong(row -> row.sequence)
                .max()
                .orElse(-1);
    }

    @Transactional(readOnly = true)
    public Map<UUID, Tally> tallies(List<UUID> sessionIds) {
        return tally.count(sessionIds).stream()
                .collect(Collectors.toMap(
                        AttemptTally.Row::getSessionId,
                        row -> new Tally((int) row.getAttempts(), (int) row.getPotted())));
    }

    private void check(PracticeSession session, AttemptBody body) {
        Drill drill = drill(session);
        int shots = drill.station(body.station()).shots().size();
        if (body.shot() >= shots) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID, "shot", body.shot(), "must be from 0 to " + (shots - 1));
        }
        Attempt attempt = attempt(body);
        ShotLayout asked = layout(session, body.station(), body.shot(), body.mirrored());
        for (FactBody fact : body.facts()) {
            if (fact.demand() >= asked.conditions().size()) {
                throw new InvalidInputException(
                        ProblemCode.UNKNOWN_ID,
                        "facts.demand",
                        fact.demand(),
                        "must be one of this shot's " + asked.conditions().size() + " demands, counted from 0");
            }
        }
        if (!attempt.outcome().fits(Judge.sides(asked))) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "outcome",
                    attempt.outcome(),
                    "must use the sides of this shot: " + Judge.sides(asked));
        }
        attempt.landing().map(Landing::place).ifPresent(place -> requireOnBed(session, place));
    }

    private static void requireOnBed(PracticeSession session, Point place) {
        TablePlan plan = TablePlan.of(session.table());
        if (!plan.holds(place, session.table().balls().cueBall())) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE,
                    "landing",
                    "(" + Math.round(place.xMillimetres()) + ", " + Math.round(place.yMillimetres()) + ") mm",
                    "must be a place on the bed where the cue ball can stop");
        }
    }

    private static Attempt attempt(AttemptBody body) {
        try {
            return body.toAttempt();
        } catch (InvalidInputException e) {
            throw e.field().equals("landing") ? e : e.under("landing");
        }
    }

    private static void requireFirst(AttemptBody body) {
        if (body.revision() != 0) {
            throw new Conflict(
                    "REVISION_OUT_OF_ORDER",
                    "This attempt is not known here yet; its first revision must be 0, not " + body.revision() + ".",
                    null);
        }
    }

    private RecordedAttempt sameOrConflict(PracticeSession session, AttemptEntity row, AttemptBody body) {
        RecordedAttempt stored = recorded(session, row);
        if (stored.body().equals(body)) {
            return stored;
        }
        throw new Conflict(
                "REVISION_CONFLICT",
                "This attempt was changed elsewhere; revision " + row.revision + " is stored here.",
                AttemptView.of(stored));
    }

    private void keepRevision(SignedIn who, UUID id, AttemptBody body) {
        RevisionEntity revision = new RevisionEntity();
        revision.id = new RevisionEntity.Key(id, body.revision());
        revision.writtenBy = who.accountId();
        revision.writtenAt = Instant.now(clock);
        try {
            revision.body = json.writeValueAsString(body);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("an attempt body is plain JSON: " + body, e);
        }
        revisions.save(revision);
    }

    private RecordedAttempt recorded(PracticeSession session, AttemptEntity row) {
        AttemptBody body = AttemptMapping.body(row);
        ShotLayout asked = layout(session, row.station, row.shot, row.mirrored);
        Attempt attempt = body.toAttempt();
        Judgement judgement = Judge.judge(asked, attempt);
        Optional<ArrivalError> error =
                attempt.landing().map(l -> ArrivalError.of(asked.target(), asked.arrival(), l.place()));
        return new RecordedAttempt(row.id, body, row.late, judgement, error);
    }

    private ShotLayout layout(PracticeSession session, int station, int shot, boolean mirrored) {
        return layouts.layout(drill(session), station, shot, mirrored, session.table());
    }

    private Drill drill(PracticeSession session) {
        return drills.version(session.drillId(), session.drillVersion());
    }

    /** What the columns keep, so that the same body sent again compares equal. */
    private static AttemptBody withStoredPrecision(AttemptBody body) {
        return new AttemptBody(
                body.revision(),
                body.deleted(),
                body.station(),
                body.mirrored(),
                body.tryId(),
                body.shot(),
                body.sequence(),
                body.deviceId(),
                body.outcome(),
                body.foul(),
                body.inOff(),
                body.landing(),
                body.facts(),
                body.playedAt().truncatedTo(ChronoUnit.MILLIS));
    }
}
