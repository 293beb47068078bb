package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A shot of a rack as somebody wrote it down.
 *
 * @param ball    the ball that was meant; empty where there was no shot
 * @param pocket  where it was meant to go
 * @param from    where the cue ball was played from (mm)
 * @param stroke  how it was planned; empty: nobody said
 * @param planned where the cue ball was meant to stop
 * @param next    the ball that was planned to come after it
 * @param outcome what happened
 * @param down    the balls that dropped
 * @param landing where the cue ball stopped (mm), if somebody saw it
 * @param moved   other balls that lie elsewhere now
 * @param breakOut where it was to drive balls free, and somebody said how that went
 */
public record RecordedShot(
        Optional<String> ball,
        Optional<PocketName> pocket,
        Optional<Point> from,
        Optional<PlannedStroke> stroke,
        Optional<RackPlan.Zone> planned,
        Optional<String> next,
        Outcome outcome,
        List<String> down,
        Optional<Point> landing,
        List<RackLayout.Laid> moved,
        Optional<BreakOut> breakOut) {
    /** What happened: a pot goes on, everything else ends the rack. */
    public enum Outcome {
        POTTED(null),
        MISSED_THICK(RackEnd.MISSED_THICK),
        MISSED_THIN(RackEnd.MISSED_THIN),
        MISSED(RackEnd.MISSED),
        NO_SHOT(RackEnd.NO_SHOT),
        HOOKED(RackEnd.HOOKED),
        IN_OFF(RackEnd.IN_OFF),
        WRONG_BALL(RackEnd.WRONG_BALL),
        GAVE_UP(RackEnd.GAVE_UP);

        private final RackEnd end;

        Outcome(RackEnd end) {
            this.end = end;
        }

        /** Empty where the rack goes on. */
        public Optional<RackEnd> end() {
            return Optional.ofNullable(end);
        }

        /** Whether a stroke was played. */
        public boolean isPlayed() {
            return this != NO_SHOT && this != HOOKED && this != GAVE_UP;
        }
    }

    public RecordedShot {
        Objects.requireNonNull(outcome);
        down = List.copyOf(down);
        moved = List.copyOf(moved);
    }
}
