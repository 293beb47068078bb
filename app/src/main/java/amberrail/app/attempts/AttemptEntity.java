package amberrail.app.attempts;

import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "attempt")
class AttemptEntity implements Persistable<UUID> {
    @Id
    UUID id;

    UUID sessionId;
    String drillId;
    int drillVersion;
    int station;
    boolean mirrored;
    UUID tryId;
    int shot;
    long sequence;
    String deviceId;
    int revision;
    boolean deleted;

    @Enumerated(EnumType.STRING)
    PotOutcome outcome;

    boolean foul;
    boolean inOff;

    @Column(name = "landing_x_millimetres")
    Double landingXMillimetres;

    @Column(name = "landing_y_millimetres")
    Double landingYMillimetres;

    @Enumerated(EnumType.STRING)
    Landing.PlacedBy placedBy;

    Double placingSdMillimetres;

    @Convert(converter = FactsColumn.class)
    List<FactBody> facts = List.of();

    Instant playedAt;

    /** What the device's clock said, where that could not be right; null: {@link #playedAt}. */
    Instant saidPlayedAt;

    /** Who wrote the first revision. */
    UUID recordedBy;

    /** When that was. Null before version 27 of the database: then it stands with the kept revision, unless that went with its student's name. */
    Instant recordedAt;

    UUID studentId;
    Double callPaceMetresPerSecond;
    Double callHeightMillimetres;
    Double callSideMillimetres;

    @Convert(converter = WordsColumn.class)
    List<String> observations = List.of();

    String note;

    /** Of the cue ball's way when it gets to the target, in a pattern: from where it really lay. Null: as in the layout. */
    Double arrivalDegrees;

    /** Whether that is still being worked out. */
    boolean arrivalPending;

    boolean late;

    /** When it was last written, or its line of arrival found. */
    Instant changedAt;

    /** The id is made by the client, so being new is known here and not from the id. */
    @Transient
    boolean fresh;

    Instant firstWrittenAt() {
        return recordedAt == null ? playedAt : recordedAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }
}
