package amberrail.app.drills;

import amberrail.core.drill.Drill;
import java.util.UUID;

/**
 * A drill as one person finds it in the library.
 *
 * @param ownerId null for a shipped one
 */
public record DrillFromLibrary(Drill drill, Origin origin, UUID ownerId, int revision) {
    /** Whose it is. */
    public enum Origin {
        SHIPPED,
        OWN,
        /** The asking person's own, and the whole club may use it. */
        OWN_SHARED,
        /** Another coach's, shared with the club. */
        CLUB
    }

    static DrillFromLibrary shipped(Drill drill) {
        return new DrillFromLibrary(drill, Origin.SHIPPED, null, 0);
    }

    static DrillFromLibrary own(Drill drill, OwnDrillEntity row, UUID asking) {
        boolean mine = row.ownerId.equals(asking);
        Origin origin = !mine ? Origin.CLUB : row.shared ? Origin.OWN_SHARED : Origin.OWN;
        return new DrillFromLibrary(drill, origin, row.ownerId, row.revision);
    }

    boolean isMine() {
        return origin == Origin.OWN || origin == Origin.OWN_SHARED;
    }
}
