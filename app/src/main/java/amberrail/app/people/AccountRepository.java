package amberrail.app.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface AccountRepository extends JpaRepository<AccountEntity, UUID> {
    Optional<AccountEntity> findBySignInName(String signInName);

    /** The row, kept by this transaction: what depends on all that belongs to a person goes one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select a from AccountEntity a where a.id = :id")
    Optional<AccountEntity> hold(UUID id);

    boolean existsBySignInName(String signInName);

    List<AccountEntity> findByRoleOrderByName(Role role);

    List<AccountEntity> findByRoleAndArchivedAtIsNullOrderByName(Role role);

    List<AccountEntity> findAllByOrderByName();

    /** Those who have not left. */
    @Query("select a from AccountEntity a, CoachingEntity c"
            + " where c.id.studentId = a.id and c.id.coachId = :coachId and a.archivedAt is null order by a.name")
    List<AccountEntity> studentsOf(UUID coachId);

    /** With those who have left. */
    @Query("select a from AccountEntity a, CoachingEntity c"
            + " where c.id.studentId = a.id and c.id.coachId = :coachId order by a.name")
    List<AccountEntity> everyStudentOf(UUID coachId);
}
