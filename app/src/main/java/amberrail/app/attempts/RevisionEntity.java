package amberrail.app.attempts;

import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "attempt_revision")
class RevisionEntity implements Persistable<RevisionEntity.Key> {
    /** Which revision of which attempt. */
    record Key(UUID attemptId, int revision) implements Serializable {}

    @EmbeddedId
    Key id;

    String body;
    UUID writtenBy;
    Instant writtenAt;

    @Override
    public Key getId() {
        return id;
    }

    /** A revision is written once and never changed, so saving is always an insert. */
    @Override
    public boolean isNew() {
        return true;
    }
}
