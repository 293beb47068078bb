package amberrail.app.kit;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BallSetRepository extends JpaRepository<BallSetEntity, UUID> {
    Optional<BallSetEntity> findByName(String name);
}
