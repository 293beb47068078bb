package amberrail.core.grading;

import amberrail.core.attempt.Judge;
import amberrail.core.drill.PlacedBall;
import amberrail.core.drill.ShotLayout;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.AimSearch;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import java.util.List;
import java.util.function.Predicate;

/** A shot of a drill as a task for the recipe solver; the judge of recorded attempts decides here too. */
public final class ShotTasks {
    private ShotTasks() {}

    /** Balls keep the layout's order; the cue ball's index is the layout's. */
    public static ShotTask of(ShotLayout layout, ShotTable table, Physics physics, boolean sideAllowed) {
        Predicate<PlayedShot> success = Judge.successes(layout);
        return new ShotTask(
                table,
                physics,
                balls(layout),
                layout.cueIndex(),
                layout.potLine()
                        .map(pot -> AimSearch.about(
                                pot.aim().degrees(), pot.aimWindow().widthDegrees())),
                layout.pocket().isPresent() ? Judge.pots(layout) : success,
                success,
                layout.zone().map(zone -> zone.targetPoint()),
                sideAllowed);
    }

    /** Each ball at rest where the layout has it (m, kg). */
    public static List<TableBall> balls(ShotLayout layout) {
        return layout.balls().stream().map(ShotTasks::ball).toList();
    }

    private static TableBall ball(PlacedBall ball) {
        return new TableBall(
                ball.label(),
                BallState.atRest(
                        ball.place().xMillimetres() / 1000, ball.place().yMillimetres() / 1000),
                ball.spec().radiusMillimetres() / 1000,
                ball.spec().massKilograms());
    }
}
