package amberrail.app.backup;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How backups stand, for the head coach. */
@RestController
@RequestMapping("/api/v1/backups")
class BackupController {
    private final Backups backups;
    private final Access access;

    BackupController(Backups backups, Access access) {
        this.backups = backups;
        this.access = access;
    }

    record BackupView(String name, Instant madeAt, long bytes) {}

    /** @param problem of the last attempt; empty where it went well */
    record BackupsView(String folder, boolean encrypted, boolean working, String problem, List<BackupView> kept) {}

    @GetMapping
    BackupsView state(@AuthenticationPrincipal SignedIn who) {
        access.requireHeadCoach(who);
        Backups.State state = backups.state();
        return new BackupsView(
                state.folder().toString(),
                state.encrypted(),
                state.working(),
                state.problem(),
                state.kept().stream()
                        .map(one -> new BackupView(one.name(), one.madeAt(), one.bytes()))
                        .toList());
    }

    /** Begun at once, in the background. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    void begin(@AuthenticationPrincipal SignedIn who) {
        access.requireHeadCoach(who);
        backups.begin();
    }
}
