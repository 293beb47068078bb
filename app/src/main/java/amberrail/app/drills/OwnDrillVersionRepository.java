package amberrail.app.drills;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnDrillVersionRepository extends JpaRepository<OwnDrillVersionEntity, OwnDrillVersionEntity.Key> {
    List<OwnDrillVersionEntity> findByIdIn(Collection<OwnDrillVersionEntity.Key> ids);

    List<OwnDrillVersionEntity> findByIdDrillIdOrderByIdVersionDesc(String drillId);
}
