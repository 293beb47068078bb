package amberrail.core.recipe;

import java.util.Set;

/**
 * What a shot is there to teach, as far as it says which way to play it is the usual one (grading.md, "The usual recipe").
 *
 * @param ways     that are the drill's own skill; empty: any
 * @param withSide its skill is side, whichever way
 * @param potAlone nothing but the pot is asked
 */
public record Teaching(Set<Way> ways, boolean withSide, boolean potAlone) {
    /** Of a shot that belongs to no drill. */
    public static final Teaching NOTHING = new Teaching(Set.of(), false, false);

    public Teaching {
        ways = Set.copyOf(ways);
    }

    /** Whether there is a way that counts as the skill, and others that do not. */
    public boolean isParticular() {
        return withSide || !ways.isEmpty();
    }

    /** Whether this way to play is the drill's own skill; true for every way where nothing particular is taught. */
    public boolean isMetBy(Recipe recipe) {
        return (!withSide || recipe.stroke().hasSide()) && (ways.isEmpty() || ways.contains(recipe.way()));
    }
}
