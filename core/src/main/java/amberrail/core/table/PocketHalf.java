package amberrail.core.table;

/** Part of a pocket, as seen looking into it along its axis. */
public enum PocketHalf {
    ANY,
    LEFT,
    RIGHT;

    /** The same half of the mirrored pocket. */
    public PocketHalf mirrored() {
        return switch (this) {
            case ANY -> ANY;
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
        };
    }
}
