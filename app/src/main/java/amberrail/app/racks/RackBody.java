package amberrail.app.racks;

import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.HouseRules;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A rack as it is begun, or changed: its plan and its note may change, everything else stays as it was first sent.
 *
 * @param breakDown  balls that dropped on a break that was played; left out with any other origin
 * @param plan       the balls in the order that was planned, with pocket and zone where somebody said
 */
record RackBody(
        @NotNull UUID studentId,
        @NotNull UUID tableId,
        @NotNull HouseRules rules,
        @NotNull @Valid RackLayoutBody layout,
        @NotNull RackOrigin origin,
        @MayBeMissing @Min(0) @Max(15) Integer breakDown,
        @MayBeMissing Boolean breakInOff,
        @NotNull @Size(max = 40) List<@NotNull @Valid PlannedBall> plan,
        @NotNull @Size(max = 500) String note,
        @NotNull Instant startedAt) {}
