package amberrail.app.share;

import amberrail.app.consent.Guardianship;
import amberrail.app.paper.PaperSize;
import amberrail.app.people.Access;
import amberrail.app.people.SecretToken;
import amberrail.app.people.SignedIn;
import amberrail.app.report.ReportMaker;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import java.io.IOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The report is written once and kept with its link: whoever has the link sees that one and nothing that came after. It goes when the link ends. */
@Service
class ShareLinks {
    private static final int MOST_AT_ONCE = 20;

    private final JdbcClient sql;
    private final Access access;
    private final Guardianship guardianship;
    private final ReportMaker reports;
    private final Clock clock;
    private final TransactionTemplate transaction;

    ShareLinks(
            JdbcClient sql,
            Access access,
            Guardianship guardianship,
            ReportMaker reports,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.sql = sql;
        this.access = access;
        this.guardianship = guardianship;
        this.reports = reports;
        this.clock = clock;
        transaction = new TransactionTemplate(transactions);
    }

    /** @param token shown once */
    record Made(UUID id, String token, Instant expiresAt) {}

    /** @param opened how often the report was opened by it */
    record ShareLink(UUID id, String madeBy, Instant madeAt, Instant expiresAt, int opened) {}

    Made make(SignedIn who, UUID student, String note, PaperSize paper, int days) throws IOException {
        access.requireStudent(who, student);
        if (!guardianship.maySharesBeMade(student)) {
            throw new Conflict(
                    "CONSENT_NEEDED",
                    "Nobody has consented to sharing for this minor. Note the consent first, under what we keep about them.",
                    null);
        }
        if (of(who, student).size() >= MOST_AT_ONCE) {
            throw new Conflict("TOO_MANY_LINKS", "There are " + MOST_AT_ONCE + " links already. End one first.", null);
        }
        byte[] report = reports.pdf(who, student, note, paper);
        String token = SecretToken.make();
        Instant now = now();
        Made made = new Made(UUID.randomUUID(), token, now.plus(Duration.ofDays(days)));
        transaction.executeWithoutResult(begun -> sql.sql(
                        "insert into share_link (id, token_hash, student_id, made_by, made_at, expires_at, report)"
                                + " values (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        made.id(),
                        SecretToken.hash(token),
                        student,
                        who.accountId(),
                        now.atOffset(ZoneOffset.UTC),
                        made.expiresAt().atOffset(ZoneOffset.UTC),
                        report)
                .update());
        return made;
    }

    /** Those that still open something, the newest first. */
    List<ShareLink> of(SignedIn who, UUID student) {
        access.requireStudent(who, student);
        return sql.sql("select l.id, a.name, l.made_at, l.expires_at, l.opened from share_link l"
                        + " join account a on a.id = l.made_by where l.student_id = ? and l.expires_at > ?"
                        + " order by l.made_at desc")
                .params(student, now().atOffset(ZoneOffset.UTC))
                .query(ShareLinks::link)
                .list();
    }

    private static ShareLink link(ResultSet row, int number) throws SQLException {
        return new ShareLink(
                row.getObject(1, UUID.class),
                row.getString(2),
                row.getObject(3, OffsetDateTime.class).toInstant(),
                row.getObject(4, OffsetDateTime.class).toInstant(),
                row.getInt(5));
    }

    @Transactional
    void end(SignedIn who, UUID student, UUID id) {
        access.requireStudent(who, student);
        int ended = sql.sql("delete from share_link where id = ? and student_id = ?")
                .params(id, student)
                .update();
        if (ended == 0) {
            throw new Missing("link");
        }
    }

    /** The report that a link opens; {@link Missing} where it has ended or never was. */
    @Transactional
    byte[] report(String token) {
        String hash = SecretToken.hash(token);
        byte[] report = sql.sql("select report from share_link where token_hash = ? and expires_at > ?")
                .params(hash, now().atOffset(ZoneOffset.UTC))
                .query((row, n) -> row.getBytes(1))
                .optional()
                .orElseThrow(() -> new Missing("report by this link; it may have ended"));
        sql.sql("update share_link set opened = opened + 1 where token_hash = ?")
                .param(hash)
                .update();
        return report;
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
