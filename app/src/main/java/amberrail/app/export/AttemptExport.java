package amberrail.app.export;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionLists;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Every attempt of a student over all sessions, in the order in which they were played. */
@Service
class AttemptExport {
    private static final int MOST_SESSIONS = 5_000;

    private final SessionLists sessions;
    private final AttemptService attempts;
    private final PeopleService people;
    private final Access access;

    AttemptExport(SessionLists sessions, AttemptService attempts, PeopleService people, Access access) {
        this.sessions = sessions;
        this.attempts = attempts;
        this.people = people;
        this.access = access;
    }

    List<AttemptRow> of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        String name = people.person(studentId).name();
        List<PracticeSession> played = new ArrayList<>(sessions.latest(who, studentId, MOST_SESSIONS));
        played.sort(Comparator.comparing(PracticeSession::startedAt));
        List<AttemptRow> rows = new ArrayList<>();
        for (PracticeSession session : played) {
            attempts.ofSession(session).stream()
                    .filter(one -> one.played().studentId().equals(studentId))
                    .map(one -> row(one, session, name))
                    .forEach(rows::add);
        }
        return rows;
    }

    private static AttemptRow row(RecordedAttempt one, PracticeSession session, String student) {
        return AttemptRow.of(
                one.played(),
                new AttemptRow.Of(
                        one.id(),
                        session.id(),
                        student,
                        session.drill(one.played().drillId()).version(),
                        session.tableName(),
                        one.arrivalError().map(error -> error.lineMillimetres()).orElse(null),
                        one.arrivalError()
                                .map(error -> error.speedMillimetres())
                                .orElse(null),
                        one.judgement().result().name(),
                        one.judgement().faults().stream().map(Enum::name).toList(),
                        one.late()));
    }
}
