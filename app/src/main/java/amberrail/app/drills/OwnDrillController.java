package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.databind.JsonNode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Making and changing drills; coaches only. */
@RestController
@RequestMapping("/api/v1/drills")
class OwnDrillController {
    private static final String COPY_SUFFIX = " (copy)";

    private final OwnDrills owns;
    private final DrillCatalogue catalogue;

    OwnDrillController(OwnDrills owns, DrillCatalogue catalogue) {
        this.owns = owns;
        this.catalogue = catalogue;
    }

    /** A drill to keep. */
    record NewDrill(@NotNull JsonNode drill) {}

    /** A change, and the revision it was made on. */
    record ChangedDrill(int revision, @NotNull JsonNode drill) {}

    /** Whether the whole club may use it. */
    record Sharing(boolean shared) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OwnDrills.Saved create(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewDrill body) {
        return owns.create(who, DrillJson.sent(body.drill(), "drill"));
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    OwnDrills.Saved copy(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return owns.copy(who, id, COPY_SUFFIX);
    }

    @GetMapping("/{id}/document")
    DocumentView document(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        DrillFromLibrary found = catalogue.find(who, id);
        return new DocumentView(
                DrillJson.toTree(found.drill()),
                found.origin(),
                found.drill().version(),
                found.revision(),
                owns.isPlayed(found.drill()));
    }

    @PutMapping("/{id}")
    OwnDrills.Saved save(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @Valid @RequestBody ChangedDrill body) {
        return owns.save(who, id, body.revision(), DrillJson.sent(body.drill(), "drill"));
    }

    @PutMapping("/{id}/sharing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void share(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody Sharing body) {
        owns.share(who, id, body.shared());
    }

    /** Puts the drill away; undone by {@code bring-back}. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putAway(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        owns.putAway(who, id);
    }

    @PostMapping("/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        owns.bringBack(who, id);
    }
}
