package amberrail.app.people;

import amberrail.app.web.Races;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Students who go from one coach to another. */
@RestController
class HandOverController {
    private final HandOvers handOvers;

    HandOverController(HandOvers handOvers) {
        this.handOvers = handOvers;
    }

    record HandOverBody(@NotNull UUID fromCoachId, @NotNull UUID toCoachId) {}

    /** What was done, to be undone by it. */
    record HandedOver(UUID id) {}

    @PostMapping("/api/v1/students/{id}/hand-over")
    HandedOver hand(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody HandOverBody body) {
        return new HandedOver(Races.again(() -> handOvers.hand(who, id, body.fromCoachId(), body.toCoachId())));
    }

    @GetMapping("/api/v1/hand-overs")
    List<HandOvers.HandOver> undoable(@AuthenticationPrincipal SignedIn who) {
        return handOvers.undoable(who);
    }

    @DeleteMapping("/api/v1/hand-overs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Races.again(() -> handOvers.undo(who, id));
    }
}
