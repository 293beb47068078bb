package amberrail.app.storage;

import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;

/**
 * Whose turn it is to write into the database: one transaction after the other, in the order in which they came, from its first write to its end.
 *
 * <p>H2 puts its maps into the file one after the other with every commit. What another transaction does meanwhile comes into the file by half: its
 * change without what would take it back. A server that is killed then leaves rows that are neither there nor gone, and the next who writes them fails
 * for ever (decision 32).
 */
final class WriterTurn {
    private final ReentrantLock turn = new ReentrantLock(true);
    private final Duration longestWait;

    WriterTurn(Duration longestWait) {
        this.longestWait = longestWait;
    }

    /**
     * Waits until nobody else writes. A transaction within another of the same thread goes in with it.
     *
     * @throws SQLTransientConnectionException if somebody else was still writing after the longest wait
     */
    void take() throws SQLTransientConnectionException {
        boolean taken = false;
        try {
            taken = turn.tryLock(longestWait.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (!taken) {
            throw new SQLTransientConnectionException("others were still writing");
        }
    }

    void giveBack() {
        turn.unlock();
    }
}
