package amberrail.app.backup;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How backups stand, for the head coach. */
@RestController
@RequestMapping("/api/v1/backups")
class BackupController {
    private final Backups backups;
    private final BrowserRestore restore;
    private final Access access;

    BackupController(Backups backups, BrowserRestore restore, Access access) {
        this.backups = backups;
        this.restore = restore;
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

    /** @param passphrase empty: the one that the server was started with, if there is one */
    record LookBody(@NotNull @Size(max = 800) String passphrase) {}

    /** @param password of whoever asks */
    record RestoreBody(
            @NotNull @Size(max = 800) String passphrase,
            @NotNull @Size(max = 800) String password) {}

    /** How many there are of one thing, in the backup and now. */
    record ComparedCount(String what, long inIt, long now) {}

    record BackupCompared(Instant madeAt, List<ComparedCount> counts) {
        static BackupCompared of(BrowserRestore.Compared compared) {
            return new BackupCompared(
                    compared.madeAt(),
                    compared.now().entrySet().stream()
                            .map(now -> new ComparedCount(
                                    now.getKey(), compared.inIt().getOrDefault(now.getKey(), 0L), now.getValue()))
                            .toList());
        }
    }

    /** Opens it, compares it with what it says of itself and counts, and changes nothing. */
    @Costly
    @PostMapping("/{name}/look")
    BackupCompared look(
            @AuthenticationPrincipal SignedIn who, @PathVariable String name, @Valid @RequestBody LookBody body)
            throws IOException, SQLException {
        access.requireHeadCoach(who);
        return BackupCompared.of(restore.look(name, body.passphrase()));
    }

    /** The server stops; its next start has the backup in its place. */
    @Costly
    @PostMapping("/{name}/restore")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void restore(@AuthenticationPrincipal SignedIn who, @PathVariable String name, @Valid @RequestBody RestoreBody body)
            throws IOException {
        access.requireHeadCoach(who);
        restore.putBack(who, name, body.passphrase(), body.password());
    }
}
