package amberrail.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Why a recipe is the preferred one.
 *
 * @param other  what it was weighed against; empty where it stands alone
 * @param points by how many percentage points the other succeeds less often (negative: more often)
 */
public record Preference(Recipe preferred, Reason reason, Optional<Recipe> other, double points) {
    /** What decided. */
    public enum Reason {
        /** There is no other. */
        ONLY_WAY,
        /** It succeeds most often. */
        SUCCEEDS_MOST,
        /** Another succeeds as often within a point, and uses more cushions or more pace. */
        AS_GOOD_AND_SIMPLER,
        /** With side it would go better, yet not by the five points that side must win by. */
        SIDE_NOT_WORTH_IT,
        /** With side it goes better by five points or more. */
        SIDE_WINS
    }

    /** Empty for no recipes. */
    public static Optional<Preference> of(List<Recipe> recipes) {
        return PreferredRecipe.of(recipes).map(preferred -> of(preferred, recipes));
    }

    private static Preference of(Recipe preferred, List<Recipe> recipes) {
        Optional<Recipe> best = recipes.stream()
                .filter(recipe -> recipe != preferred)
                .max(Comparator.comparingDouble(recipe -> recipe.success().probability()));
        if (best.isEmpty()) {
            return new Preference(preferred, Reason.ONLY_WAY, best, 0);
        }
        double ahead = preferred.success().probability() - best.get().success().probability();
        return new Preference(preferred, reason(preferred, best.get(), ahead, recipes), best, 100 * ahead);
    }

    private static Reason reason(Recipe preferred, Recipe best, double ahead, List<Recipe> recipes) {
        boolean plainThere =
                recipes.stream().anyMatch(recipe -> !recipe.stroke().hasSide());
        if (preferred.stroke().hasSide() && plainThere) {
            return Reason.SIDE_WINS;
        }
        if (ahead >= 0) {
            return Reason.SUCCEEDS_MOST;
        }
        return best.stroke().hasSide() && !preferred.stroke().hasSide()
                ? Reason.SIDE_NOT_WORTH_IT
                : Reason.AS_GOOD_AND_SIMPLER;
    }
}
