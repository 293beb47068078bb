package amberrail.core.drill;

/** Where schools differ (product.md, 4): what a drill takes sides for. */
public enum School {
    SOFT_AND_LOW,
    FIRM_AND_NEAR_CENTRE,
    ROLL_IT,
    PLAY_WITH_PACE,
    NEUTRAL_GRIP_WITH_SIDE,
    LINE_BY_STUN,
    AREA_POSITION,
    EXACT_SPOT
}
