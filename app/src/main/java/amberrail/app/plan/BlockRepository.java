package amberrail.app.plan;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BlockRepository extends JpaRepository<BlockEntity, UUID> {
    /** Locked until the transaction ends: a week is planned once, whoever presses the key. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from BlockEntity b where b.id = :id and b.archived = false")
    Optional<BlockEntity> findToChange(UUID id);

    /** Newest first. */
    @Query(
            "select b from BlockEntity b where b.archived = false and b.studentId in :students order by b.beginsOn desc, b.changedAt desc")
    List<BlockEntity> of(Collection<UUID> students, Limit limit);

    /** Those that may have a week which begins in these days. */
    @Query("select b from BlockEntity b where b.archived = false and b.studentId in :students"
            + " and b.beginsOn <= :to and b.beginsOn >= :earliest order by b.beginsOn, b.id")
    List<BlockEntity> running(Collection<UUID> students, LocalDate earliest, LocalDate to, Limit limit);
}
