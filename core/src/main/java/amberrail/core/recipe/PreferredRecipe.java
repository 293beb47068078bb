package amberrail.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which recipe is the usual one (answers.md, "Strike and pace"). */
public final class PreferredRecipe {
    private static final double SAME_WITHIN = 0.01;
    private static final double SIDE_MUST_WIN_BY = 0.05;

    private PreferredRecipe() {}

    /**
     * The highest success at ability 0; within one percentage point fewer cushions, then slower. Side only where it wins by five points
     * or more over the best without. Empty for no recipes.
     */
    public static Optional<Recipe> of(List<Recipe> recipes) {
        double plain = best(recipes, false);
        double withSide = best(recipes, true);
        boolean side = withSide >= plain + SIDE_MUST_WIN_BY;
        double best = side ? withSide : plain;
        return recipes.stream()
                .filter(recipe -> recipe.stroke().hasSide() == side)
                .filter(recipe -> recipe.success().probability() >= best - SAME_WITHIN)
                .min(Comparator.comparingInt(
                                (Recipe recipe) -> recipe.cushions().size())
                        .thenComparingDouble(recipe -> recipe.stroke().paceMetresPerSecond()));
    }

    private static double best(List<Recipe> recipes, boolean side) {
        return recipes.stream()
                .filter(recipe -> recipe.stroke().hasSide() == side)
                .mapToDouble(recipe -> recipe.success().probability())
                .max()
                .orElse(-1);
    }
}
