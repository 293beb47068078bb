package amberrail.app.racks;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.BreakOut;
import amberrail.core.rack.RackPlan;
import amberrail.core.rack.RecordedShot;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.table.PocketName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/**
 * A shot as it was written down.
 *
 * @param number  from 1, in the order of play
 * @param ball    left out where there was no shot
 * @param from    where the cue ball was played from; left out: where it had stopped
 * @param stroke  how it was planned, left out where nobody said
 * @param planned where the cue ball was meant to stop
 * @param next    the ball that was planned to come after it
 * @param down    the balls that dropped
 * @param moved   other balls that lie elsewhere now
 * @param breakOut left out where nothing was to be driven free, and where nobody said how it went
 */
record RackShotBody(
        @Min(1) @Max(200) int number,
        @MayBeMissing @Size(max = 20) String ball,
        @MayBeMissing PocketName pocket,
        @MayBeMissing @Valid PointView from,
        @MayBeMissing @Valid RackStroke stroke,
        @MayBeMissing @Valid RackZone planned,
        @MayBeMissing @Size(max = 20) String next,
        @NotNull RecordedShot.Outcome outcome,
        @NotNull @Size(max = 22) List<@NotNull @Size(max = 20) String> down,
        @MayBeMissing @Valid PointView landing,
        @NotNull @Size(max = 22) List<RackLayoutBody.@NotNull @Valid LaidBall> moved,
        @MayBeMissing BreakOut breakOut,
        boolean withdrawn) {

    /** Pace in m/s, the tip in mm from the centre (above and right positive), degrees. */
    record RackStroke(
            @DecimalMin("0.05") @DecimalMax("15") double paceMetresPerSecond,
            @DecimalMin("-40") @DecimalMax("40") double tipHeightMillimetres,
            @DecimalMin("-40") @DecimalMax("40") double tipSideMillimetres,
            @DecimalMin("0") @DecimalMax("59") double elevationDegrees,
            @DecimalMin("-720") @DecimalMax("720") double launchDegrees) {
        PlannedStroke planned() {
            return new PlannedStroke(
                    paceMetresPerSecond, tipHeightMillimetres, tipSideMillimetres, elevationDegrees, launchDegrees);
        }

        static RackStroke of(PlannedStroke stroke) {
            return new RackStroke(
                    stroke.paceMetresPerSecond(),
                    stroke.tipHeightMillimetres(),
                    stroke.tipSideMillimetres(),
                    stroke.elevationDegrees(),
                    stroke.launchDegrees());
        }
    }

    /** A round place to stop in. */
    record RackZone(
            @NotNull PointView centre,
            @DecimalMin("10") @DecimalMax("2000") double radiusMillimetres) {
        RackPlan.Zone zone() {
            return new RackPlan.Zone(centre.point(), radiusMillimetres);
        }
    }

    RecordedShot shot() {
        return new RecordedShot(
                Optional.ofNullable(ball),
                Optional.ofNullable(pocket),
                Optional.ofNullable(from).map(PointView::point),
                Optional.ofNullable(stroke).map(RackStroke::planned),
                Optional.ofNullable(planned).map(RackZone::zone),
                Optional.ofNullable(next),
                outcome,
                down,
                Optional.ofNullable(landing).map(PointView::point),
                moved.stream().map(RackLayoutBody.LaidBall::laid).toList(),
                Optional.ofNullable(breakOut));
    }
}
