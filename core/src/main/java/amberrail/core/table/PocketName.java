package amberrail.core.table;

/** The six pockets by compass: east is the foot end, north the left long cushion seen from the head. */
public enum PocketName {
    SW,
    S,
    SE,
    NE,
    N,
    NW;

    public boolean isSide() {
        return this == S || this == N;
    }

    /** The pocket's image in the table's long axis. */
    public PocketName mirrored() {
        return switch (this) {
            case SW -> NW;
            case S -> N;
            case SE -> NE;
            case NE -> SE;
            case N -> S;
            case NW -> SW;
        };
    }
}
