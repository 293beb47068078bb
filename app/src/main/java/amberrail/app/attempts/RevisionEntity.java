package amberrail.app.attempts;

import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "attempt_revision")
class RevisionEntity {
    /** Which revision of which attempt. */
    record Key(UUID attemptId, int revision) implements Serializable {}

    @EmbeddedId
    Key id;

    String body;
    UUID writtenBy;
    Instant writtenAt;
}
