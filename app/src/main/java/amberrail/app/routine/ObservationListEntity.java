package amberrail.app.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "observation_list")
class ObservationListEntity {
    @Id
    UUID ownerId;

    /** One a line. */
    String words;
}
