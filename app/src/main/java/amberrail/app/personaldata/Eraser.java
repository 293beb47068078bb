package amberrail.app.personaldata;

import amberrail.app.personaldata.SharedRows.Shared;
import amberrail.app.storage.Compaction;
import amberrail.app.storage.WritersGate;
import amberrail.app.web.Missing;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Takes a person out of every table in one transaction: either with everything about them, or so that their figures stay without a name. What others
 * recorded, planned and wrote stays theirs. Whoever calls this has checked who asks.
 */
@Component
class Eraser {
    private final JdbcClient sql;
    private final SharedRows shared;
    private final Names names;
    private final Former former;
    private final Compaction compaction;
    private final WritersGate gate;
    private final TransactionTemplate transaction;

    Eraser(
            JdbcClient sql,
            SharedRows shared,
            Names names,
            Former former,
            Compaction compaction,
            WritersGate gate,
            PlatformTransactionManager transactions) {
        this.sql = sql;
        this.shared = shared;
        this.names = names;
        this.former = former;
        this.compaction = compaction;
        this.gate = gate;
        transaction = new TransactionTemplate(transactions);
    }

    private record Leaving(UUID id, String name, boolean student) {}

    /** Everything about them goes; nobody writes meanwhile, so that nothing about them comes after. */
    void erase(UUID id) {
        alone(() -> everythingOf(id));
    }

    /** Their figures stay with a student who has no name; words, plans' titles and sign-ins go. */
    void makeNameless(UUID id) {
        alone(() -> nameOf(id));
    }

    private void alone(Runnable what) {
        gate.alone(() -> transaction.executeWithoutResult(begun -> what.run()));
    }

    private void everythingOf(UUID id) {
        Leaving who = hold(id);
        List<UUID> sessions = shared.of(Shared.SESSIONS, id);
        List<UUID> plans = shared.of(Shared.PLANS, id);
        deleteShots(id);
        sessions.forEach(one -> leaveSession(one, id));
        plans.forEach(one -> shared.leave(Shared.PLANS, one, id));
        deleteTheirs(id);
        takeOut(who, former.writer(), sessions, plans);
    }

    private void nameOf(UUID id) {
        Leaving who = hold(id);
        List<UUID> sessions = shared.of(Shared.SESSIONS, id);
        List<UUID> plans = shared.of(Shared.PLANS, id);
        UUID nameless = former.student();
        update("delete from attempt_rework where attempt_id in (select id from attempt where student_id = ?)", id);
        update("delete from attempt_revision where attempt_id in (select id from attempt where student_id = ?)", id);
        update("update attempt set note = null where student_id = ?", id);
        sessions.forEach(this::changed);
        update("update rack set note = '' where student_id = ?", id);
        update("update practice_block set title = 'Block' where student_id = ?", id);
        blank(Shared.SESSIONS, "note", "", sessions, id);
        blank(Shared.PLANS, "title", "Plan", plans, id);
        PersonalTables.THEIRS.forEach(column -> repoint(column, id, nameless));
        takeOut(who, nameless, sessions, plans);
    }

    private Leaving hold(UUID id) {
        return sql.sql("select name, role from account where id = ? for update")
                .param(id)
                .query((row, n) ->
                        new Leaving(id, row.getString(1), row.getString(2).equals("STUDENT")))
                .optional()
                .orElseThrow(() -> new Missing("person"));
    }

    /** What both ways have in common: private things, others' records, the account itself. */
    private void takeOut(Leaving who, UUID instead, List<UUID> sessions, List<UUID> plans) {
        UUID id = who.id();
        List<UUID> entries = shared.of(Shared.CALENDAR, id);
        entries.forEach(one -> shared.leave(Shared.CALENDAR, one, id));
        names.exchange(id, instead, sessions, plans);
        names.takeOut(who.name(), Shared.SESSIONS, "note", sessions);
        names.takeOut(who.name(), Shared.PLANS, "title", plans);
        names.takeOut(who.name(), Shared.CALENDAR, "title", entries);
        names.takeOut(who.name());
        if (who.student()) {
            deleteEntriesOf(id);
        } else {
            dropUnusedDrills(id);
        }
        update(
                "delete from practice_plan_student where plan_id in (select id from practice_plan where pattern and owner_id = ?)",
                id);
        update("delete from practice_plan where pattern and owner_id = ?", id);
        update("update cue set owner_id = null, name = 'Cue', archived = true where owner_id = ?", id);
        update("delete from spring_session where principal_name = ?", id.toString());
        UUID heir =
                sql.sql("select account_id from club_founder").query(UUID.class).single();
        PersonalTables.HANDED_ON.forEach(column -> repoint(column, id, heir));
        UUID writer = former.writer();
        PersonalTables.WRITTEN_BY.forEach(column -> repoint(column, id, writer));
        PersonalTables.PRIVATE.forEach(column -> delete(column, id));
        former.remember(id);
        update("delete from account where id = ?", id);
        compaction.want();
    }

    private void deleteShots(UUID id) {
        update("delete from attempt_rework where attempt_id in (select id from attempt where student_id = ?)", id);
        update("delete from attempt_revision where attempt_id in (select id from attempt where student_id = ?)", id);
        update("delete from attempt where student_id = ?", id);
        update("delete from rack_shot where rack_id in (select id from rack where student_id = ?)", id);
    }

    /** What is left of their rows once nothing hangs on them any more. */
    private void deleteTheirs(UUID id) {
        update(
                "update practice_plan set block_id = null, block_week = null"
                        + " where block_id in (select id from practice_block where student_id = ?)",
                id);
        PersonalTables.THEIRS.forEach(column -> delete(column, id));
    }

    private void changed(UUID session) {
        update("update practice_session set version = version + 1 where id = ?", session);
    }

    /** A session in which others stay has changed for whoever looks at it. */
    private void leaveSession(UUID session, UUID id) {
        update("delete from station_result where session_id = ? and student_id = ?", session, id);
        changed(session);
        shared.leave(Shared.SESSIONS, session, id);
    }

    /** A student's own entries are nobody else's. */
    private void deleteEntriesOf(UUID id) {
        update(
                "delete from calendar_entry_student where entry_id in (select id from calendar_entry where owner_id = ?)",
                id);
        update("delete from calendar_entry where owner_id = ?", id);
    }

    /** Drafts that nobody else can see and nobody has played. */
    private void dropUnusedDrills(UUID id) {
        String unused = "select id from own_drill d where d.owner_id = ? and not d.shared"
                + " and not exists (select 1 from session_drill s where s.drill_id = d.id)";
        for (String drill : sql.sql(unused).param(id).query(String.class).list()) {
            update("delete from favourite_drill where drill_id = ?", drill);
            update("delete from foldered_drill where drill_id = ?", drill);
            update("delete from own_drill_version where drill_id = ?", drill);
            update("delete from own_drill where id = ?", drill);
        }
    }

    private void blank(Shared what, String column, String text, List<UUID> ids, UUID id) {
        for (UUID one : ids) {
            if (!shared.hasOthers(what, one, id)) {
                update("update " + what.table() + " set " + column + " = ? where id = ?", text, one);
            }
        }
    }

    private void repoint(PersonalTables.Column column, UUID from, UUID to) {
        update("update " + column.table() + " set " + column.name() + " = ? where " + column.name() + " = ?", to, from);
    }

    private void delete(PersonalTables.Column column, UUID id) {
        update("delete from " + column.table() + " where " + column.name() + " = ?", id);
    }

    private void update(String statement, Object... values) {
        sql.sql(statement).params(values).update();
    }
}
