package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.PeopleService;
import amberrail.app.sessions.SessionView.PlayedDrill;
import amberrail.app.sessions.SessionView.TakingPart;
import org.springframework.stereotype.Component;

/** Sessions with the names that people know. */
@Component
public class SessionViews {
    private final PeopleService people;
    private final DrillCatalogue drills;

    SessionViews(PeopleService people, DrillCatalogue drills) {
        this.people = people;
        this.drills = drills;
    }

    public SessionView of(PracticeSession session) {
        return new SessionView(
                session.id(),
                session.studentIds().stream()
                        .map(id -> new TakingPart(id, people.person(id).name()))
                        .toList(),
                session.drills().stream()
                        .map(one -> new PlayedDrill(
                                one.drillId(),
                                one.version(),
                                drills.version(one.drillId(), one.version()).title(),
                                drills.latestVersion(one.drillId()) > one.version()))
                        .toList(),
                session.tableName(),
                session.coached(),
                session.note(),
                session.startedAt(),
                session.isPaused(),
                session.closedAt().orElse(null),
                session.closedByItself());
    }
}
