package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;

/** A table made ready for racks: make it once and use it for every layout on it. */
public final class RackTable {
    final TableSpec spec;
    final TablePlan plan;
    final ShotTable shots;
    final Physics physics;
    final BallSpec cueBall;
    final BallSpec objectBall;
    /** Plan distance of centres (mm): cue ball against object ball, and two object balls. */
    final double touching;

    final double touchingObjects;

    public RackTable(TableSpec spec) {
        this.spec = spec;
        plan = TablePlan.of(spec);
        shots = ShotTable.of(plan);
        physics = spec.physics();
        cueBall = spec.balls().cueBall();
        objectBall = spec.balls().objectBall();
        touching = spec.balls().touchingMillimetres();
        touchingObjects = objectBall.diameterMillimetres();
    }

    public TableSpec spec() {
        return spec;
    }

    /** The cue ball first, then the balls that are on the table, in the game's order. */
    List<TableBall> balls(RackPosition position, Point cue) {
        List<TableBall> balls = new ArrayList<>();
        balls.add(TableBall.atRest("cue", cue, cueBall));
        for (int ball : position.onTable()) {
            balls.add(TableBall.atRest(position.game().balls().get(ball).id(), position.place(ball), objectBall));
        }
        return balls;
    }

    /** To play shots from a position whose cue ball is not in hand. */
    ShotRunner runner(RackPosition position) {
        return ShotRunner.goingOn(shots, physics, balls(position, position.cue().orElseThrow()), 0, Accuracy.FULL);
    }
}
