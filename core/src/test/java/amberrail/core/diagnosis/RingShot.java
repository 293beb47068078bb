package amberrail.core.diagnosis;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.ZonePlan;
import amberrail.core.grading.ShotTasks;
import amberrail.core.recipe.ShotTask;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;

/** A cut of 30 degrees into a side pocket, the cue ball to rest in a ring of 200 mm; on the 9 ft table, either side. */
final class RingShot {
    static final TablePlan TABLE = TablePlan.of(TablePresets.POOL_9FT);
    static final double WIDTH_MILLIMETRES = TABLE.spec().widthMillimetres();
    private static final Shot SHOT = new Shot(
            List.of(
                    new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(4, 2.6)),
                    new BallPlacement("cue", BallPlacement.Role.CUE, new Position.ForPot("1", PocketName.N, 30, 300))),
            List.of(
                    Demand.PotBall.of("1", PocketName.N),
                    new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(5.5, 3.2), 200))),
            ArrivalLine.NATURAL_ROLL);

    private RingShot() {}

    static ShotLayout layout(boolean mirrored) {
        return ShotLayout.of(SHOT, TABLE, TABLE.spec().balls(), mirrored);
    }

    static ShotTask task(boolean mirrored) {
        return ShotTasks.of(layout(mirrored), TABLE.spec(), false);
    }
}
