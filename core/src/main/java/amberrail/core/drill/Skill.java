package amberrail.core.drill;

/** The one skill that a drill's results count towards. */
public enum Skill {
    POTTING,
    STUN,
    DRAW,
    FOLLOW,
    POSITION,
    SIDE,
    SAFETY
}
