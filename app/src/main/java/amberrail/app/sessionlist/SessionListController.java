package amberrail.app.sessionlist;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.Tally;
import amberrail.app.attempts.AttemptService.Took;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionLists;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.web.MayBeMissing;
import amberrail.core.problem.Require;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every session that somebody may see, open and closed. */
@RestController
@RequestMapping("/api/v1/sessions")
class SessionListController {
    private static final int MOST = 100;

    private final SessionLists sessions;
    private final SessionViews views;
    private final AttemptService attempts;

    SessionListController(SessionLists sessions, SessionViews views, AttemptService attempts) {
        this.sessions = sessions;
        this.views = views;
        this.attempts = attempts;
    }

    /** What one student did in it. */
    record StudentTally(UUID studentId, String name, int attempts, int potted) {}

    /** One session, each of its students with their own tally. */
    record ListedSession(SessionView session, List<StudentTally> students) {}

    /** @param next what to ask with as {@code after} for the page after this one; left out on the last */
    record SessionPage(
            List<ListedSession> sessions, @MayBeMissing String next) {}

    @GetMapping
    SessionPage list(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam Optional<UUID> studentId,
            @RequestParam Optional<String> drillId,
            @RequestParam Optional<UUID> tableId,
            @RequestParam Optional<Instant> from,
            @RequestParam Optional<Instant> until,
            @RequestParam Optional<String> after,
            @RequestParam(defaultValue = "30") int limit) {
        Require.between("limit", limit, 1, MOST);
        SessionLists.Page page =
                sessions.search(who, new SessionLists.Search(studentId, drillId, tableId, from, until, after), limit);
        Map<UUID, SessionView> seen = views.of(page.sessions(), page.names());
        Map<Took, Tally> tallies = page.sessions().isEmpty()
                ? Map.of()
                : attempts.tallies(
                        page.sessions().stream().map(PracticeSession::id).toList());
        return new SessionPage(
                page.sessions().stream()
                        .map(session -> listed(seen.get(session.id()), tallies))
                        .toList(),
                page.next().orElse(null));
    }

    private static ListedSession listed(SessionView session, Map<Took, Tally> tallies) {
        return new ListedSession(
                session,
                session.students().stream()
                        .map(one -> {
                            Tally tally = tallies.getOrDefault(new Took(one.id(), session.id()), new Tally(0, 0));
                            return new StudentTally(one.id(), one.name(), tally.attempts(), tally.potted());
                        })
                        .toList());
    }
}
