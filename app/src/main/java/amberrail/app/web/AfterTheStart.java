package amberrail.app.web;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Does the {@link LaterWork}, one piece after the other. What it hangs on is most of the application, and the first page would wait for that. */
@Component
class AfterTheStart {
    private static final Logger LOG = LoggerFactory.getLogger(AfterTheStart.class);
    private static final int SECONDS_LATER = 3;

    private final ObjectProvider<LaterWork> work;

    AfterTheStart(ObjectProvider<LaterWork> work) {
        this.work = work;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        CompletableFuture.delayedExecutor(SECONDS_LATER, TimeUnit.SECONDS, BackgroundThread.idle("after-the-start"))
                .execute(this::doAll);
    }

    /** One piece that fails is told in the log, and keeps none of the others from being done. */
    void doAll() {
        work.orderedStream().forEach(one -> {
            try {
                one.afterTheStart();
            } catch (RuntimeException failed) {
                LOG.error("{} failed after the start", one.getClass().getSimpleName(), failed);
            }
        });
    }
}
