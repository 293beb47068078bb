package amberrail.core.statistics;

/** Why a figure cannot be given yet. The names are part of the API. */
public enum Reason {
    NO_DATA,
    TOO_FEW,
    COLLINEAR,
    ZERO_SPREAD,
    MOSTLY_CENSORED,
    UNREACHABLE,
    NO_MISSES
}
