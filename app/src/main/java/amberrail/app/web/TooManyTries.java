package amberrail.app.web;

import java.time.Duration;

/** Throttled; says how long to wait. */
public final class TooManyTries extends RuntimeException {
    private final Duration wait;

    public TooManyTries(Duration wait) {
        super("Too many attempts. Wait " + Math.max(1, wait.toSeconds()) + " seconds and try again.");
        this.wait = wait;
    }

    public Duration waitFor() {
        return wait;
    }
}
