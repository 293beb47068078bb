package amberrail.core.recipe;

import amberrail.core.geometry.Point;

/** A stroke that was tried: its aim, where the cue ball went, and whether all that is asked came about. */
record Candidate(
        RecipeGroup group,
        double speed,
        double height,
        double side,
        double elevationDegrees,
        AimInterval aim,
        Point landing,
        boolean succeeds) {

    PlannedStroke stroke(double radiusMillimetres) {
        return new PlannedStroke(
                speed, height * radiusMillimetres, side * radiusMillimetres, elevationDegrees, aim.middleDegrees());
    }
}
