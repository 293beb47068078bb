package amberrail.app.progress;

import amberrail.app.people.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A student's progress and what to play next, for themselves and their coaches; the whole group for a coach. */
@RestController
class ProgressController {
    private final ProgressService progress;
    private final NextStations next;
    private final GroupProgress group;

    ProgressController(ProgressService progress, NextStations next, GroupProgress group) {
        this.progress = progress;
        this.next = next;
        this.group = group;
    }

    @GetMapping("/api/v1/students/{id}/progress")
    ProgressView progress(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return progress.of(who, id);
    }

    @GetMapping("/api/v1/students/{id}/next-stations")
    NextStationsView nextStations(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return next.of(who, id);
    }

    @GetMapping("/api/v1/group-progress")
    GroupProgressView groupProgress(@AuthenticationPrincipal SignedIn who) {
        return group.of(who);
    }
}
