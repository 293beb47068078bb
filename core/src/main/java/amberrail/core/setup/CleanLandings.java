package amberrail.core.setup;

import amberrail.core.attempt.Judge;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.LandingSimulation;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.StrokeNoise;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Where a stroke's clean landings fall (mm): those of strokes that do what the pot asks and leave the cue ball up. */
public final class CleanLandings {
    private CleanLandings() {}

    /** In the order of the draws; strokes that are not clean are left out. */
    public static List<Point> of(
            ShotLayout layout, ShotTask task, PlannedStroke stroke, ExecutionErrors errors, StrokeNoise noise) {
        int cue = task.cueBall();
        Predicate<PlayedShot> pots = layout.pocket().isPresent() ? Judge.pots(layout) : played -> true;
        return new LandingSimulation(task.table(), task.physics(), task.balls(), cue, task.level())
                .landings(
                        stroke.onBall(task.balls().get(cue).radiusMillimetres()),
                        task.errors(errors),
                        noise,
                        played -> pots.test(played) && !played.isPotted(cue)
                                ? Optional.of(played.place(cue))
                                : Optional.empty());
    }
}
