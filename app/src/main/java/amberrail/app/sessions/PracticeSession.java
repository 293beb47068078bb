package amberrail.app.sessions;

import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * One practice.
 *
 * @param table the table's numbers as they were when it began
 */
public record PracticeSession(
        UUID id,
        UUID studentId,
        String drillId,
        int drillVersion,
        UUID tableId,
        String tableName,
        TableSpec table,
        Instant startedAt,
        Optional<Instant> closedAt) {
    public boolean isClosed() {
        return closedAt.isPresent();
    }
}
