package amberrail.app.storage;

import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.springframework.stereotype.Component;

/**
 * Lets transactions that write go side by side, and one that takes whole rows of other tables' references away go alone. H2 holds a foreign key only
 * against what is committed: a row that is written while the one it refers to is deleted stays, and refers to nothing (decision 28).
 */
@Component
public class WritersGate {
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(30);

    private final ReentrantReadWriteLock gate = new ReentrantReadWriteLock();

    /** Somebody was still writing after half a minute; nothing was done. */
    public static final class NotAlone extends RuntimeException {
        NotAlone() {
            super("others were still writing");
        }
    }

    /**
     * Does this while nobody else writes: those who do are waited for, and those who want to wait.
     *
     * @throws NotAlone if that took longer than half a minute
     * @throws IllegalStateException within a transaction that writes: it would wait for itself
     */
    public void alone(Runnable what) {
        if (gate.getReadHoldCount() > 0) {
            throw new IllegalStateException("asked for within a transaction");
        }
        try {
            if (!gate.writeLock().tryLock(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new NotAlone();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new NotAlone();
        }
        try {
            what.run();
        } finally {
            gate.writeLock().unlock();
        }
    }

    void enter() {
        gate.readLock().lock();
    }

    void leave() {
        gate.readLock().unlock();
    }
}
