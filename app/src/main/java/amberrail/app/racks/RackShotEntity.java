package amberrail.app.racks;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "rack_shot")
class RackShotEntity {
    /** The device's. */
    @Id
    UUID id;

    UUID rackId;
    int number;
    String shot;
    boolean withdrawn;
    UUID takenBy;
    Instant changedAt;
}
