package amberrail.core.drill;

/** An explore drill has no pass or fail: one thing is changed on purpose; the first shot is the baseline. */
public enum Explore {
    PACE,
    HEIGHT,
    SIDE
}
