package amberrail.app.plan;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;

@Entity
@Table(name = "practice_plan")
class PlanEntity {
    @Id
    UUID id;

    /** Who made it. */
    UUID ownerId;

    String title;
    /** For nobody and no day: to make plans from. */
    boolean pattern;

    LocalDate onDay;
    double minutes;
    double bandLow;
    double bandHigh;
    boolean mixed;
    boolean withTest;
    UUID tableId;

    /** {@link PlanItemBody}s as JSON. */
    String items;

    /** Counts changes: whoever changes an older one is told. */
    int revision;

    /** Of which week of which block it is; none: of no block. */
    UUID blockId;

    Integer blockWeek;
    boolean archived;
    UUID changedBy;
    Instant changedAt;

    /** Of many plans at once: a list is not to ask for each by itself. */
    @BatchSize(size = 200)
    @ElementCollection
    @CollectionTable(name = "practice_plan_student", joinColumns = @JoinColumn(name = "plan_id"))
    @OrderColumn(name = "place")
    @Column(name = "student_id")
    List<UUID> studentIds = new ArrayList<>();
}
