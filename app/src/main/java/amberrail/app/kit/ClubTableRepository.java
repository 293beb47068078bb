package amberrail.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClubTableRepository extends JpaRepository<ClubTableEntity, UUID> {
    List<ClubTableEntity> findAllByOrderBySortOrder();
}
