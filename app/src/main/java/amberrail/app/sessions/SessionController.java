package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Begin, list, close and reopen. */
@RestController
@RequestMapping("/api/v1")
class SessionController {
    private static final int LISTED = 50;

    private final SessionService sessions;
    private final PeopleService people;
    private final DrillCatalogue drills;

    SessionController(SessionService sessions, PeopleService people, DrillCatalogue drills) {
        this.sessions = sessions;
        this.people = people;
        this.drills = drills;
    }

    /** Whose practice, which drill, at which table. */
    record NewSession(
            @NotNull UUID studentId,
            @NotNull @Size(max = 60) String drillId,
            @NotNull UUID tableId) {}

    @PostMapping("/sessions")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView begin(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewSession body) {
        return view(sessions.begin(who, body.studentId(), body.drillId(), body.tableId()));
    }

    @GetMapping("/students/{id}/sessions")
    List<SessionView> ofStudent(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return sessions.latest(who, id, LISTED).stream().map(this::view).toList();
    }

    @PostMapping("/sessions/{id}/close")
    SessionView close(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(sessions.close(who, id));
    }

    @PostMapping("/sessions/{id}/reopen")
    SessionView reopen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(sessions.reopen(who, id));
    }

    private SessionView view(PracticeSession session) {
        return SessionView.of(
                session,
                people.person(session.studentId()).name(),
                drills.version(session.drillId(), session.drillVersion()).title());
    }
}
