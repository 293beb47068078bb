package amberrail.app.kit;

import amberrail.core.table.TableKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "cue")
class CueEntity {
    /** As most players hold it (answers.md, "Strike and pace"). */
    static final double USUAL_ELEVATION_DEGREES = 3;

    @Id
    UUID id;

    String name;
    int version;
    double tipDiameterMillimetres;
    double endMassRatio;
    double elevationDegrees;
    boolean archived;

    /** The game that it is taken for where nobody chose. */
    @Enumerated(EnumType.STRING)
    TableKind usualFor;

    /** A student whose own it is; null: the club's. */
    UUID ownerId;
}
