package amberrail.core.kit;

import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import java.util.Objects;

/**
 * A stroke that was called, potted clean and left the cue ball where somebody saw it.
 *
 * @param setUp   that it was played from, on its own side
 * @param stroke  as it was called, on that side
 * @param errors  of whoever played it
 * @param student whose it is, from 0
 * @param landing mm
 */
public record CalledStroke(SetUp setUp, PlannedStroke stroke, ExecutionErrors errors, int student, Point landing) {
    public CalledStroke {
        Objects.requireNonNull(setUp);
        Objects.requireNonNull(stroke);
        Objects.requireNonNull(errors);
        Objects.requireNonNull(landing);
    }
}
