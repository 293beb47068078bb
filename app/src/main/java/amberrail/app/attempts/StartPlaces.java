package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.core.drill.Drill;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Where a session begins: at the station and side to which the rule had brought a student when they last played this version of the drill. */
@Component
class StartPlaces {
    private final AttemptRepository attempts;
    private final SessionService sessions;
    private final DrillCatalogue drills;
    private final Standings standings;

    StartPlaces(AttemptRepository attempts, SessionService sessions, DrillCatalogue drills, Standings standings) {
        this.attempts = attempts;
        this.sessions = sessions;
        this.drills = drills;
        this.standings = standings;
    }

    /**
     * A student's place in a drill of a session.
     *
     * @param since when they were last there
     */
    record StartView(UUID studentId, String drillId, int station, boolean mirrored, Instant since) {}

    /** Those who have played a drill of this session before; whoever has not begins at its first station. */
    @Transactional(readOnly = true)
    public List<StartView> of(SignedIn who, PracticeSession session) {
        List<StartView> starts = new ArrayList<>();
        for (UUID student : session.studentIds()) {
            for (PracticeSession.DrillVersion version : session.drills()) {
                last(session, student, version).map(row -> start(who, row)).ifPresent(starts::add);
            }
        }
        return starts;
    }

    private Optional<AttemptEntity> last(PracticeSession session, UUID student, PracticeSession.DrillVersion version) {
        return attempts
                .lastBefore(
                        student, version.drillId(), version.version(), session.id(), session.startedAt(), Limit.of(1))
                .stream()
                .findFirst();
    }

    private StartView start(SignedIn who, AttemptEntity row) {
        Drill drill = drills.version(row.drillId, row.drillVersion);
        PracticeSession then = sessions.find(who, row.sessionId);
        StandingView.NextView next = standings.at(then, drill, row).next();
        return new StartView(row.studentId, row.drillId, next.station(), next.mirrored(), row.playedAt);
    }
}
