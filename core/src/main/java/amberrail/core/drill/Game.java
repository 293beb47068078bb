package amberrail.core.drill;

/** Which game a drill is meant for. */
public enum Game {
    POOL,
    SNOOKER,
    PUB
}
