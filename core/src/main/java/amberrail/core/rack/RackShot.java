package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.table.PocketName;
import java.util.Objects;
import java.util.Optional;

/**
 * A shot that was played with a known plan.
 *
 * @param before  how the balls lay, the cue ball with them
 * @param ball    the ball that was meant, by its id
 * @param pocket  where it was to go
 * @param stroke  how it was meant to be struck
 * @param potted  whether it went there
 * @param landing where the cue ball stopped (mm), if somebody saw it and it stayed on the table
 */
public record RackShot(
        RackPosition before,
        String ball,
        PocketName pocket,
        PlannedStroke stroke,
        boolean potted,
        Optional<Point> landing) {
    public RackShot {
        Objects.requireNonNull(before);
        Objects.requireNonNull(pocket);
        Objects.requireNonNull(stroke);
        Objects.requireNonNull(landing);
    }
}
