package amberrail.app.racks;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RackLayoutRepository extends JpaRepository<RackLayoutEntity, UUID> {
    List<RackLayoutEntity> findByArchivedFalseOrderByNameAscIdAsc();
}
