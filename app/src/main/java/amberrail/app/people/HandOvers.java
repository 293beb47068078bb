package amberrail.app.people;

import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
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
import org.springframework.transaction.annotation.Transactional;

/** A student goes from one coach to another, and back again for a week. */
@Service
@Transactional
public class HandOvers {
    static final Duration UNDONE_WITHIN = Duration.ofDays(7);

    private final AccountRepository accounts;
    private final CoachingRepository coachings;
    private final Access access;
    private final Concerned concerned;
    private final JdbcClient sql;
    private final Clock clock;

    HandOvers(
            AccountRepository accounts,
            CoachingRepository coachings,
            Access access,
            Concerned concerned,
            JdbcClient sql,
            Clock clock) {
        this.accounts = accounts;
        this.coachings = coachings;
        this.access = access;
        this.concerned = concerned;
        this.sql = sql;
        this.clock = clock;
    }

    /** One that can still be undone. */
    record HandOver(
            UUID id, UUID studentId, String student, String from, String to, Instant doneAt, Instant undoUntil) {}

    private record Kept(UUID id, UUID student, UUID from, UUID to, boolean joined) {}

    /** The head coach may, and the coach who gives the student away. */
    public UUID hand(SignedIn who, UUID student, UUID from, UUID to) {
        access.requireCoach(who);
        AccountEntity account = held(student);
        boolean coached = coachings.existsById(new CoachingEntity.Key(from, student));
        boolean may = who.headCoach() || who.accountId().equals(from);
        if (!may || !coached) {
            throw new Missing("student");
        }
        boolean there = accounts.findById(to)
                .filter(coach -> coach.role == Role.COACH && coach.archivedAt == null)
                .isPresent();
        if (!there) {
            throw new Missing("coach");
        }
        if (to.equals(from)) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "toCoachId",
                    to,
                    "must be another coach than the one who has the student");
        }
        concerned.with(student);
        boolean joined = !coachings.existsById(new CoachingEntity.Key(to, student));
        coachings.deleteById(new CoachingEntity.Key(from, student));
        if (joined) {
            coachings.save(new CoachingEntity(to, student));
        }
        coachings.flush();
        UUID id = UUID.randomUUID();
        sql.sql("insert into hand_over (id, student_id, from_coach, to_coach, done_by, joined, done_at)"
                        + " values (?, ?, ?, ?, ?, ?, ?)")
                .params(id, account.id, from, to, who.accountId(), joined, now().atOffset(ZoneOffset.UTC))
                .update();
        return id;
    }

    /** Those of the last week that this person did or could have done; the newest first. */
    @Transactional(readOnly = true)
    public List<HandOver> undoable(SignedIn who) {
        access.requireCoach(who);
        return sql.sql("select h.*, s.name as student, f.name as from_name, t.name as to_name from hand_over h"
                        + " join account s on s.id = h.student_id join account f on f.id = h.from_coach"
                        + " join account t on t.id = h.to_coach"
                        + " where h.undone_at is null and h.done_at > ? and (? or h.from_coach = ? or h.done_by = ?)"
                        + " order by h.done_at desc")
                .params(oldest(), who.headCoach(), who.accountId(), who.accountId())
                .query(HandOvers::handOver)
                .list();
    }

    private static HandOver handOver(ResultSet row, int number) throws SQLException {
        Instant done = row.getObject("done_at", OffsetDateTime.class).toInstant();
        return new HandOver(
                row.getObject("id", UUID.class),
                row.getObject("student_id", UUID.class),
                row.getString("student"),
                row.getString("from_name"),
                row.getString("to_name"),
                done,
                done.plus(UNDONE_WITHIN));
    }

    public void undo(SignedIn who, UUID id) {
        access.requireCoach(who);
        Kept kept = sql.sql("select * from hand_over where id = ? and undone_at is null and done_at > ?"
                        + " and (? or from_coach = ? or done_by = ?)")
                .params(id, oldest(), who.headCoach(), who.accountId(), who.accountId())
                .query((row, n) -> new Kept(
                        row.getObject("id", UUID.class),
                        row.getObject("student_id", UUID.class),
                        row.getObject("from_coach", UUID.class),
                        row.getObject("to_coach", UUID.class),
                        row.getBoolean("joined")))
                .optional()
                .orElseThrow(() -> new Missing("hand-over of the last week"));
        held(kept.student());
        requireNothingChanged(kept);
        concerned.with(kept.student());
        if (kept.joined()) {
            coachings.deleteById(new CoachingEntity.Key(kept.to(), kept.student()));
        }
        coachings.save(new CoachingEntity(kept.from(), kept.student()));
        sql.sql("update hand_over set undone_at = ? where id = ?")
                .params(now().atOffset(ZoneOffset.UTC), id)
                .update();
    }

    /** Who coaches the student may have been changed since: then nobody's decision is undone along with it. */
    private void requireNothingChanged(Kept kept) {
        boolean still = coachings.existsById(new CoachingEntity.Key(kept.to(), kept.student()));
        boolean back = coachings.existsById(new CoachingEntity.Key(kept.from(), kept.student()));
        boolean gone = accounts.findById(kept.from())
                .filter(coach -> coach.archivedAt == null)
                .isEmpty();
        if (!still
                || back
                || gone
                || coachings.findByIdStudentId(kept.student()).size() > 2) {
            throw new Conflict(
                    "CHANGED_SINCE",
                    "Who coaches this student has been changed since. Add or remove coaches one by one.",
                    null);
        }
    }

    private AccountEntity held(UUID student) {
        return accounts.hold(student)
                .filter(account -> account.role == Role.STUDENT)
                .orElseThrow(() -> new Missing("student"));
    }

    private OffsetDateTime oldest() {
        return now().minus(UNDONE_WITHIN).atOffset(ZoneOffset.UTC);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
