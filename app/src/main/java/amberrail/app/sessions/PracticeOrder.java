package amberrail.app.sessions;

/** In which order the drills of a session are practised; results keep it, since what is done in blocks looks easier than it is. */
public enum PracticeOrder {
    /** One drill after the other. */
    BLOCKED,
    /** In turns, after a few tries each (Shea and Morgan 1979). */
    MIXED
}
