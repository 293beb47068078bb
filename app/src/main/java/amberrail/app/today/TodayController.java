package amberrail.app.today;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.Tally;
import amberrail.app.attempts.AttemptService.Took;
import amberrail.app.people.Concerned;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionLists;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.web.MayBeMissing;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
    private final SessionLists sessions;
    private final AttemptService attempts;
    private final SessionViews views;
    private final Concerned concerned;

    TodayController(
            PeopleService people,
            SessionLists sessions,
            AttemptService attempts,
            SessionViews views,
            Concerned concerned) {
        this.people = people;
        this.sessions = sessions;
        this.attempts = attempts;
        this.views = views;
        this.concerned = concerned;
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
        shown.forEach(student -> concerned.with(student.id()));
        Map<UUID, List<PracticeSession>> latest =
                sessions.latestOfEach(who, shown.stream().map(PersonView::id).toList(), SHOWN_SESSIONS);
        List<PracticeSession> all =
                latest.values().stream().flatMap(List::stream).distinct().toList();
        Map<UUID, SessionView> seen =
                views.of(all, shown.stream().collect(Collectors.toMap(PersonView::id, PersonView::name)));
        Map<Took, Tally> tallies =
                attempts.tallies(all.stream().map(PracticeSession::id).toList());
        return new TodayView(shown.stream()
                .map(student -> line(student, latest.getOrDefault(student.id(), List.of()), seen, tallies))
                .toList());
    }

    private static StudentLine line(
            PersonView student, List<PracticeSession> latest, Map<UUID, SessionView> seen, Map<Took, Tally> tallies) {
        List<SessionLine> lines = latest.stream()
                .map(session -> {
                    Tally tally = tallies.getOrDefault(new Took(student.id(), session.id()), new Tally(0, 0));
                    return new SessionLine(seen.get(session.id()), tally.attempts(), tally.potted());
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
