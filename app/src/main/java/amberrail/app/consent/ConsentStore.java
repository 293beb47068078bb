package amberrail.app.consent;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is written about age and consent. */
@Component
class ConsentStore {
    private final JdbcClient sql;

    ConsentStore(JdbcClient sql) {
        this.sql = sql;
    }

    /** As it is stored; a missing text is empty. */
    record About(boolean minor, Optional<Integer> birthYear, String guardian, String contact) {}

    Optional<About> about(UUID student) {
        return sql.sql(
                        "select minor, birth_year, guardian_name, guardian_contact from account where id = ? and role = 'STUDENT'")
                .param(student)
                .query((row, n) -> new About(
                        row.getBoolean(1),
                        Optional.ofNullable(row.getObject(2, Integer.class)),
                        text(row.getString(3)),
                        text(row.getString(4))))
                .optional();
    }

    private static String text(String stored) {
        return stored == null ? "" : stored;
    }

    @Transactional
    void mark(UUID student, boolean minor, Optional<Integer> birthYear) {
        sql.sql("update account set minor = ?, birth_year = ?, version = version + 1 where id = ?")
                .params(minor, birthYear.orElse(null), student)
                .update();
    }

    @Transactional
    void guardian(UUID student, String name, String contact) {
        sql.sql("update account set guardian_name = ?, guardian_contact = ?, version = version + 1 where id = ?")
                .params(name.isEmpty() ? null : name, contact.isEmpty() ? null : contact, student)
                .update();
    }

    List<Consent> of(UUID student) {
        return sql.sql("select c.*, a.name as noted from consent c join account a on a.id = c.noted_by"
                        + " where c.student_id = ? order by c.given_on, c.noted_at")
                .param(student)
                .query(ConsentStore::consent)
                .list();
    }

    private static Consent consent(ResultSet row, int number) throws SQLException {
        return new Consent(
                row.getObject("id", UUID.class),
                Consent.Kind.valueOf(row.getString("kind")),
                row.getString("given_by"),
                row.getObject("given_on", LocalDate.class),
                row.getString("noted"),
                Optional.ofNullable(row.getObject("withdrawn_at", OffsetDateTime.class))
                        .map(OffsetDateTime::toInstant));
    }

    boolean holds(UUID student, Consent.Kind kind) {
        return sql.sql("select count(*) from consent where student_id = ? and kind = ? and withdrawn_at is null")
                        .params(student, kind.name())
                        .query(Integer.class)
                        .single()
                > 0;
    }

    @Transactional
    void keep(UUID student, Consent.Kind kind, String by, LocalDate on, UUID notedBy, Instant now) {
        sql.sql(
                        "insert into consent (id, student_id, kind, given_by, given_on, noted_by, noted_at) values (?, ?, ?, ?, ?, ?, ?)")
                .params(UUID.randomUUID(), student, kind.name(), by, on, notedBy, now.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** What it was about; empty where it was not this student's or is withdrawn already. */
    @Transactional
    Optional<Consent.Kind> withdraw(UUID student, UUID id, UUID by, Instant now) {
        Optional<Consent.Kind> kind = sql.sql(
                        "select kind from consent where id = ? and student_id = ? and withdrawn_at is null")
                .params(id, student)
                .query(String.class)
                .optional()
                .map(Consent.Kind::valueOf);
        sql.sql(
                        "update consent set withdrawn_at = ?, withdrawn_by = ? where id = ? and student_id = ? and withdrawn_at is null")
                .params(now.atOffset(ZoneOffset.UTC), by, id, student)
                .update();
        return kind;
    }
}
