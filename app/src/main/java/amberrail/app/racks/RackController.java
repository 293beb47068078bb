package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackViews.RackPage;
import amberrail.app.racks.RackViews.RackView;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Racks that were played, each with its shots. */
@RestController
@RequestMapping("/api/v1/racks")
class RackController {
    private final RackService racks;
    private final RackReader reader;
    private final RackWorth worth;

    RackController(RackService racks, RackReader reader, RackWorth worth) {
        this.racks = racks;
        this.reader = reader;
        this.worth = worth;
    }

    /** Newest first, page by page. */
    @GetMapping
    RackPage list(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam UUID studentId,
            @RequestParam Optional<Instant> before) {
        RackPage page = reader.list(who, studentId, before);
        worth.askAbout(who, studentId);
        return page;
    }

    @GetMapping("/{id}")
    RackView rack(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return reader.view(who, id);
    }

    /** The id is the device's: sent twice, it is kept once. */
    @PutMapping("/{id}")
    RackView write(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody RackBody body) {
        Races.again(() -> racks.write(who, id, body));
        worth.ask(who, id);
        return reader.view(who, id);
    }

    @PutMapping("/{id}/shots/{shotId}")
    RackView writeShot(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @PathVariable UUID shotId,
            @Valid @RequestBody RackShotBody body) {
        Races.again(() -> racks.writeShot(who, id, shotId, body));
        return reader.view(who, id);
    }
}
