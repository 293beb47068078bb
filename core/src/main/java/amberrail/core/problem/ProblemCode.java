package amberrail.core.problem;

/** Stable names of what can be wrong with input; they are part of the API and never renamed. */
public enum ProblemCode {
    /** Not a whole number, negative, or more made than tried. */
    INVALID_COUNT,
    /** Missing, NaN or infinite where a number is needed. */
    NOT_FINITE,
    /** A negative distance, size, time or age. */
    NEGATIVE_VALUE,
    /** An interval level outside [0.5, 1). */
    INVALID_LEVEL,
    /** A probability outside [0, 1], or at an end where the formula needs an inside value. */
    INVALID_PROBABILITY,
    /** Any other setting out of its stated range. */
    INVALID_PARAMETER,
    /** An arrival direction shorter than 1e-9. */
    ZERO_DIRECTION,
    /** An unknown zone type, or a polygon that encloses no proper area. */
    INVALID_ZONE,
    /** A covariance that is not symmetric and positive definite. */
    INVALID_MATRIX,
    /** Two values of which only one can be true, such as an in-off with a landing. */
    CONTRADICTION,
    /** Lists or matrices whose sizes do not fit together. */
    DIMENSION_MISMATCH,
    /** The same time twice. */
    DUPLICATE_TIME,
    /** A name or id that nothing answers to. */
    UNKNOWN_ID,
    /** The same name or id twice. */
    DUPLICATE_ID,
    /** A ball or a landing that is not on the bed of this table. */
    OFF_THE_TABLE,
    /** Two balls in the same place. */
    BALLS_OVERLAP,
    /** Positions that depend on each other in a ring. */
    CYCLE,
    /** A pot that no straight line allows from there. */
    NO_STRAIGHT_POT,
    /** A layout in which no ball may be struck. */
    NOTHING_ON,
    /** A plan that leaves a ball out, or plays balls in an order that the rules do not allow. */
    ILLEGAL_ORDER
}
