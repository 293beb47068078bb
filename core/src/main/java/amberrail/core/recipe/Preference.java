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
        /** Another succeeds as often within three points, and uses side, more cushions or more pace. */
        AS_GOOD_AND_SIMPLER,
        /** It is what the drill is there to teach; another may succeed more often. */
        IS_WHAT_IS_TAUGHT
    }

    /** Empty for no recipes. */
    public static Optional<Preference> of(List<Recipe> recipes, Teaching teaching) {
        return PreferredRecipe.of(recipes, teaching).map(preferred -> of(preferred, recipes, teaching));
    }

    private static Preference of(Recipe preferred, List<Recipe> recipes, Teaching teaching) {
        Optional<Recipe> best = recipes.stream()
                .filter(recipe -> recipe != preferred)
                .max(Comparator.comparingDouble(recipe -> recipe.success().probability()));
        if (best.isEmpty()) {
            return new Preference(preferred, Reason.ONLY_WAY, best, 0);
        }
        double ahead = preferred.success().probability() - best.get().success().probability();
        return new Preference(preferred, reason(best.get(), ahead, teaching), best, 100 * ahead);
    }

    private static Reason reason(Recipe best, double ahead, Teaching teaching) {
        if (ahead >= 0) {
            return Reason.SUCCEEDS_MOST;
        }
        return teaching.isMetBy(best) ? Reason.AS_GOOD_AND_SIMPLER : Reason.IS_WHAT_IS_TAUGHT;
    }
}
