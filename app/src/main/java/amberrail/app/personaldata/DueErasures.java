package amberrail.app.personaldata;

import amberrail.app.web.Races;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Carries out what was asked for two weeks ago. */
@Component
@Lazy(false)
class DueErasures {
    private static final Logger LOG = LoggerFactory.getLogger(DueErasures.class);

    /** Asked for when it is time: this is made before anything is answered. */
    private final ObjectProvider<PersonalData> data;

    private final ObjectProvider<ErasedBefore> before;

    DueErasures(ObjectProvider<PersonalData> data, ObjectProvider<ErasedBefore> before) {
        this.data = data;
        this.before = before;
    }

    /** Once an hour, and soon after a start. */
    @Scheduled(initialDelay = 5, fixedDelay = 3600, timeUnit = TimeUnit.SECONDS)
    public void carryOut() {
        before.getObject().eraseAgain();
        for (UUID id : data.getObject().due()) {
            Races.again(() -> data.getObject().carryOut(id));
            LOG.info("somebody was erased as was asked for");
        }
    }
}
