package amberrail.app.progress;

import amberrail.app.people.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A student's progress, for themselves and their coaches. */
@RestController
class ProgressController {
    private final ProgressService progress;

    ProgressController(ProgressService progress) {
        this.progress = progress;
    }

    @GetMapping("/api/v1/students/{id}/progress")
    ProgressView progress(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return progress.of(who, id);
    }
}
