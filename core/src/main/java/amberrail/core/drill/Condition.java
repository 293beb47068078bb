package amberrail.core.drill;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import java.util.List;

/**
 * A demand put on one table and side: places in mm, balls by their index in the layout. What a judge decides from; it decides nothing
 * itself.
 */
public sealed interface Condition {
    /** {@code ball} into {@code pocket}; {@code via} cushions in order. */
    record Pot(int ball, PocketName pocket, PocketHalf half, List<Cushion> via) implements Condition {
        public Pot {
            via = List.copyOf(via);
        }

        /** Whether more than the pocket is asked, which a potting outcome alone does not show. */
        public boolean asksMore() {
            return half != PocketHalf.ANY || !via.isEmpty();
        }
    }

    /**
     * {@code ball} rests in {@code zone}.
     *
     * @param rings for scoring, smallest first
     */
    record Landing(int ball, Zone zone, List<ZonePlan.Ring> rings) implements Condition {
        public Landing {
            rings = List.copyOf(rings);
        }
    }

    /** The cue ball touches {@code balls}. */
    record Touch(List<Integer> balls, boolean inOrder) implements Condition {
        public Touch {
            balls = List.copyOf(balls);
        }
    }

    /** First cushion after the first ball. */
    record CushionPoint(Cushion cushion, double sightsAlong, double toleranceSights) implements Condition {}

    /** The cue ball drops into {@code pocket}. */
    record CueBallDrops(PocketName pocket) implements Condition {}

    /** Nothing touches {@code balls}. */
    record Untouched(List<Integer> balls) implements Condition {
        public Untouched {
            balls = List.copyOf(balls);
        }
    }

    /** The cue ball stays on one side of a stretch of line. */
    record LineUncrossed(Point from, Point to) implements Condition {}

    /** The cue ball's centre stays inside, from its first ball on. */
    record Inside(Zone area) implements Condition {}

    /** Cushions after the first ball begin like this. */
    record Cushions(List<Cushion> order) implements Condition {
        public Cushions {
            order = List.copyOf(order);
        }
    }

    /** At least so many cushions before the first ball. */
    record CushionsBefore(int least) implements Condition {}

    /** Hidden from {@code ball} by the others. */
    record Hidden(int ball) implements Condition {}
}
