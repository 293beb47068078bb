package amberrail.app.attempts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttemptRepository extends JpaRepository<AttemptEntity, UUID> {
    List<AttemptEntity> findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(UUID sessionId);

    List<AttemptEntity> findBySessionIdAndStationAndMirroredOrderBySequenceAscDeviceIdAscIdAsc(
            UUID sessionId, int station, boolean mirrored);
}
