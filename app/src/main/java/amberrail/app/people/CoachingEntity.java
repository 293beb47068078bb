package amberrail.app.people;

import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

@Entity
@Table(name = "coaching")
class CoachingEntity {
    /** Who coaches whom; a student may have two coaches. */
    record Key(UUID coachId, UUID studentId) implements Serializable {}

    @EmbeddedId
    Key id;

    protected CoachingEntity() {}

    CoachingEntity(UUID coachId, UUID studentId) {
        id = new Key(coachId, studentId);
    }
}
