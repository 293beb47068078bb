package amberrail.app.kit;

import amberrail.core.table.TableKind;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CueRepository extends JpaRepository<CueEntity, UUID> {
    Optional<CueEntity> findFirstByUsualForOrderByArchived(TableKind kind);

    List<CueEntity> findAllByArchivedFalseOrderByName();

    List<CueEntity> findAllByOrderByName();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from CueEntity e where e.id = :id")
    Optional<CueEntity> findToChange(UUID id);
}
