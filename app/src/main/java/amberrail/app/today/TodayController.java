package amberrail.app.today;

import amberrail.app.attempts.AttemptService;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.web.MayBeMissing;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Students with their last session. */
@RestController
@RequestMapping("/api/v1/today")
class TodayController {
    private static final int SHOWN_SESSIONS = 3;

    private final PeopleService people;
    private final SessionService sessions;
    private final AttemptService attempts;
    private final SessionViews views;

    TodayController(PeopleService people, SessionService sessions, AttemptService attempts, SessionViews views) {
        this.people = people;
        this.sessions = sessions;
        this.attempts = attempts;
        this.views = views;
    }

    /** One session and what it came to. */
    record SessionLine(SessionView session, int attempts, int potted) {}

    /** One student, latest sessions first. */
    record StudentLine(
            PersonView student,
            List<SessionLine> sessions,
            @MayBeMissing UUID openSessionId) {}

    /** The first screen. */
    record TodayView(List<StudentLine> students) {}

    @GetMapping
    TodayView today(@AuthenticationPrincipal SignedIn who) {
        List<PersonView> shown = who.isCoach() ? people.studentsOf(who) : List.of(people.person(who.accountId()));
        return new TodayView(shown.stream().map(student -> line(who, student)).toList());
    }

    private StudentLine line(SignedIn who, PersonView student) {
        List<PracticeSession> latest = sessions.latest(who, student.id(), SHOWN_SESSIONS);
        Map<UUID, AttemptService.Tally> tallies = attempts.tallies(
                student.id(), latest.stream().map(PracticeSession::id).toList());
        List<SessionLine> lines = latest.stream()
                .map(session -> {
                    AttemptService.Tally tally = tallies.getOrDefault(session.id(), new AttemptService.Tally(0, 0));
                    return new SessionLine(views.of(session), tally.attempts(), tally.potted());
                })
                .toList();
        UUID open = latest.stream()
                .filter(session -> !session.isClosed())
                .map(PracticeSession::id)
                .findFirst()
                .orElse(null);
        return new StudentLine(student, lines, open);
    }
}
