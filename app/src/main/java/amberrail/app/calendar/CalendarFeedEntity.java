package amberrail.app.calendar;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "calendar_feed")
class CalendarFeedEntity {
    @Id
    UUID accountId;

    String tokenHash;
    Instant madeAt;

    /** When another calendar has read it last; none: never. */
    Instant readAt;
}
