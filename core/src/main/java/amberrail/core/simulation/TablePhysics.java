package amberrail.core.simulation;

import amberrail.core.motion.Physics;
import amberrail.core.table.TableKind;

/** The physics that goes with a kind of table until it has been measured (physics/model.md, section 8). */
public final class TablePhysics {
    private TablePhysics() {}

    public static Physics usual(TableKind kind) {
        return switch (kind) {
            case POOL -> Physics.POOL;
            case SNOOKER -> Physics.SNOOKER;
            case PUB -> Physics.PUB;
        };
    }

    /** End-mass ratio of a usual cue of that game, for squirt. */
    public static double usualEndMassRatio(TableKind kind) {
        return switch (kind) {
            case POOL -> 22;
            case SNOOKER -> 25;
            case PUB -> 18;
        };
    }
}
