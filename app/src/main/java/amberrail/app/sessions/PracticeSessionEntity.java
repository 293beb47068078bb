package amberrail.app.sessions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "practice_session")
class PracticeSessionEntity {
    @Id
    UUID id;

    UUID studentId;
    UUID startedBy;
    String drillId;
    int drillVersion;
    UUID tableId;
    int tableVersion;
    String tableName;
    String tableNumbers;
    UUID cueId;
    String cueNumbers;
    UUID ballSetId;
    Instant startedAt;
    Instant closedAt;
}
