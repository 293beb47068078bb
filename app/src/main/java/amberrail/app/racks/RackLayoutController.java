package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Layouts that are kept for the whole club. */
@RestController
@RequestMapping("/api/v1/racks/layouts")
class RackLayoutController {
    private final RackLayouts layouts;

    RackLayoutController(RackLayouts layouts) {
        this.layouts = layouts;
    }

    /** @param tableId the table that it lies on */
    record KeptLayoutBody(
            @NotBlank @Size(max = 80) String name,
            @NotNull UUID tableId,
            @NotNull @Valid RackLayoutBody layout,
            boolean madeUp) {}

    record KeptLayout(UUID id, String name, RackLayoutBody layout, boolean madeUp, boolean mayChange) {}

    record LayoutArchiving(boolean archived) {}

    @GetMapping
    List<KeptLayout> all(@AuthenticationPrincipal SignedIn who) {
        return layouts.all(who);
    }

    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody KeptLayoutBody body) {
        layouts.keep(who, id, body);
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody LayoutArchiving body) {
        layouts.archive(who, id, body.archived());
    }
}
