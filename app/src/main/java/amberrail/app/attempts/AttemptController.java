package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillLayouts;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.sessions.SessionView;
import amberrail.core.drill.Drill;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The recording screen's side of the server. */
@RestController
@RequestMapping("/api/v1/sessions/{sessionId}")
class AttemptController {
    private final AttemptService attempts;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final DrillLayouts layouts;
    private final PeopleService people;

    AttemptController(
            AttemptService attempts,
            SessionService sessions,
            DrillCatalogue drills,
            DrillLayouts layouts,
            PeopleService people) {
        this.attempts = attempts;
        this.sessions = sessions;
        this.drills = drills;
        this.layouts = layouts;
        this.people = people;
    }

    /** All that the recording screen needs to begin or to go on. */
    record SessionDetail(
            SessionView session,
            TableDrawing table,
            DrillOnTable drill,
            List<AttemptView> attempts,
            List<StandingView> standings,
            long nextSequence) {}

    /** The attempt as stored and where its station now stands. */
    record AttemptWritten(AttemptView attempt, StandingView standing) {}

    @GetMapping
    SessionDetail session(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId) {
        PracticeSession session = sessions.find(who, sessionId);
        Drill drill = drills.version(session.drillId(), session.drillVersion());
        String student = people.person(session.studentId()).name();
        return new SessionDetail(
                SessionView.of(session, student, drill.title()),
                TableDrawing.of(session.table()),
                DrillOnTable.of(layouts, drill, session.table()),
                attempts.ofSession(session).stream().map(AttemptView::of).toList(),
                standings(session, drill),
                attempts.greatestSequence(session) + 1);
    }

    @PutMapping("/attempts/{id}")
    AttemptWritten write(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID sessionId,
            @PathVariable UUID id,
            @Valid @RequestBody AttemptBody body) {
        AttemptService.Written written = writeOnce(who, sessionId, id, body);
        return new AttemptWritten(
                AttemptView.of(written.attempt()),
                StandingView.of(body.station(), body.mirrored(), written.progress()));
    }

    /** The same first PUT twice at the same moment: the loser of the race reads what the winner wrote. */
    private AttemptService.Written writeOnce(SignedIn who, UUID sessionId, UUID id, AttemptBody body) {
        try {
            return attempts.write(who, sessionId, id, body);
        } catch (DataIntegrityViolationException raced) {
            return attempts.write(who, sessionId, id, body);
        }
    }

    private List<StandingView> standings(PracticeSession session, Drill drill) {
        List<StandingView> standings = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            standings.add(standing(session, station, false));
            standings.add(standing(session, station, true));
        }
        return standings;
    }

    private StandingView standing(PracticeSession session, int station, boolean mirrored) {
        return StandingView.of(station, mirrored, attempts.progress(session, station, mirrored));
    }
}
