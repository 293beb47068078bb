package amberrail.app.people;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Whether anybody is there yet. Asked by plain SQL: it must not wait for Hibernate, which gets ready in the background after a start. */
@Component
public class EmptyClub {
    private final JdbcClient jdbc;

    EmptyClub(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Whether nobody has set the club up. */
    public boolean needsFirstCoach() {
        return jdbc.sql("select count(*) from account").query(Long.class).single() == 0;
    }
}
