package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.Concerned;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.setups.SetUps;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.PracticeTime;
import amberrail.core.drill.ShotLayout;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The recording screen's side of the server. */
@RestController
@RequestMapping("/api/v1/sessions/{sessionId}")
class AttemptController {
    /** A write that began before an answer may end after it. */
    private static final Duration LONGEST_WRITE = Duration.ofSeconds(30);

    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");

    private final AttemptService attempts;
    private final AttemptWriter writer;
    private final NextInPattern pattern;
    private final Standings standings;
    private final StartPlaces starts;
    private final SessionService sessions;
    private final SessionViews views;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final PeopleService people;
    private final Concerned concerned;
    private final Clock clock;

    AttemptController(
            AttemptService attempts,
            AttemptWriter writer,
            NextInPattern pattern,
            Standings standings,
            StartPlaces starts,
            SessionService sessions,
            SessionViews views,
            DrillCatalogue drills,
            SetUps setUps,
            PeopleService people,
            Concerned concerned,
            Clock clock) {
        this.attempts = attempts;
        this.writer = writer;
        this.pattern = pattern;
        this.standings = standings;
        this.starts = starts;
        this.sessions = sessions;
        this.views = views;
        this.drills = drills;
        this.setUps = setUps;
        this.people = people;
        this.concerned = concerned;
        this.clock = clock;
    }

    /**
     * All that the recording screen needs to begin or to go on.
     *
     * @param starts    where each student begins who has played a drill of it before
     * @param minutes   of practice, measured: between its shots, pauses and long breaks left out
     * @param serverNow by which a device sees that its own clock is wrong
     */
    record SessionDetail(
            SessionView session,
            TableDrawing table,
            List<DrillOnTable> drills,
            List<AttemptView> attempts,
            List<StandingView> standings,
            List<StartPlaces.StartView> starts,
            long nextSequence,
            double minutes,
            Instant serverNow) {}

    /** The attempt as stored and where its student now stands. */
    record AttemptWritten(AttemptView attempt, StandingView standing) {}

    /** The shot that a pattern goes on with; left out where it begins anew. */
    record NextShot(@MayBeMissing ShotView shot) {}

    /** A state that an attempt has had. */
    record RevisionView(AttemptBody attempt, String writtenBy, Instant writtenAt) {}

    @GetMapping
    SessionDetail session(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId) {
        PracticeSession session = sessions.find(who, sessionId);
        return new SessionDetail(
                views.of(session),
                TableDrawing.of(session.table(), session.tipDiameterMillimetres()),
                session.drills().stream()
                        .map(one ->
                                DrillOnTable.of(setUps, drills.version(one.drillId(), one.version()), session.table()))
                        .toList(),
                attempts.ofSession(session).stream().map(AttemptView::of).toList(),
                standings.all(session),
                starts.of(who, session),
                attempts.greatestSequence(session) + 1,
                minutes(session),
                Instant.now(clock));
    }

    /**
     * What has changed for a screen that has the session already.
     *
     * @param attempts written or worked out since, undone ones too
     */
    record SessionNews(
            SessionView session,
            List<AttemptView> attempts,
            List<StandingView> standings,
            long nextSequence,
            Instant serverNow) {}

    /** {@code since} is the {@code serverNow} of the answer before; what was still being written then is told again. */
    @GetMapping("/news")
    SessionNews news(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @RequestParam Instant since) {
        PracticeSession session = sessions.find(who, sessionId);
        Instant now = Instant.now(clock);
        List<AttemptView> changed =
                attempts
                        .changedSince(session, since.isBefore(EARLIEST) ? EARLIEST : since.minus(LONGEST_WRITE))
                        .stream()
                        .map(AttemptView::of)
                        .toList();
        return new SessionNews(
                views.of(session),
                changed,
                changed.isEmpty() ? List.of() : standings.all(session),
                attempts.greatestSequence(session) + 1,
                now);
    }

    @PutMapping("/attempts/{id}")
    AttemptWritten write(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID sessionId,
            @PathVariable UUID id,
            @Valid @RequestBody AttemptBody body) {
        AttemptWriter.Written written = writeOnce(who, sessionId, id, body);
        concerned.only(written.attempt().played().studentId());
        return new AttemptWritten(AttemptView.of(written.attempt()), written.standing());
    }

    @GetMapping("/attempts/{id}/next-shot")
    NextShot nextShot(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @PathVariable UUID id) {
        PracticeSession session = sessions.find(who, sessionId);
        // Waited for here, where no connection to the database is held.
        return new NextShot(pattern.shotAfter(session, id)
                .map(next -> {
                    ShotLayout layout =
                            next.planned() ? setUps.layout(next.setUp()) : setUps.passingLayout(next.setUp());
                    return ShotView.of(next.setUp(), layout, setUps.usualIfKnown(next.setUp()));
                })
                .orElse(null));
    }

    /** A line of arrival worked out again because the shot before, that attempt, was changed. */
    record ReworkView(UUID becauseOf, Instant workedOutAt) {}

    @GetMapping("/attempts/{id}/reworks")
    List<ReworkView> reworks(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @PathVariable UUID id) {
        return attempts.reworks(sessions.find(who, sessionId), id).stream()
                .map(one -> new ReworkView(one.becauseOf(), one.workedOutAt()))
                .toList();
    }

    @GetMapping("/attempts/{id}/revisions")
    List<RevisionView> revisions(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @PathVariable UUID id) {
        return attempts.revisions(sessions.find(who, sessionId), id).stream()
                .map(kept -> new RevisionView(
                        kept.body(), people.person(kept.writtenBy()).name(), kept.writtenAt()))
                .toList();
    }

    /** The same first PUT twice at the same moment: the loser of the race reads what the winner wrote. */
    private AttemptWriter.Written writeOnce(SignedIn who, UUID sessionId, UUID id, AttemptBody body) {
        try {
            return writer.write(who, sessionId, id, body);
        } catch (DataIntegrityViolationException raced) {
            return writer.write(who, sessionId, id, body);
        }
    }

    private double minutes(PracticeSession session) {
        List<PracticeTime.Stretch> stretches = session.stretches().stream()
                .map(one -> new PracticeTime.Stretch(
                        one.begunAt().toEpochMilli(),
                        one.endedAt().orElseGet(() -> Instant.now(clock)).toEpochMilli()))
                .toList();
        return PracticeTime.minutes(
                stretches,
                attempts.playedAt(session).stream().map(Instant::toEpochMilli).toList());
    }
}
