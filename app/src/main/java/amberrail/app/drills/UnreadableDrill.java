package amberrail.app.drills;

/** A stored drill that this program cannot read: damaged, or written by another version. It must not take the others with it. */
final class UnreadableDrill extends RuntimeException {
    UnreadableDrill(Exception cause) {
        super("a stored drill cannot be read", cause);
    }
}
