package amberrail.app.web;

import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;

/** Work that lost a race against another request is done again, on what stands by then. Never within a transaction: it would not see it. */
public final class Races {
    /** Each loss means that another won, so a few more tries than requests that one person can make at once. */
    private static final int TRIES = 8;

    private Races() {}

    /** The work's answer; after {@value #TRIES} losses the last loss is thrown and answered with 409. */
    public static <T> T again(Supplier<T> work) {
        for (int tried = 1; ; tried++) {
            try {
                return work.get();
            } catch (ConcurrencyFailureException | DataIntegrityViolationException lost) {
                if (tried == TRIES || !isLost(lost)) {
                    throw lost;
                }
                pause(tried);
            }
        }
    }

    /** As {@link #again(Supplier)} where there is no answer. */
    public static void again(Runnable work) {
        again(() -> {
            work.run();
            return null;
        });
    }

    /** Whether somebody else was quicker, and not that what was sent cannot be stored. */
    static boolean isLost(RuntimeException e) {
        if (e instanceof ConcurrencyFailureException || e instanceof DuplicateKeyException) {
            return true;
        }
        return SqlStates.of(e).filter(SqlStates.DUPLICATE_KEY::equals).isPresent();
    }

    private static void pause(int tried) {
        try {
            Thread.sleep(5L * tried);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
