package amberrail.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "cue")
class CueEntity {
    @Id
    UUID id;

    String name;
    int version;
    double tipDiameterMillimetres;
    double endMassRatio;
}
