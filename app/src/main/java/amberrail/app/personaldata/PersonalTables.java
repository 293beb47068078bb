package amberrail.app.personaldata;

import java.util.List;
import java.util.stream.Stream;

/**
 * Every column of the database that names a person, by what becomes of its rows when that person goes. A new table that refers to an account has
 * to find its place here: {@code PersonalTablesTest} compares this list with the database.
 */
final class PersonalTables {
    /** A column that holds an account's id. */
    record Column(String table, String name) {
        static Column of(String dotted) {
            String[] parts = dotted.split("\\.");
            return new Column(parts[0], parts[1]);
        }
    }

    /** Rows that are about this person: they go, or become those of somebody without a name. */
    static final List<Column> THEIRS = columns(
            "attempt.student_id",
            "station_result.student_id",
            "template_mark.student_id",
            "rack.student_id",
            "practice_goal.student_id",
            "practice_block.student_id",
            "session_student.student_id",
            "practice_plan_student.student_id",
            "coaching.student_id");

    /** Rows that only this person needs: they go, also where the figures stay. */
    static final List<Column> PRIVATE = columns(
            "calendar_entry_student.student_id",
            "student_routine.student_id",
            "observation_list.owner_id",
            "favourite_drill.account_id",
            "drill_folder.account_id",
            "invitation.account_id",
            "account_notice.account_id",
            "calendar_feed.account_id",
            "coaching.coach_id",
            "audit_entry.subject_id",
            "consent.student_id",
            "hand_over.student_id",
            "share_link.student_id",
            "access_token.account_id",
            "authenticator.account_id",
            "recovery_code.account_id",
            "erasure.account_id");

    /** Who did something: others' records stay, written by somebody who has left. */
    static final List<Column> WRITTEN_BY = columns(
            "attempt.recorded_by",
            "attempt_revision.written_by",
            "practice_session.started_by",
            "practice_plan.changed_by",
            "practice_block.changed_by",
            "calendar_entry.changed_by",
            "template_mark.written_by",
            "kit_figures.changed_by",
            "kit_check.begun_by",
            "kit_reading.taken_by",
            "rack.begun_by",
            "rack_shot.taken_by",
            "rack_layout.made_by",
            "audit_entry.actor_id",
            "consent.noted_by",
            "consent.withdrawn_by",
            "hand_over.from_coach",
            "hand_over.to_coach",
            "hand_over.done_by",
            "share_link.made_by",
            "erasure.asked_by");

    /** Things of a coach that others go on with: they become the head coach's. */
    static final List<Column> HANDED_ON = columns(
            "own_drill.owner_id", "practice_plan.owner_id", "practice_block.owner_id", "calendar_entry.owner_id");

    /** Handled by a rule of their own: a cue loses its owner, the founder does not go. */
    static final List<Column> BY_THEMSELVES = columns("cue.owner_id", "club_founder.account_id");

    /** Words that somebody typed, in tables by {@code id}; notes inside attempts' revisions and names in notices are {@link Names}' own. */
    static final List<Column> FREE_TEXTS = columns(
            "practice_session.note",
            "attempt.note",
            "practice_plan.title",
            "practice_block.title",
            "calendar_entry.title",
            "rack.note",
            "rack_layout.name",
            "kit_figures.note");

    private PersonalTables() {}

    static List<Column> all() {
        return Stream.of(THEIRS, PRIVATE, WRITTEN_BY, HANDED_ON, BY_THEMSELVES)
                .flatMap(List::stream)
                .toList();
    }

    private static List<Column> columns(String... dotted) {
        return Stream.of(dotted).map(Column::of).toList();
    }
}
