package amberrail.app.people;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CoachingRepository extends JpaRepository<CoachingEntity, CoachingEntity.Key> {
    List<CoachingEntity> findByIdStudentId(UUID studentId);

    @Query("select c.id.studentId from CoachingEntity c where c.id.coachId = :coachId")
    Set<UUID> studentsOf(UUID coachId);

    @Query("select c.id.studentId from CoachingEntity c where c.id.coachId = :coachId and c.id.studentId in :of")
    Set<UUID> studentsOf(UUID coachId, List<UUID> of);
}
