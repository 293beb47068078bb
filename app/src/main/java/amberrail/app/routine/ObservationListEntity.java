package amberrail.app.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

@Entity
@Table(name = "observation_list")
class ObservationListEntity {
    @Id
    UUID ownerId;

    @Version
    Integer version;

    /** One a line. */
    String words;
}
