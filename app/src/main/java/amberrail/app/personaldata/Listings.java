package amberrail.app.personaldata;

import java.util.List;

/** What is told and handed out about a person, beside the documented files of attempts and racks. */
final class Listings {
    private static final String OF_SESSION =
            " from practice_session s join session_student m on m.session_id = s.id" + " where m.student_id = :id";
    /** A note on a session of several may be about another of them. */
    private static final String OWN_NOTE =
            "case when (select count(*) from session_student o where o.session_id = s.id) = 1 then s.note else '' end as note";

    private Listings() {}

    static final List<Listing> ALL = List.of(
            new Listing(
                    DataKind.ACCOUNT,
                    "account",
                    "created_at",
                    "select name, sign_in_name, role, head_coach, dialect, length_unit, tip_notation, pace_notation, theme,"
                            + " created_at, archived_at, minor, birth_year, guardian_name, guardian_contact, kept_until,"
                            + " (select confirmed_at from authenticator where account_id = :id) as authenticator_since"
                            + " from account where id = :id"),
            new Listing(
                    DataKind.COACHES,
                    "coaches",
                    "",
                    "select a.name, case when c.student_id = :id then 'coaches them' else 'is coached by them' end as relation"
                            + " from coaching c join account a on a.id = case when c.student_id = :id then c.coach_id else c.student_id end"
                            + " where c.student_id = :id or c.coach_id = :id order by a.name"),
            new Listing(
                    DataKind.SIGN_INS,
                    "sign-ins",
                    "",
                    "select dateadd('MILLISECOND', creation_time, timestamp '1970-01-01 00:00:00') as since_utc,"
                            + " dateadd('MILLISECOND', last_access_time, timestamp '1970-01-01 00:00:00') as last_used_utc"
                            + " from spring_session where principal_name = cast(:id as varchar)"),
            new Listing(
                    DataKind.NOTICES,
                    "notices",
                    "happened_at",
                    "select kind, by_name, happened_at from account_notice where account_id = :id order by happened_at"),
            new Listing(
                    DataKind.SESSIONS,
                    "sessions",
                    "started_at",
                    "select s.id, s.started_at, s.closed_at, s.table_name, s.coached, s.closed_by_itself, " + OWN_NOTE
                            + OF_SESSION + " order by s.started_at"),
            new Listing(
                    DataKind.ATTEMPTS,
                    "",
                    "played_at",
                    "select played_at from attempt where student_id = :id and not deleted"),
            new Listing(
                    DataKind.REVISIONS,
                    "revisions",
                    "written_at",
                    // What was never changed is its own only state: it is in the file of attempts, and here stand who
                    // wrote it and when.
                    "select r.attempt_id, r.revision, r.body, a.name as written_by, r.written_at from attempt_revision r"
                            + " join attempt t on t.id = r.attempt_id join account a on a.id = r.written_by"
                            + " where t.student_id = :id"
                            + " union all select t.id, t.revision, '', a.name, coalesce(t.recorded_at, t.played_at) from attempt t"
                            + " join account a on a.id = t.recorded_by where t.student_id = :id"
                            + " and not exists (select 1 from attempt_revision r where r.attempt_id = t.id)"
                            + " order by written_at"),
            new Listing(
                    DataKind.RESULTS,
                    "results-by-station",
                    "",
                    "select session_id, drill_id, drill_version, station, attempts, potted, thick, thin, tries, successes, landings, passed"
                            + " from station_result where student_id = :id order by drill_id, station"),
            new Listing(DataKind.RACKS, "", "started_at", "select started_at from rack where student_id = :id"),
            new Listing(
                    DataKind.PLANS,
                    "plans",
                    "changed_at",
                    "select p.title, p.on_day, p.minutes, p.mixed, p.with_test, p.archived, p.changed_at,"
                            + " case when (select count(*) from practice_plan_student o where o.plan_id = p.id) = 1 then p.items else '' end as items"
                            + " from practice_plan p join practice_plan_student m on m.plan_id = p.id where m.student_id = :id"
                            + " order by p.on_day, p.title"),
            new Listing(
                    DataKind.BLOCKS,
                    "blocks-of-weeks",
                    "changed_at",
                    "select title, begins_on, weeks, weekdays, minutes, focus, new_shot, archived, changed_at from practice_block"
                            + " where student_id = :id order by begins_on"),
            new Listing(
                    DataKind.GOALS,
                    "goals",
                    "",
                    "select skill, weight, grade, by_day from practice_goal where student_id = :id order by skill"),
            new Listing(
                    DataKind.CALENDAR,
                    "calendar",
                    "changed_at",
                    "select distinct e.kind, e.title, e.first_day, e.starts_at, e.minutes, e.every_weeks, e.until_day, e.changed_at"
                            + " from calendar_entry e left join calendar_entry_student m on m.entry_id = e.id"
                            + " where not e.archived and (m.student_id = :id or e.owner_id = :id) order by e.first_day"),
            new Listing(
                    DataKind.ROUTINE,
                    "routine",
                    "",
                    "select steps, clock_seconds from student_routine where student_id = :id"),
            new Listing(
                    DataKind.OBSERVATION_WORDS,
                    "observation-words",
                    "",
                    "select words from observation_list where owner_id = :id"),
            new Listing(
                    DataKind.TEMPLATE,
                    "template-marks",
                    "",
                    "select t.name as table_name, m.taken_on, m.tip, m.cushion, m.along_millimetres from template_mark m"
                            + " join club_table t on t.id = m.table_id where m.student_id = :id order by m.taken_on"),
            new Listing(
                    DataKind.CUES,
                    "cues",
                    "",
                    "select name, tip_diameter_millimetres, end_mass_ratio, elevation_degrees, archived from cue where owner_id = :id"),
            new Listing(
                    DataKind.DRILLS,
                    "own-drills",
                    "saved_at",
                    "select v.drill_id, v.version, v.body, v.saved_at, d.shared, d.put_away from own_drill_version v"
                            + " join own_drill d on d.id = v.drill_id where d.owner_id = :id order by v.drill_id, v.version"),
            new Listing(
                    DataKind.SHELF,
                    "shelf",
                    "",
                    "select '' as folder, drill_id from favourite_drill where account_id = :id union all"
                            + " select f.name, d.drill_id from drill_folder f left join foldered_drill d on d.folder_id = f.id"
                            + " where f.account_id = :id"),
            new Listing(
                    DataKind.CONSENTS,
                    "consents",
                    "noted_at",
                    "select c.kind, c.given_by, c.given_on, n.name as noted_by, c.noted_at, c.withdrawn_at, w.name as withdrawn_by"
                            + " from consent c join account n on n.id = c.noted_by left join account w on w.id = c.withdrawn_by"
                            + " where c.student_id = :id order by c.noted_at"),
            new Listing(
                    DataKind.HAND_OVERS,
                    "hand-overs",
                    "done_at",
                    "select f.name as from_coach, t.name as to_coach, b.name as done_by, h.done_at, h.undone_at from hand_over h"
                            + " join account f on f.id = h.from_coach join account t on t.id = h.to_coach"
                            + " join account b on b.id = h.done_by where h.student_id = :id order by h.done_at"),
            new Listing(
                    DataKind.SHARE_LINKS,
                    "links-to-reports",
                    "made_at",
                    "select m.name as made_by, l.made_at, l.expires_at, l.opened from share_link l join account m on m.id = l.made_by"
                            + " where l.student_id = :id order by l.made_at"),
            new Listing(
                    DataKind.TOKENS,
                    "tokens",
                    "made_at",
                    "select name, scope, made_at, expires_at, last_used_at from access_token where account_id = :id order by made_at"),
            new Listing(
                    DataKind.TRAIL,
                    "who-saw-and-changed-what",
                    "last_at",
                    "select e.on_day, a.name as who, e.deed, e.area, e.times, e.first_at, e.last_at from audit_entry e"
                            + " join account a on a.id = e.actor_id where e.subject_id = :id order by e.last_at"));

    /** How many records of others name this person as who wrote, began or changed them. */
    static String writtenForOthers() {
        return "select count(*) from attempt where recorded_by = :id and student_id <> :id";
    }
}
