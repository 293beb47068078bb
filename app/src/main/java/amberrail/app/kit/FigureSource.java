package amberrail.app.kit;

/** Where a thing's numbers come from. */
public enum FigureSource {
    /** Nobody has measured: those that go with its kind. */
    PRESET,
    /** Another cloth, other balls or another tip: what was measured before no longer holds. */
    RENEWED,
    CHECK,
    /** Learnt from called strokes, and taken by a coach. */
    PLAY,
    /** Typed from a tape, a gauge or a maker's word. */
    TYPED,
    /** An earlier set, taken again. */
    TAKEN_BACK;

    /** Whether another cloth's numbers, or this one's found anew, hold since; what is typed of a table is its pockets and noses. */
    boolean isOfCloth() {
        return this != PRESET && this != TYPED;
    }
}
