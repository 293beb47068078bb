package amberrail.app.attempts;

import java.util.UUID;

/** One student's attempts at one station of a session were written or changed; told within the same transaction. */
public record StationPlayed(UUID studentId, UUID sessionId, String drillId, int drillVersion, int station) {
    static StationPlayed of(AttemptEntity row) {
        return new StationPlayed(row.studentId, row.sessionId, row.drillId, row.drillVersion, row.station);
    }
}
