package amberrail.core.recipe;

import amberrail.core.motion.PaceScale;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which recipe is the usual one: the one that a coach would teach (grading.md, "The usual recipe"). */
public final class PreferredRecipe {
    /** Of success at ability 0: nobody at a table can tell two ways apart that are nearer to each other. */
    static final double AS_GOOD_WITHIN = 0.03;

    /** How much less often the drill's own skill may succeed than another way and still be what the drill asks for. */
    static final double TAUGHT_WITHIN = 0.15;

    /** Of 1 to 10: how a ball is usually potted when nothing else is asked. */
    private static final double POTTING_PACE = 3;

    private PreferredRecipe() {}

    /**
     * Among those within three percentage points of the highest success at ability 0 one of the drill's own skill, then one without side, with
     * fewer cushions, with the lowest pace; for a pot alone with the pace nearest to 3 of 10. Where none of these is of the drill's skill, the best
     * such within 15 points. Empty for no recipes.
     */
    public static Optional<Recipe> of(List<Recipe> recipes, Teaching teaching) {
        double best = recipes.stream()
                .mapToDouble(recipe -> recipe.success().probability())
                .max()
                .orElse(0);
        List<Recipe> asGood = within(recipes, best - AS_GOOD_WITHIN);
        if (teaching.isParticular() && asGood.stream().noneMatch(teaching::isMetBy)) {
            Optional<Recipe> taught = within(recipes, best - TAUGHT_WITHIN).stream()
                    .filter(teaching::isMetBy)
                    .max(Comparator.comparingDouble(recipe -> recipe.success().probability()));
            if (taught.isPresent()) {
                return taught;
            }
        }
        return asGood.stream()
                .min(Comparator.comparing((Recipe recipe) -> !teaching.isMetBy(recipe))
                        .thenComparing(recipe -> recipe.stroke().hasSide() && !teaching.withSide())
                        .thenComparingInt(recipe -> recipe.cushions().size())
                        .thenComparingDouble(recipe -> effort(recipe.stroke().paceMetresPerSecond(), teaching)));
    }

    /** What is the less the better: pace, or how far it is from that of a plain pot. */
    static double effort(double paceMetresPerSecond, Teaching teaching) {
        return teaching.potAlone() ? Math.abs(PaceScale.pace(paceMetresPerSecond) - POTTING_PACE) : paceMetresPerSecond;
    }

    private static List<Recipe> within(List<Recipe> recipes, double least) {
        return recipes.stream()
                .filter(recipe -> recipe.success().probability() >= least)
                .toList();
    }
}
