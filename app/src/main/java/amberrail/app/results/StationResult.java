package amberrail.app.results;

import amberrail.app.attempts.StationPlayed;
import amberrail.app.sessions.PracticeOrder;
import amberrail.core.attempt.StationCount;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** One student's results at one station of one session, original and mirror together. */
public record StationResult(
        StationPlayed place, Instant startedAt, UUID tableId, StationCount count, Optional<PracticeOrder> order) {
    public UUID studentId() {
        return place.studentId();
    }

    /** The station as it lies on that table: what results of different sessions and students share. */
    public StationOnTable station() {
        return new StationOnTable(place.drillId(), place.drillVersion(), place.station(), tableId);
    }
}
