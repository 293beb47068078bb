package amberrail.core.rack;

/** How a rack ended. */
public enum RackEnd {
    CLEARED,
    MISSED_THICK,
    MISSED_THIN,
    /** On a straight pot, or nobody saw which side. */
    MISSED,
    /** Balls that were on lay open to the cue ball, but none could be potted. */
    NO_SHOT,
    /** No ball that was on could be hit directly. */
    HOOKED,
    IN_OFF,
    /** Struck first, or potted, or the last ball too early or into another pocket. */
    WRONG_BALL,
    GAVE_UP
}
