package amberrail.app.consent;

import amberrail.app.people.Access;
import amberrail.app.people.Concerned;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Students who have not practised for as long as the club has set: it asks whether they are still to be kept. Nobody goes by themselves. */
@Service
@Transactional
class NotSeen {
    private static final String LAST = "greatest(a.created_at,"
            + " coalesce((select max(s.started_at) from practice_session s join session_student m on m.session_id = s.id"
            + " where m.student_id = a.id), a.created_at),"
            + " coalesce((select max(r.started_at) from rack r where r.student_id = a.id), a.created_at))";

    private final JdbcClient sql;
    private final ClubCare care;
    private final Access access;
    private final Concerned concerned;
    private final Clock clock;

    NotSeen(JdbcClient sql, ClubCare care, Access access, Concerned concerned, Clock clock) {
        this.sql = sql;
        this.care = care;
        this.access = access;
        this.concerned = concerned;
        this.clock = clock;
    }

    /** @param last when they practised last, or were added */
    record NotSeenStudent(UUID id, String name, Instant last) {}

    /** Of the head coach's club everybody, of a coach their own; whoever has been away longest first. */
    @Transactional(readOnly = true)
    List<NotSeenStudent> of(SignedIn who) {
        access.requireCoach(who);
        OffsetDateTime before = Instant.now(clock)
                .atOffset(ZoneOffset.UTC)
                .minusMonths(care.get().askAfterMonths());
        return sql.sql("select id, name, last from (select a.id, a.name, a.kept_until, " + LAST
                        + " as last from account a where a.role = 'STUDENT' and a.sign_in_name not like 'former-%' and (? or exists"
                        + " (select 1 from coaching c where c.student_id = a.id and c.coach_id = ?))) one"
                        + " where last < ? and (kept_until is null or kept_until < ?) order by last, name")
                .params(who.headCoach(), who.accountId(), before, today())
                .query((row, n) -> new NotSeenStudent(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getObject(3, OffsetDateTime.class).toInstant()))
                .list();
    }

    /** Not asked again before that long has passed once more. */
    void keep(SignedIn who, UUID student) {
        access.requireCoach(who);
        if (who.headCoach()) {
            concerned.with(student);
        } else {
            access.requireStudent(who, student);
        }
        int changed = sql.sql(
                        "update account set kept_until = ?, version = version + 1 where id = ? and role = 'STUDENT'")
                .params(today().plusMonths(care.get().askAfterMonths()), student)
                .update();
        if (changed == 0) {
            throw new Missing("student");
        }
    }

    private LocalDate today() {
        return LocalDate.ofInstant(Instant.now(clock), ZoneOffset.UTC);
    }
}
