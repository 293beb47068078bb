package amberrail.core.recipe;

import amberrail.core.table.Cushion;
import java.util.List;

/** What tells one way to play from another: spin on arrival, cushions in order, and which side if any. */
record RecipeGroup(Way way, List<Cushion> cushions, int sideSign) {}
