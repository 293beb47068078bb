package amberrail.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CoachingRepository extends JpaRepository<CoachingEntity, CoachingEntity.Key> {
    List<CoachingEntity> findByIdStudentId(UUID studentId);
}
