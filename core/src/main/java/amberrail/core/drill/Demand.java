package amberrail.core.drill;

import amberrail.core.problem.Require;
import amberrail.core.table.PocketName;
import java.util.Objects;

/** One thing that a shot asks; a shot succeeds when every demand is met and there is no foul. */
public sealed interface Demand {

    /** This ball into this pocket. */
    record PotBall(String ball, PocketName pocket) implements Demand {
        public PotBall {
            Require.text("ball", ball, 20);
            Objects.requireNonNull(pocket);
        }
    }

    /** The cue ball's centre to rest within a circle. */
    record LandInCircle(Position centre, double radiusMillimetres) implements Demand {
        public LandInCircle {
            Objects.requireNonNull(centre);
            Require.positive("radiusMillimetres", radiusMillimetres);
        }
    }
}
