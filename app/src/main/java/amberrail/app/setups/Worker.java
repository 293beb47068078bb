package amberrail.app.setups;

import jakarta.annotation.PreDestroy;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.BlockingDeque;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingDeque;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The one background thread that solves recipes. What somebody waits for goes before what is only worked ahead; asking twice for the same thing is
 * asking once.
 */
@Component
class Worker {
    private static final Logger LOG = LoggerFactory.getLogger(Worker.class);

    private final Map<Object, Task<?>> waiting = new HashMap<>();
    private final BlockingDeque<Task<?>> queue = new LinkedBlockingDeque<>();
    private Thread thread;
    private volatile boolean stopped;

    private record Task<T>(Object key, Callable<T> work, CompletableFuture<T> result) {
        void run() {
            try {
                result.complete(work.call());
            } catch (Exception e) {
                result.completeExceptionally(e);
            }
        }
    }

    /**
     * Has something worked out, behind whatever else waits unless {@code urgent}.
     *
     * @param key what tells it from other work; the same key is the same work
     */
    @SuppressWarnings("unchecked")
    <T> CompletableFuture<T> ask(Object key, boolean urgent, Callable<T> work) {
        synchronized (waiting) {
            Task<T> task = (Task<T>) waiting.get(key);
            if (task == null) {
                task = new Task<>(key, work, new CompletableFuture<>());
                waiting.put(key, task);
                queue.addLast(task);
                begin();
            }
            // One that the thread already has is not in the queue any more.
            if (urgent && queue.remove(task)) {
                queue.addFirst(task);
            }
            return task.result();
        }
    }

    /** How many things are still to be worked out, the one under way included. */
    int left() {
        synchronized (waiting) {
            return waiting.size();
        }
    }

    private void begin() {
        if (thread == null) {
            thread = new Thread(this::work, "set-ups");
            thread.setDaemon(true);
            thread.start();
        }
    }

    private void work() {
        try {
            while (!stopped) {
                Task<?> task = queue.takeFirst();
                task.run();
                synchronized (waiting) {
                    waiting.remove(task.key());
                }
            }
        } catch (InterruptedException end) {
            LOG.debug("the worker ends with {} things left", left());
        }
    }

    @PreDestroy
    void stop() {
        stopped = true;
        synchronized (waiting) {
            if (thread != null) {
                thread.interrupt();
            }
        }
    }
}
