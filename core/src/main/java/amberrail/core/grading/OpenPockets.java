package amberrail.core.grading;

import amberrail.core.aiming.PotLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Blockers;
import amberrail.core.drill.PlacedBall;
import amberrail.core.drill.ShotLayout;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.recipe.AimSearch;
import amberrail.core.recipe.AimSolver;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Which pockets a ball can be potted in from where it lies, straight and with nothing in the way. */
public final class OpenPockets {
    private static final double MOST_CUT_DEGREES = 80;
    private static final double PACE_METRES_PER_SECOND = 2.5;
    private static final double ELEVATION_DEGREES = 3;

    private OpenPockets() {}

    /** Pockets in which a centre-ball stroke of middle pace pots the first object ball, by the engine; none where the shot has none. */
    public static List<PocketName> of(ShotLayout layout, TablePlan plan, Physics physics) {
        int object = firstObjectBall(layout);
        List<PocketName> open = new ArrayList<>();
        if (object < 0) {
            return open;
        }
        ShotRunner runner = new ShotRunner(ShotTable.of(plan), physics, ShotTasks.balls(layout), layout.cueIndex());
        for (PocketName name : PocketName.values()) {
            if (pots(runner, layout, object, plan, plan.pocket(name))) {
                open.add(name);
            }
        }
        return open;
    }

    private static int firstObjectBall(ShotLayout layout) {
        for (int i = 0; i < layout.balls().size(); i++) {
            if (layout.balls().get(i).role() == BallPlacement.Role.OBJECT) {
                return i;
            }
        }
        return -1;
    }

    private static boolean pots(ShotRunner runner, ShotLayout layout, int object, TablePlan plan, Pocket pocket) {
        PlacedBall ball = layout.balls().get(object);
        PotLine line;
        try {
            line = PotLine.of(plan, plan.spec().balls(), layout.cueBall().place(), ball.place(), pocket);
        } catch (InvalidInputException behindTheBall) {
            return false;
        }
        PlacedBall cue = layout.cueBall();
        if (Math.abs(line.cutDegrees()) > MOST_CUT_DEGREES
                || !Blockers.of(layout.balls(), cue, line.ghostBall(), ball).isEmpty()
                || !Blockers.of(layout.balls(), ball, line.objectPathEnd(), cue).isEmpty()) {
            return false;
        }
        CueStrike stroke = new CueStrike(PACE_METRES_PER_SECOND, 0, 0, 0, ELEVATION_DEGREES, OptionalDouble.empty());
        AimSearch search =
                AimSearch.about(line.aim().degrees(), line.aimWindow().widthDegrees());
        return AimSolver.solve(runner, stroke, search, shot -> shot.isPottedIn(object, pocket.name()))
                .isPresent();
    }
}
