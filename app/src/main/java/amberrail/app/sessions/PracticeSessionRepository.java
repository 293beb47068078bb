package amberrail.app.sessions;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeSessionRepository extends JpaRepository<PracticeSessionEntity, UUID> {
    boolean existsByDrillIdAndDrillVersion(String drillId, int drillVersion);

    List<PracticeSessionEntity> findByStudentIdOrderByStartedAtDesc(UUID studentId, Limit limit);
}
