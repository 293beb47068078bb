package amberrail.app.people;

import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

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

    /** Makes this account the club's founder; there is one row for it, so of several at once one gets it. {@link DuplicateKeyException} for the others. */
    @Transactional
    void found(UUID accountId) {
        jdbc.sql("insert into club_founder (account_id) values (?)")
                .param(accountId)
                .update();
    }
}
