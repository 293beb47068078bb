package amberrail.app.racks;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "rack_layout")
class RackLayoutEntity {
    @Id
    UUID id;

    String name;
    String game;
    String layout;
    boolean madeUp;
    UUID madeBy;
    Instant changedAt;
    boolean archived;
}
