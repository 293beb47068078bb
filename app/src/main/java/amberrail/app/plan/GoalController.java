package amberrail.app.plan;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import amberrail.core.drill.Skill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A student's goals, for themselves and their coaches. */
@RestController
@RequestMapping("/api/v1/students/{id}/goals")
class GoalController {
    private final GoalService goals;

    GoalController(GoalService goals) {
        this.goals = goals;
    }

    /**
     * One skill.
     *
     * @param weight how much it counts in plans; 0: left out of them
     * @param grade  to be reached, with the day; both or neither
     */
    record GoalBody(
            @NotNull Skill skill,
            @DecimalMin("0") @DecimalMax("5") double weight,
            @MayBeMissing @Min(0) @Max(1000) Integer grade,
            @MayBeMissing LocalDate byDay) {}

    /** All skills that are not left at the usual. */
    record GoalsBody(@NotNull @Size(max = 7) List<@NotNull @Valid GoalBody> skills) {}

    @GetMapping
    GoalsView goals(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return goals.of(who, id);
    }

    @PutMapping
    GoalsView keep(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody GoalsBody body) {
        Set<Skill> seen = EnumSet.noneOf(Skill.class);
        for (GoalBody one : body.skills()) {
            if (!seen.add(one.skill())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "skills", one.skill(), "must be there only once");
            }
        }
        return Races.again(() -> goals.keep(
                who,
                id,
                body.skills().stream()
                        .map(one -> new GoalService.Wanted(
                                one.skill(),
                                one.weight(),
                                Optional.ofNullable(one.grade()),
                                Optional.ofNullable(one.byDay())))
                        .toList()));
    }
}
