package amberrail.core.recipe;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.table.Cushion;
import java.util.List;

/**
 * One way to play a shot, with its margins.
 *
 * @param way            how it is played
 * @param cushions       that the cue ball meets, in order
 * @param stroke         what to do
 * @param aim            launch directions that pot at this pace and spin; the stroke takes the middle
 * @param landing        where the cue ball rests (mm)
 * @param arrivalDegrees its direction where it passes nearest to the target
 * @param jacobian       how the landing moves with the stroke
 * @param potShift       how the directions that pot turn with the tip
 * @param allowed        how far each thing may be off
 * @param firstFault     what goes wrong first for the reference student
 * @param consequence    and what then happens
 * @param success        how often it succeeds for the reference student (ability 0)
 */
public record Recipe(
        Way way,
        List<Cushion> cushions,
        PlannedStroke stroke,
        AimInterval aim,
        Point landing,
        double arrivalDegrees,
        LandingJacobian jacobian,
        PotShift potShift,
        AllowedErrors allowed,
        AllowedErrors.Fault firstFault,
        Consequence consequence,
        SuccessRate success) {
    public Recipe {
        cushions = List.copyOf(cushions);
    }

    /** What comes of an error just past the allowed one. */
    public enum Consequence {
        POT_MISSED,
        IN_OFF,
        LONG,
        SHORT,
        LEFT,
        RIGHT,
        /** Something else that the drill forbids. */
        OTHER
    }
}
