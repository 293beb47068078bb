package amberrail.app.drills;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "own_drill")
class OwnDrillEntity {
    @Id
    String id;

    UUID ownerId;
    boolean shared;
    boolean putAway;
    int latestVersion;
    /** Counts every save, so that two windows on the same drill notice each other. */
    int revision;

    Instant changedAt;
}
