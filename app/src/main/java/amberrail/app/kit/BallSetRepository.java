package amberrail.app.kit;

import amberrail.core.table.TableKind;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BallSetRepository extends JpaRepository<BallSetEntity, UUID> {
    Optional<BallSetEntity> findFirstByUsualForOrderByArchived(TableKind kind);

    List<BallSetEntity> findAllByArchivedFalseOrderByName();

    List<BallSetEntity> findAllByOrderByName();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from BallSetEntity e where e.id = :id")
    Optional<BallSetEntity> findToChange(UUID id);
}
