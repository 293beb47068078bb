package amberrail.core.drill;

/** Warnings that a drill shows where they matter (product.md, 5); the words are the screen's. */
public enum Caution {
    /** Power shots and breaks: a ball may leave the table; nobody opposite. */
    BALL_MAY_LEAVE_THE_TABLE,
    /** Raised cue: the venue may forbid it, the cloth may suffer. */
    RAISED_CUE,
    /** Balls close together: avoid a push stroke. */
    PUSH_STROKE,
    /** A ring under a ball changes how it leaves: mark beside it or lift it. */
    RING_UNDER_BALL,
    /** Much bending and repetition: breaks, stop on pain. */
    REPETITION
}
