package amberrail.app.web;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** One thread for work that nobody waits for: named after it, and no reason for the server to stay up. */
public final class BackgroundThread {
    private BackgroundThread() {}

    /** Behind everything that somebody waits for. */
    public static ExecutorService idle(String name) {
        return of(name, Thread.MIN_PRIORITY);
    }

    public static ExecutorService of(String name) {
        return of(name, Thread.NORM_PRIORITY);
    }

    private static ExecutorService of(String name, int priority) {
        return Executors.newSingleThreadExecutor(run -> {
            Thread thread = new Thread(run, name);
            thread.setDaemon(true);
            thread.setPriority(priority);
            return thread;
        });
    }
}
