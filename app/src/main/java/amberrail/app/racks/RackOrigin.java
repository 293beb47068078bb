package amberrail.app.racks;

/** Where a layout came from. */
enum RackOrigin {
    /** A break that was played: the balls were tapped where they stopped. */
    BREAK,
    /** Placed by hand. */
    PLACED,
    /** A layout that was kept. */
    SAVED,
    /** Colours on their spots, reds in line. */
    STANDARD,
    /** A break that the engine played: made up. */
    MADE_UP
}
