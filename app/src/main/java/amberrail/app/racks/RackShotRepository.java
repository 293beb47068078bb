package amberrail.app.racks;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RackShotRepository extends JpaRepository<RackShotEntity, UUID> {
    List<RackShotEntity> findByRackIdOrderByNumberAscChangedAtAsc(UUID rackId);

    List<RackShotEntity> findByRackIdInOrderByNumberAscChangedAtAsc(Collection<UUID> rackIds);
}
