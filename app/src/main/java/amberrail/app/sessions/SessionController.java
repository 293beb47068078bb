package amberrail.app.sessions;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Begin, list, pause, go on, close and reopen; who takes part, what is played, what was noted. */
@RestController
@RequestMapping("/api/v1")
class SessionController {
    private static final int LISTED = 50;

    private final SessionService sessions;
    private final SessionLists lists;
    private final SessionViews views;

    SessionController(SessionService sessions, SessionLists lists, SessionViews views) {
        this.sessions = sessions;
        this.lists = lists;
        this.views = views;
    }

    /** Who practises, in the order of their turns; what, in that order; at which table, with which balls and cue (left out: what goes with it); whether a coach is there; in which order, where somebody says. */
    record NewSession(
            @NotEmpty @Size(max = 8) List<@NotNull UUID> studentIds,
            @NotEmpty @Size(max = 20) List<@NotNull @Size(max = 60) String> drillIds,
            @NotNull UUID tableId,
            boolean coached,
            @MayBeMissing UUID ballSetId,
            @MayBeMissing UUID cueId,
            @MayBeMissing PracticeOrder order) {}

    /** A drill that is played too from now on. */
    record AddedDrill(@NotNull @Size(max = 60) String drillId) {}

    /** A student who takes turns too from now on. */
    record AddedStudent(@NotNull UUID studentId) {}

    /**
     * What is to be remembered of a session.
     *
     * @param before the note that was changed: refused if another stands there by now; left out, it is not asked
     */
    record SessionNote(
            @NotNull @Size(max = 4000) String note,
            @MayBeMissing @Size(max = 4000) String before) {}

    @PostMapping("/sessions")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView begin(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewSession body) {
        return views.of(sessions.begin(
                who,
                new SessionService.Beginning(
                        body.studentIds(),
                        body.drillIds(),
                        body.tableId(),
                        body.coached(),
                        Optional.ofNullable(body.ballSetId()),
                        Optional.ofNullable(body.cueId()),
                        Optional.ofNullable(body.order()))));
    }

    @GetMapping("/students/{id}/sessions")
    List<SessionView> ofStudent(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        List<PracticeSession> latest = lists.latest(who, id, LISTED);
        Map<UUID, SessionView> seen = views.of(latest);
        return latest.stream().map(session -> seen.get(session.id())).toList();
    }

    @PostMapping("/sessions/{id}/drills")
    SessionView addDrill(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody AddedDrill body) {
        return views.of(Races.again(() -> sessions.addDrill(who, id, body.drillId())));
    }

    @PostMapping("/sessions/{id}/students")
    SessionView addStudent(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody AddedStudent body) {
        return views.of(Races.again(() -> sessions.addStudent(who, id, body.studentId())));
    }

    @PutMapping("/sessions/{id}/note")
    SessionView note(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody SessionNote body) {
        return views.of(Races.again(() -> sessions.note(who, id, body.note(), Optional.ofNullable(body.before()))));
    }

    @PostMapping("/sessions/{id}/pause")
    SessionView pause(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return views.of(Races.again(() -> sessions.pause(who, id)));
    }

    @PostMapping("/sessions/{id}/go-on")
    SessionView goOn(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return views.of(Races.again(() -> sessions.goOn(who, id)));
    }

    @PostMapping("/sessions/{id}/close")
    SessionView close(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return views.of(Races.again(() -> sessions.close(who, id)));
    }

    @PostMapping("/sessions/{id}/reopen")
    SessionView reopen(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return views.of(Races.again(() -> sessions.reopen(who, id)));
    }
}
