package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.PeopleService;
import amberrail.app.sessions.SessionView.PlayedDrill;
import amberrail.app.sessions.SessionView.TakingPart;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
        return of(List.of(session)).get(session.id());
    }

    /** Many in as many questions as one; by their ids. */
    public Map<UUID, SessionView> of(List<PracticeSession> sessions) {
        return of(
                sessions,
                people.names(sessions.stream()
                        .flatMap(session -> session.studentIds().stream())
                        .collect(Collectors.toSet())));
    }

    /** The same where everybody's name is known already. */
    public Map<UUID, SessionView> of(List<PracticeSession> sessions, Map<UUID, String> names) {
        Map<DrillCatalogue.Version, DrillCatalogue.Known> known = drills.known(sessions.stream()
                .flatMap(session -> session.drills().stream())
                .map(SessionViews::version)
                .collect(Collectors.toSet()));
        return sessions.stream().collect(Collectors.toMap(PracticeSession::id, session -> view(session, names, known)));
    }

    private static DrillCatalogue.Version version(PracticeSession.DrillVersion one) {
        return new DrillCatalogue.Version(one.drillId(), one.version());
    }

    private static SessionView view(
            PracticeSession session, Map<UUID, String> names, Map<DrillCatalogue.Version, DrillCatalogue.Known> known) {
        return new SessionView(
                session.id(),
                session.studentIds().stream()
                        .map(id -> new TakingPart(id, names.get(id)))
                        .toList(),
                session.drills().stream()
                        .map(one -> {
                            DrillCatalogue.Known drill = known.get(version(one));
                            return new PlayedDrill(
                                    one.drillId(), one.version(), drill.title(), drill.latest() > one.version());
                        })
                        .toList(),
                session.tableName(),
                session.coached(),
                session.order().orElse(null),
                session.note(),
                session.startedAt(),
                session.isPaused(),
                session.closedAt().orElse(null),
                session.closedByItself());
    }
}
