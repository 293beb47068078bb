package amberrail.app.people;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What others did with somebody's way to sign in, told to that person until they have read it. */
@Component
class AccountNotices {
    private static final int MOST = 20;

    private final JdbcClient sql;
    private final Clock clock;

    AccountNotices(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    @Transactional
    void tell(UUID accountId, AccountNotice.Kind kind, String byName) {
        sql.sql("insert into account_notice (id, account_id, kind, by_name, happened_at) values (?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        accountId,
                        kind.name(),
                        byName,
                        Timestamp.from(Instant.now(clock).truncatedTo(ChronoUnit.MILLIS)))
                .update();
    }

    /** Newest first. */
    List<AccountNotice> of(UUID accountId) {
        return sql.sql("select kind, by_name, happened_at from account_notice where account_id = ?"
                        + " order by happened_at desc fetch first " + MOST + " rows only")
                .param(accountId)
                .query((row, n) -> new AccountNotice(
                        AccountNotice.Kind.valueOf(row.getString(1)),
                        row.getString(2),
                        row.getTimestamp(3).toInstant()))
                .list();
    }

    @Transactional
    void read(UUID accountId) {
        sql.sql("delete from account_notice where account_id = ?")
                .param(accountId)
                .update();
    }
}
