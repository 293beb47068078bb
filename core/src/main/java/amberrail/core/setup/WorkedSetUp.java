package amberrail.core.setup;

import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import java.util.List;
import java.util.Optional;

/**
 * What is worked out for a set-up, once, on its original side.
 *
 * @param ways      every way to play it, best for the reference student first; none where no stroke does it
 * @param usual     the index of the usual one in {@code ways}; -1 where there is none
 * @param landings  where the usual stroke's clean landings fall, by band, the weakest first
 */
public record WorkedSetUp(List<Recipe> ways, int usual, List<PredictedLandings> landings) {
    public WorkedSetUp {
        ways = List.copyOf(ways);
        landings = List.copyOf(landings);
    }

    /**
     * The work itself: a few tenths of a second on two cores.
     *
     * @throws amberrail.core.problem.InvalidInputException where the shot cannot be laid out on its table
     */
    public static WorkedSetUp of(SetUp setUp) {
        SetUp original = setUp.original();
        ShotLayout layout = original.drawn();
        ShotTask task = original.task();
        WorkedSetUp ways = ofWays(task);
        return new WorkedSetUp(
                ways.ways,
                ways.usual,
                ways.usualWay()
                        .map(recipe -> PredictedLandings.of(layout, task, recipe.stroke()))
                        .orElse(List.of()));
    }

    /** Only the ways to play it: for a shot that is played once, from where the ball lay. */
    public static WorkedSetUp waysOnly(SetUp setUp) {
        return ofWays(setUp.original().task());
    }

    private static WorkedSetUp ofWays(ShotTask task) {
        List<Recipe> ways = RecipeSolver.solve(task);
        Optional<Recipe> usual = PreferredRecipe.of(ways, task.teaching());
        return new WorkedSetUp(ways, usual.map(ways::indexOf).orElse(-1), List.of());
    }

    public Optional<Recipe> usualWay() {
        return usual < 0 ? Optional.empty() : Optional.of(ways.get(usual));
    }

    /** The set-up's layout with the usual stroke's line of arrival at the target (answers.md, "Target and arrival"); as drawn where there is none. */
    public ShotLayout arriving(ShotLayout drawn) {
        if (!drawn.hasTarget()) {
            return drawn;
        }
        return usualWay()
                .map(Recipe::arrivalDegrees)
                .map(degrees -> drawn.arriving(Direction.ofDegrees(drawn.mirrored() ? -degrees : degrees)))
                .orElse(drawn);
    }
}
