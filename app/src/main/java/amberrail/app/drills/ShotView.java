package amberrail.app.drills;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.aiming.PotLine;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Units;
import amberrail.core.motion.Bridge;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.setup.SetUp;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.Optional;

/**
 * A shot as it lies on one table.
 *
 * @param bridge       what the cue is to be guided by
 * @param usual        the stroke that is usual on this side, where it is known: what a call begins with
 * @param outcomeSides whether the keys say thick and thin or left and right
 */
public record ShotView(
        List<BallView> balls,
        @MayBeMissing PotView pot,
        @MayBeMissing ZoneView zone,
        List<DemandView> demands,
        PointView target,
        double arrivalDegrees,
        Bridge bridge,
        @MayBeMissing CallView usual,
        PotOutcome.Sides outcomeSides) {

    /** A stroke as it is called: where the tip meets the ball and how hard. */
    public record CallView(double paceMetresPerSecond, double tipHeightMillimetres, double tipSideMillimetres) {
        static CallView of(PlannedStroke stroke) {
            return new CallView(
                    stroke.paceMetresPerSecond(), stroke.tipHeightMillimetres(), stroke.tipSideMillimetres());
        }
    }

    /** One ball. */
    public record BallView(String label, BallPlacement.Role role, double diameterMillimetres, PlaceView at) {}

    /** The pot that is asked. */
    public record PotView(
            PocketName pocket,
            PointView ghostBall,
            PointView objectPathEnd,
            double aimDegrees,
            double cutDegrees,
            double coveredFraction,
            double cueDistanceMillimetres,
            double objectDistanceMillimetres,
            double allowedAimMilliradians) {}

    /** The set-up's layout may have a better line of arrival than the set-up itself knows. */
    public static ShotView of(SetUp setUp, ShotLayout layout) {
        return of(setUp, layout, Optional.empty());
    }

    /** The same with the stroke that is usual on the set-up's side. */
    public static ShotView of(SetUp setUp, ShotLayout layout, Optional<PlannedStroke> usual) {
        TableSpec table = setUp.table();
        return new ShotView(
                layout.balls().stream()
                        .map(ball -> new BallView(
                                ball.label(),
                                ball.role(),
                                ball.spec().diameterMillimetres(),
                                PlaceView.of(ball.place(), table)))
                        .toList(),
                layout.potLine().map(pot -> pot(layout, pot)).orElse(null),
                layout.zone().map(zone -> ZoneView.of(zone, List.of(), table)).orElse(null),
                layout.conditions().stream()
                        .map(condition -> DemandView.of(condition, layout, table))
                        .toList(),
                PointView.of(layout.target()),
                layout.arrival().degrees(),
                setUp.shot().bridge(),
                usual.map(CallView::of).orElse(null),
                Judge.sides(layout));
    }

    private static PotView pot(ShotLayout layout, PotLine pot) {
        return new PotView(
                layout.pocket().orElseThrow(),
                PointView.of(pot.ghostBall()),
                PointView.of(pot.objectPathEnd()),
                pot.aim().degrees(),
                pot.cutDegrees(),
                pot.fraction(),
                pot.cueDistanceMillimetres(),
                pot.objectDistanceMillimetres(),
                Units.milliradians(pot.aimWindow().widthDegrees()));
    }
}
