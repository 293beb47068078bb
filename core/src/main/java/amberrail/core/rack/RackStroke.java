package amberrail.core.rack;

import amberrail.core.recipe.PlannedStroke;

/**
 * A stroke of the search's grid.
 *
 * @param pace   launch speed (m/s)
 * @param height b/R
 * @param side   a/R, positive right
 */
record RackStroke(double pace, double height, double side) {
    /** As a person plans it. */
    PlannedStroke planned(double radiusMillimetres, double elevationDegrees, double launchDegrees) {
        return new PlannedStroke(
                pace, height * radiusMillimetres, side * radiusMillimetres, elevationDegrees, launchDegrees);
    }
}
