package amberrail.app.testing;

import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;

/** Writes as no part of the application may. */
@TestComponent
public class PastTheGate {
    private final JdbcClient sql;

    PastTheGate(JdbcClient sql) {
        this.sql = sql;
    }

    public void withoutATransaction(UUID account) {
        rename(account);
    }

    @Transactional(readOnly = true)
    public void whereOnlyReadingWasSaid(UUID account) {
        rename(account);
    }

    @Transactional
    public void asItShouldBe(UUID account) {
        rename(account);
    }

    private void rename(UUID account) {
        sql.sql("update account set name = name where id = ?").param(account).update();
    }
}
