package amberrail.app.shots;

import amberrail.app.web.MayBeMissing;
import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Point;
import amberrail.core.table.PocketName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/** What is asked of the engine. */
final class ShotRequests {
    private ShotRequests() {}

    /** A ball's centre (mm from the SW corner). Exactly one is the cue ball. */
    record BallRequest(
            @NotBlank @Size(max = 20) String label, boolean cueBall, double xMillimetres, double yMillimetres) {}

    /**
     * A stroke.
     *
     * @param paceMetresPerSecond  launch speed
     * @param tipHeightMillimetres above the ball's centre, negative below
     * @param tipSideMillimetres   right of the centre, negative left
     * @param launchDegrees        direction in which the cue ball leaves; left out where a pot is to be aimed at
     */
    record StrokeRequest(
            @DecimalMin("0.05") @DecimalMax("15") double paceMetresPerSecond,
            double tipHeightMillimetres,
            double tipSideMillimetres,
            @DecimalMin("0") @DecimalMax("59") double elevationDegrees,
            @MayBeMissing Double launchDegrees) {}

    /** A pot to aim for: the middle of the directions that pot is taken. */
    record PotRequest(
            @NotBlank @Size(max = 20) String ball, @NotNull PocketName pocket) {}

    /** A set-up and a stroke; with a pot or with a launch direction. */
    record SimulateRequest(
            @NotNull UUID tableId,
            @NotEmpty @Size(max = 16) List<@Valid @NotNull BallRequest> balls,
            @NotNull @Valid StrokeRequest stroke,
            @Valid @MayBeMissing PotRequest pot,
            @MayBeMissing Boolean preset) {}

    /** Standard deviations of one stroke. */
    record ErrorsRequest(
            @DecimalMin("0") @DecimalMax("100") double aimMilliradians,
            @DecimalMin("0") @DecimalMax("100") double pacePercent,
            @DecimalMin("0") @DecimalMax("50") double tipHeightMillimetres,
            @DecimalMin("0") @DecimalMax("50") double tipSideMillimetres) {}

    /** Where the cue ball shall rest. */
    record CircleRequest(
            double xMillimetres,
            double yMillimetres,
            @DecimalMin("1") @DecimalMax("4000") double radiusMillimetres) {
        Circle toCircle() {
            return new Circle(new Point(xMillimetres, yMillimetres), radiusMillimetres);
        }
    }

    /** A pot and where the cue ball shall rest; without a zone anywhere on the bed will do. */
    record RecipesRequest(
            @NotNull UUID tableId,
            @NotEmpty @Size(max = 16) List<@Valid @NotNull BallRequest> balls,
            @NotNull @Valid PotRequest pot,
            @Valid @MayBeMissing CircleRequest zone,
            boolean sideAllowed) {}

    /** How often this stroke pots, and lands in the circle if there is one. */
    record SuccessRequest(
            @NotNull @Valid SimulateRequest shot,
            @NotNull @Valid ErrorsRequest errors,
            @Valid @MayBeMissing CircleRequest zone,
            @Min(200) @Max(20_000) int shots) {}
}
