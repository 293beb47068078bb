package amberrail.app.racks;

import amberrail.core.rack.RackEnd;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "rack")
class RackEntity {
    /** The device's, so that what is sent twice is kept once. */
    @Id
    UUID id;

    UUID studentId;
    UUID tableId;
    String tableName;
    /** As they were when it was begun. */
    String tableNumbers;

    String game;
    String rules;
    String layout;

    @Enumerated(EnumType.STRING)
    RackOrigin origin;

    Integer breakDown;
    Boolean breakInOff;
    String plan;
    String note = "";
    Instant startedAt;

    @Enumerated(EnumType.STRING)
    RackEnd endReason;

    int potted;
    int points;
    Double chance;
    Double chanceError;
    UUID begunBy;
    int revision;
}
