package amberrail.app.personaldata;

import amberrail.app.people.FormerWriter;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Accounts that stand for people who have left: one for everybody who was erased, one each for those whose figures stay. */
@Component
class Former {
    /** Of whoever wrote what others keep. */
    static final UUID WRITER = FormerWriter.ID;

    private final JdbcClient sql;
    private final Clock clock;

    Former(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** The one writer who stands for all of them; made when it is first needed. */
    UUID writer() {
        boolean there = sql.sql("select count(*) from account where id = ?")
                        .param(WRITER)
                        .query(Integer.class)
                        .single()
                > 0;
        if (!there) {
            insert(WRITER, FormerWriter.NAME, "COACH");
        }
        return WRITER;
    }

    /** Somebody without a name, for figures that stay. */
    UUID student() {
        int number = sql.sql("select count(*) from account where name like 'Former student %'")
                        .query(Integer.class)
                        .single()
                + 1;
        UUID id = UUID.randomUUID();
        insert(id, "Former student " + number, "STUDENT");
        return id;
    }

    private void insert(UUID id, String name, String role) {
        Timestamp now = now();
        sql.sql(
                        "insert into account (id, name, sign_in_name, role, head_coach, dialect, length_unit, theme, created_at, archived_at)"
                                + " values (?, ?, ?, ?, false, 'POOL', 'CENTIMETRES', 'SYSTEM', ?, ?)")
                .params(id, name, "former-" + id, role, now, now)
                .update();
    }

    /** Remembers that this account was erased, without its id. */
    void remember(UUID id) {
        sql.sql("merge into erased_account (account_hash, erased_at) key (account_hash) values (?, ?)")
                .params(hash(id), now())
                .update();
    }

    private Timestamp now() {
        return Timestamp.from(Instant.now(clock).truncatedTo(ChronoUnit.MILLIS));
    }

    static String hash(UUID id) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(id.toString().getBytes(StandardCharsets.US_ASCII)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
