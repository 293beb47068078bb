package amberrail.app.trail;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who saw and changed what about whom. */
@RestController
class TrailController {
    private final TrailReader reader;

    TrailController(TrailReader reader) {
        this.reader = reader;
    }

    /** The newest lines first; {@code next} asks for those before. */
    record TrailPage(
            List<TrailReader.TrailLine> lines, @MayBeMissing Instant next) {}

    /**
     * @param byThem what the person did, in place of what was done with their data
     * @param before a page's {@code next}
     */
    @GetMapping("/api/v1/people/{id}/trail")
    TrailPage trail(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "false") boolean byThem,
            @RequestParam Optional<Instant> before) {
        TrailReader.Page page = reader.of(who, id, byThem, before);
        return new TrailPage(page.lines(), page.next().orElse(null));
    }
}
