package amberrail.app.plan;

import amberrail.app.web.MayBeMissing;
import amberrail.core.plan.GoalOutlook;
import amberrail.core.plan.PlannedDrill;
import amberrail.core.plan.Reason;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * A line of a plan as it is sent and stored.
 *
 * @param drillId a drill's, or {@code rack:} and a game's key: racks of that game
 * @param tries  of each student; of racks, how many
 * @param places where each student plays it; none for a pattern, and for a line that was put there by hand
 * @param why    what it was taken for; left out where somebody put it there
 */
public record PlanItemBody(
        @NotBlank @Size(max = 60) String drillId,
        @NotNull PlannedDrill.Role role,
        @DecimalMin("1") @DecimalMax("600") double minutes,
        @Min(1) @Max(500) int tries,
        boolean locked,
        @NotNull @Size(max = 8) List<@NotNull @Valid PlaceBody> places,
        @MayBeMissing @Valid ReasonBody why) {

    /** A student's station, from 0, and their chance there when it was planned. */
    public record PlaceBody(
            @NotNull UUID studentId,
            @Min(0) @Max(200) int station,
            @DecimalMin("0") @DecimalMax("1") double chance) {}

    /**
     * As {@link Reason}.
     *
     * @param needPoints the need in grade points to the goal, at most 200
     */
    public record ReasonBody(
            @DecimalMin("0") @DecimalMax("1") double chance,

            @MayBeMissing @DecimalMin("0") @DecimalMax("100000")
            Double daysSince,

            @Min(1) @Max(32) int intervalDays,
            @DecimalMin("0") @DecimalMax("1") double need,
            @DecimalMin("0") @DecimalMax("200") double needPoints,
            @DecimalMin("0") @DecimalMax("1000") double score) {

        static ReasonBody of(Reason why) {
            return new ReasonBody(
                    why.chance(),
                    why.daysSince().isPresent() ? why.daysSince().getAsDouble() : null,
                    why.intervalDays(),
                    why.need(),
                    GoalOutlook.needPoints(why.need()),
                    why.score());
        }

        Reason reason() {
            return new Reason(
                    chance,
                    daysSince == null ? OptionalDouble.empty() : OptionalDouble.of(daysSince),
                    intervalDays,
                    need,
                    score);
        }
    }

    PlannedDrill planned() {
        return new PlannedDrill(
                drillId, role, minutes, tries, locked, Optional.ofNullable(why).map(ReasonBody::reason));
    }
}
