package amberrail.app.drills;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

@Entity
@Table(name = "own_drill_version")
class OwnDrillVersionEntity {
    @EmbeddedId
    Key id;

    @Lob
    String body;

    Instant savedAt;

    @Embeddable
    record Key(String drillId, int version) implements Serializable {}
}
