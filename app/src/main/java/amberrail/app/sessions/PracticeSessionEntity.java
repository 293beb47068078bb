package amberrail.app.sessions;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;

@Entity
@DynamicUpdate
@Table(name = "practice_session")
class PracticeSessionEntity {
    @Id
    UUID id;

    /** Two who change it at once notice each other; null until it is stored. */
    @Version
    Integer version;

    UUID startedBy;

    @ElementCollection
    @CollectionTable(name = "session_student", joinColumns = @JoinColumn(name = "session_id"))
    @OrderColumn(name = "place")
    @Column(name = "student_id")
    List<UUID> studentIds = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "session_drill", joinColumns = @JoinColumn(name = "session_id"))
    @OrderColumn(name = "place")
    List<Played> drills = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "session_stretch", joinColumns = @JoinColumn(name = "session_id"))
    @OrderColumn(name = "place")
    List<Under> stretches = new ArrayList<>();

    UUID tableId;
    int tableVersion;
    String tableName;
    String tableNumbers;
    UUID cueId;
    String cueNumbers;
    UUID ballSetId;
    boolean coached;

    /** None: nobody has said. */
    @Enumerated(EnumType.STRING)
    PracticeOrder practiceOrder;

    String note = "";
    Instant startedAt;
    Instant closedAt;
    boolean closedByItself;

    /** A drill and the version that the session keeps to. */
    @Embeddable
    static class Played {
        String drillId;
        int drillVersion;
    }

    /** A stretch of time under way. */
    @Embeddable
    static class Under {
        Instant begunAt;
        Instant endedAt;
    }
}
