package amberrail.app.racks;

import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.RackPlan;
import amberrail.core.table.PocketName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;

/** What somebody decided for one step of a plan. */
record PlannedBall(
        @NotBlank @Size(max = 20) String ball,
        @MayBeMissing PocketName pocket,
        @MayBeMissing @Valid RackShotBody.RackZone zone) {
    RackPlan.Locked locked() {
        return new RackPlan.Locked(
                ball, Optional.ofNullable(pocket), Optional.ofNullable(zone).map(RackShotBody.RackZone::zone));
    }
}
