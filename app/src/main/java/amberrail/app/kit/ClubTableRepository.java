package amberrail.app.kit;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ClubTableRepository extends JpaRepository<ClubTableEntity, UUID> {
    List<ClubTableEntity> findAllByOrderBySortOrder();

    long countByArchivedFalse();

    /** Locked until the transaction ends: of two who change one table the second is to see what the first has made of it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select t from ClubTableEntity t where t.id = :id")
    Optional<ClubTableEntity> findToChange(UUID id);
}
