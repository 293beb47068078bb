/**
 * What a drill is: stations in order, each with its shots, what every shot asks, and the rule to move on.
 *
 * <p>A drill is written without a table: positions are anchored ({@link amberrail.core.drill.Position}) and become points
 * (mm) when a {@link amberrail.core.drill.ShotLayout} puts a shot on one. Mirror is y -> W - y. This package knows tables and
 * aiming; it does not know who plays or what was recorded.
 */
package amberrail.core.drill;
