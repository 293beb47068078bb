package amberrail.app.share;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Lazy;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reports go with their links, once an hour. */
@Component
@Lazy(false)
class EndedLinks {
    private final JdbcClient sql;
    private final Clock clock;

    EndedLinks(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    @Transactional
    @Scheduled(initialDelay = 3, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void drop() {
        sql.sql("delete from share_link where expires_at <= ?")
                .param(Instant.now(clock).atOffset(ZoneOffset.UTC))
                .update();
    }
}
