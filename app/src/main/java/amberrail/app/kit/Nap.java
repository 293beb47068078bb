package amberrail.app.kit;

/** Which way the nap of a cloth lies, seen with the head of the table to the left; a worsted cloth has none. */
public enum Nap {
    NONE,
    /** From the end with the smaller x to the other. */
    EAST,
    WEST
}
