package amberrail.app.kitcheck;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface KitCheckRepository extends JpaRepository<KitCheckEntity, UUID> {
    Optional<KitCheckEntity> findByOpenFor(UUID thing);

    /** Locked until the transaction ends: readings of two people come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from KitCheckEntity c where c.id = :id")
    Optional<KitCheckEntity> findToChange(UUID id);

    @Query("select c from KitCheckEntity c where (c.tableId = :thing and c.cueId is null) or c.cueId = :thing"
            + " order by c.begunAt desc")
    List<KitCheckEntity> of(UUID thing, Limit limit);
}
