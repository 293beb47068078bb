package amberrail.core.setup;

import amberrail.core.drill.Explore;
import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.PaceScale;
import amberrail.core.recipe.AimInterval;
import amberrail.core.recipe.AimSolver;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ShotRunner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Where the engine's cue ball ends while an explore drill's one thing is changed and everything else stays as in one stroke: what a map of real
 * landings is held against. Every stroke is aimed to pot; none strays.
 */
public final class ExploreMap {
    /** A tip this near to the miscue limit is not asked of anybody. */
    private static final double SAFE_SHARE_OF_THE_MISCUE_LIMIT = 0.94;

    private static final int STEPS_PER_TIP = 4;
    private static final int HARDEST_PACE = 7;

    private ExploreMap() {}

    /**
     * One stroke of the map.
     *
     * @param rests where its cue ball ends (mm); empty where it drops
     */
    public record Step(PlannedStroke stroke, Optional<Point> rests) {}

    /**
     * In the order of what is changed: paces 1 to 7, or quarter tips from the lowest (leftmost) to the highest (rightmost) that is safe. What cannot
     * be aimed is left out.
     *
     * @param baseline            the stroke whose other parts stay
     * @param tipDiameterMillimetres of the cue
     */
    public static List<Step> of(Explore changed, ShotTask task, PlannedStroke baseline, double tipDiameterMillimetres) {
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        double radius = task.balls().get(task.cueBall()).radiusMillimetres();
        List<Step> steps = new ArrayList<>();
        amounts(changed, SAFE_SHARE_OF_THE_MISCUE_LIMIT * task.physics().miscueLimit() * radius, tipDiameterMillimetres)
                .mapToObj(amount -> with(changed, baseline, amount))
                .forEach(stroke -> aimed(runner, task, stroke, radius)
                        .ifPresent(one -> steps.add(played(runner, task, one, radius))));
        return steps;
    }

    private static DoubleStream amounts(Explore changed, double mostMillimetres, double tipDiameterMillimetres) {
        if (changed == Explore.PACE) {
            return IntStream.rangeClosed(1, HARDEST_PACE).mapToDouble(PaceScale::metresPerSecond);
        }
        double step = tipDiameterMillimetres / STEPS_PER_TIP;
        int most = (int) Math.floor(mostMillimetres / step);
        return IntStream.rangeClosed(-most, most).mapToDouble(i -> i * step);
    }

    private static PlannedStroke with(Explore changed, PlannedStroke baseline, double amount) {
        return switch (changed) {
            case PACE -> baseline.withPace(amount);
            case HEIGHT -> baseline.withTip(amount, 0);
            case SIDE -> baseline.withTip(0, amount);
        };
    }

    /** Into the middle of the directions that pot; where nothing is to be potted the baseline's own direction stays. */
    private static Optional<PlannedStroke> aimed(
            ShotRunner runner, ShotTask task, PlannedStroke stroke, double radiusMillimetres) {
        if (task.aim().isEmpty()) {
            return Optional.of(stroke);
        }
        CueStrike strike = stroke.onBall(radiusMillimetres);
        return AimSolver.solve(runner, strike, task.aim().get(), task.aimTest())
                .map(AimInterval::middleDegrees)
                .map(stroke::launched);
    }

    private static Step played(ShotRunner runner, ShotTask task, PlannedStroke stroke, double radiusMillimetres) {
        boolean ended = runner.play(stroke.onBall(radiusMillimetres), stroke.launchDegrees());
        var shot = runner.result();
        int cue = task.cueBall();
        return new Step(stroke, ended && !shot.isPotted(cue) ? Optional.of(shot.place(cue)) : Optional.empty());
    }
}
