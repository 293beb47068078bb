package amberrail.app.routine;

import static amberrail.app.routine.RoutineService.LONGEST_LINE;

import amberrail.app.people.SignedIn;
import amberrail.app.routine.RoutineService.Kept;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everybody's own list of observations, and a student's routine for themselves and their coaches. */
@RestController
@RequestMapping("/api/v1")
class RoutineController {
    private final RoutineService routines;

    RoutineController(RoutineService routines) {
        this.routines = routines;
    }

    /** Words to note with one key each. */
    record ObservationWords(@NotNull @Size(max = 8) List<@NotBlank @Size(max = LONGEST_LINE) String> words) {}

    /** Steps before each shot, and seconds between shots; 0: no clock. */
    record Routine(
            @NotNull @Size(max = 10) List<@NotBlank @Size(max = LONGEST_LINE) String> steps,
            @Min(0) @Max(600) int clockSeconds) {}

    @GetMapping("/me/observations")
    ObservationWords observations(@AuthenticationPrincipal SignedIn who) {
        return new ObservationWords(routines.observations(who));
    }

    @PutMapping("/me/observations")
    ObservationWords change(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ObservationWords body) {
        return new ObservationWords(Races.again(() -> routines.changeObservations(who, body.words())));
    }

    @GetMapping("/students/{id}/routine")
    Routine routine(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(routines.routine(who, id));
    }

    @PutMapping("/students/{id}/routine")
    Routine change(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Routine body) {
        return view(Races.again(() -> routines.changeRoutine(who, id, new Kept(body.steps(), body.clockSeconds()))));
    }

    private static Routine view(Kept kept) {
        return new Routine(kept.steps(), kept.clockSeconds());
    }
}
