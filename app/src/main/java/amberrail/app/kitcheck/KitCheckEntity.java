package amberrail.app.kitcheck;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "kit_check")
class KitCheckEntity {
    @Id
    UUID id;

    UUID tableId;
    /** Of a cue's check; null: the table itself is checked. */
    UUID cueId;
    /** What is being checked, while it is. */
    UUID openFor;

    UUID begunBy;
    Instant begunAt;
    Instant closedAt;
    boolean taken;
    int revision;

    UUID thing() {
        return cueId == null ? tableId : cueId;
    }
}
