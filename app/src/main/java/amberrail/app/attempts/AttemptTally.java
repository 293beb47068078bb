package amberrail.app.attempts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Attempts counted in the database, for lists of sessions. */
interface AttemptTally extends Repository<AttemptEntity, UUID> {

    /** One student's attempts in a session and how many of them were potted. */
    interface Row {
        UUID getStudentId();

        UUID getSessionId();

        long getAttempts();

        long getPotted();
    }

    /** Of everybody in these sessions. */
    @Query(
            "select a.studentId as studentId, a.sessionId as sessionId, count(a) as attempts,"
                    + " sum(case when a.outcome in (amberrail.core.attempt.PotOutcome.POTTED_CLEAN,"
                    + " amberrail.core.attempt.PotOutcome.OFF_THICK_JAW, amberrail.core.attempt.PotOutcome.OFF_THIN_JAW,"
                    + " amberrail.core.attempt.PotOutcome.OFF_LEFT_JAW, amberrail.core.attempt.PotOutcome.OFF_RIGHT_JAW)"
                    + " then 1 else 0 end) as potted"
                    + " from AttemptEntity a where a.deleted = false and a.sessionId in :sessionIds group by a.studentId, a.sessionId")
    List<Row> count(List<UUID> sessionIds);
}
