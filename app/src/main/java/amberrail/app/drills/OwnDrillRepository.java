package amberrail.app.drills;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OwnDrillRepository extends JpaRepository<OwnDrillEntity, String> {
    /** The row, kept by this transaction: whoever begins a session with a version and whoever changes it go one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select d from OwnDrillEntity d where d.id = :id")
    Optional<OwnDrillEntity> hold(String id);

    @Query("select d from OwnDrillEntity d where not d.putAway and (d.shared or d.ownerId = :me)")
    List<OwnDrillEntity> seenBy(UUID me);
}
