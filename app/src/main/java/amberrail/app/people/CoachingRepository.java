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

    /** A coach's students, or the student themselves. */
    @Query("select a.id as id, a.name as name from AccountEntity a where :coach = true and exists"
            + " (select c from CoachingEntity c where c.id.studentId = a.id and c.id.coachId = :accountId)"
            + " or :coach = false and a.id = :accountId")
    List<Access.AccountName> namesSeenBy(UUID accountId, boolean coach);

    @Query("select c.id.studentId from CoachingEntity c where c.id.coachId = :coachId and c.id.studentId in :of")
    Set<UUID> studentsOf(UUID coachId, List<UUID> of);
}
