package amberrail.app.attempts;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** After a start: whether a stop left lines of arrival open. Asked behind the first answers, which nobody shall wait for. */
@Component
class OpenArrivals {
    private final JdbcClient sql;
    private final ObjectProvider<PatternArrivals> arrivals;

    OpenArrivals(JdbcClient sql, ObjectProvider<PatternArrivals> arrivals) {
        this.sql = sql;
        this.arrivals = arrivals;
    }

    @EventListener(ApplicationReadyEvent.class)
    void look() {
        Thread thread = new Thread(this::takeUp, "open-arrivals");
        thread.setDaemon(true);
        thread.start();
    }

    void takeUp() {
        boolean any = sql.sql("select exists (select 1 from attempt where arrival_pending)")
                .query(Boolean.class)
                .single();
        if (any) {
            arrivals.getObject().goOn();
        }
    }
}
