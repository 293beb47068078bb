package amberrail.app.kitcheck;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitReadingRepository extends JpaRepository<KitReadingEntity, UUID> {
    List<KitReadingEntity> findAllByCheckIdOrderByTakenAtAscIdAsc(UUID checkId);

    long countByCheckId(UUID checkId);
}
