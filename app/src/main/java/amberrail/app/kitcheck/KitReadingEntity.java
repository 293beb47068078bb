package amberrail.app.kitcheck;

import amberrail.core.kit.CheckPlaces;
import amberrail.core.kit.Reading;
import amberrail.core.kit.ReboundReading;
import amberrail.core.kit.RollReading;
import amberrail.core.kit.SideReading;
import amberrail.core.kit.SlideReading;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "kit_reading")
class KitReadingEntity {
    /** The device's, so that what is sent twice is kept once. */
    @Id
    UUID id;

    UUID checkId;

    @Enumerated(EnumType.STRING)
    CheckPlaces.Kind kind;

    double xMetres;
    double yMetres;
    double directionDegrees;
    double seconds;
    Double metres;
    Double asideMillimetres;
    Double tipSideMillimetres;
    boolean confirmed;
    boolean withdrawn;
    UUID takenBy;
    Instant takenAt;
    Instant changedAt;

    void fill(Reading reading) {
        kind = CheckPlaces.kindOf(reading);
        xMetres = reading.x();
        yMetres = reading.y();
        directionDegrees = reading.directionDegrees();
        metres = null;
        asideMillimetres = null;
        tipSideMillimetres = null;
        if (reading instanceof RollReading roll) {
            seconds = roll.seconds();
            metres = roll.metres();
            asideMillimetres = roll.asideMillimetres();
        } else if (reading instanceof ReboundReading rebound) {
            seconds = rebound.secondsToCushion();
            metres = rebound.metresBack();
        } else if (reading instanceof SlideReading slide) {
            seconds = slide.secondsToCushion();
            metres = slide.metresSliding();
        } else if (reading instanceof SideReading side) {
            seconds = side.secondsToCushion();
            asideMillimetres = side.missLeftMillimetres();
            tipSideMillimetres = side.tipSideMillimetres();
        }
    }

    Reading reading() {
        return switch (kind) {
            case ROLL -> new RollReading(xMetres, yMetres, directionDegrees, seconds, metres, asideMillimetres);
            case REBOUND -> new ReboundReading(xMetres, yMetres, directionDegrees, seconds, metres);
            case SLIDE -> new SlideReading(xMetres, yMetres, directionDegrees, seconds, metres);
            case SIDE ->
                new SideReading(xMetres, yMetres, directionDegrees, tipSideMillimetres, seconds, asideMillimetres);
        };
    }
}
