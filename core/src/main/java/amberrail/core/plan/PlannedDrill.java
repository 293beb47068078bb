package amberrail.core.plan;

import amberrail.core.problem.Require;
import java.util.Optional;

/**
 * A line of a plan.
 *
 * @param why    what it was taken for; empty for a line that somebody put there by hand
 * @param locked stays where it is and as it is when the rest is planned again
 */
public record PlannedDrill(String drillId, Role role, double minutes, int tries, boolean locked, Optional<Reason> why) {
    /** What a line is there for. */
    public enum Role {
        WARM_UP,
        /** Never practised before: early, while the student is fresh. */
        NEW,
        PRACTICE,
        /** Last: how it goes after the rest, to be compared with another day's. */
        TEST
    }

    public PlannedDrill {
        Require.between("items.minutes", minutes, 1, 600);
        Require.between("items.tries", tries, 1, 500);
    }
}
