package amberrail.app.ability;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Has the model fitted after a start, a little later: what it hangs on is half of the application, and the first page would wait for it. */
@Component
class FirstFit {
    private static final int SECONDS_AFTER_THE_START = 3;

    private final ObjectProvider<AbilityModel> model;

    FirstFit(ObjectProvider<AbilityModel> model) {
        this.model = model;
    }

    @EventListener(ApplicationReadyEvent.class)
    void afterTheStart() {
        CompletableFuture.delayedExecutor(SECONDS_AFTER_THE_START, TimeUnit.SECONDS)
                .execute(() -> model.getObject().begin());
    }
}
