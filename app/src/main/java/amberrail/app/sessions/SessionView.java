package amberrail.app.sessions;

import amberrail.app.web.MayBeMissing;
import java.time.Instant;
import java.util.UUID;

/** A session in a list or as a heading. */
public record SessionView(
        UUID id,
        UUID studentId,
        String studentName,
        String drillId,
        String drillTitle,
        String tableName,
        Instant startedAt,
        @MayBeMissing Instant closedAt) {
    public static SessionView of(PracticeSession session, String studentName, String drillTitle) {
        return new SessionView(
                session.id(),
                session.studentId(),
                studentName,
                session.drillId(),
                drillTitle,
                session.tableName(),
                session.startedAt(),
                session.closedAt().orElse(null));
    }
}
