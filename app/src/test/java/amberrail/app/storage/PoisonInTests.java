package amberrail.app.storage;

import org.springframework.boot.test.context.TestComponent;

/** What a start does with stored poison, for tests elsewhere. */
@TestComponent
public class PoisonInTests {
    private final StoredPoison poison;

    PoisonInTests(StoredPoison poison) {
        this.poison = poison;
    }

    public void putRight() {
        poison.putRight();
    }

    /** Whether a start would leave it at that. */
    public boolean isDone() {
        return poison.isDone();
    }
}
