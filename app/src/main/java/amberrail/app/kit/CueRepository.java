package amberrail.app.kit;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CueRepository extends JpaRepository<CueEntity, UUID> {
    Optional<CueEntity> findByName(String name);
}
