package amberrail.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "kit_figures")
class KitFiguresEntity {
    @Id
    UUID id;

    UUID thingId;

    @Enumerated(EnumType.STRING)
    KitThing thing;

    Instant knownFrom;

    @Enumerated(EnumType.STRING)
    FigureSource source;

    int version;
    String figures;
    String note;
    UUID checkId;
    UUID changedBy;
}
