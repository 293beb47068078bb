package amberrail.app.calendar;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CalendarFeedRepository extends JpaRepository<CalendarFeedEntity, UUID> {
    Optional<CalendarFeedEntity> findByTokenHash(String tokenHash);

    /** By hash: an address that was replaced meanwhile is not marked. */
    @Modifying
    @Query("update CalendarFeedEntity f set f.readAt = :at where f.tokenHash = :hash")
    void markRead(String hash, Instant at);
}
