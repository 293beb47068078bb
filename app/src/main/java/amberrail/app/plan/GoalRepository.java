package amberrail.app.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface GoalRepository extends JpaRepository<GoalEntity, GoalEntity.Key> {
    List<GoalEntity> findByStudentId(UUID studentId);
}
