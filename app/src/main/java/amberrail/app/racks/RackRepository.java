package amberrail.app.racks;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface RackRepository extends JpaRepository<RackEntity, UUID> {
    List<RackEntity> findByStudentIdOrderByStartedAtDescIdDesc(UUID studentId, Limit most);

    List<RackEntity> findByStudentIdAndStartedAtBeforeOrderByStartedAtDescIdDesc(
            UUID studentId, Instant before, Limit most);

    int countByStudentIdAndGameAndEndReasonIsNotNullAndStartedAtGreaterThanEqualAndStartedAtLessThan(
            UUID studentId, String game, Instant from, Instant until);

    List<RackEntity> findByStudentIdAndChanceIsNullOrderByStartedAtDesc(UUID studentId, Limit most);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from RackEntity r where r.id = :id")
    Optional<RackEntity> findToChange(UUID id);
}
