package amberrail.app.web;

import java.time.Duration;

/** Too many ask for the same costly thing at once: answered with 429 and when to come back, before anybody else has to wait for it. */
public final class Busy extends RuntimeException {
    private final transient Duration comeBackIn;

    public Busy(Duration comeBackIn) {
        super("The server is busy with questions of this kind. Try again in a few seconds; recording goes on.");
        this.comeBackIn = comeBackIn;
    }

    /** @param sentence what the server is doing meanwhile */
    public Busy(Duration comeBackIn, String sentence) {
        super(sentence);
        this.comeBackIn = comeBackIn;
    }

    Duration comeBackIn() {
        return comeBackIn;
    }
}
