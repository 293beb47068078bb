package amberrail.app.plan;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PlanRepository extends JpaRepository<PlanEntity, UUID> {
    /** Locked until the transaction ends: of two who change one plan the second is to see what the first has made of it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PlanEntity p where p.id = :id")
    Optional<PlanEntity> findToChange(UUID id);

    /** Of any of these students in these days, the days in order; archived ones and patterns left out. */
    @Query(
            "select distinct p from PlanEntity p join p.studentIds s where s in :students and p.archived = false and p.pattern = false"
                    + " and (p.onDay is null or p.onDay between :from and :to) order by p.onDay, p.changedAt desc")
    List<PlanEntity> of(Collection<UUID> students, LocalDate from, LocalDate to, Limit limit);

    @Query(
            "select p from PlanEntity p where p.ownerId = :owner and p.pattern = true and p.archived = false order by p.title")
    List<PlanEntity> patternsOf(UUID owner, Limit limit);

    /** In the order of their days. */
    @Query("select p from PlanEntity p where p.blockId = :block and p.archived = false order by p.onDay, p.id")
    List<PlanEntity> ofBlock(UUID block);

    boolean existsByBlockIdAndBlockWeekAndArchivedFalse(UUID blockId, Integer blockWeek);

    /** What a calendar shows of a plan; its lines are long and stay where they are. */
    interface OnDay {
        UUID getId();

        UUID getOwnerId();

        String getTitle();

        LocalDate getOnDay();

        double getMinutes();

        Instant getChangedAt();
    }

    /** Of any of these students in these days. */
    @Query("select distinct p.id as id, p.ownerId as ownerId, p.title as title, p.onDay as onDay, p.minutes as minutes,"
            + " p.changedAt as changedAt from PlanEntity p join p.studentIds s where s in :students"
            + " and p.archived = false and p.pattern = false and p.onDay between :from and :to order by p.onDay")
    List<OnDay> onDays(Collection<UUID> students, LocalDate from, LocalDate to, Limit limit);

    /** A plan with one of its students. */
    interface ForStudent {
        UUID getPlanId();

        UUID getStudentId();
    }

    @Query(
            "select p.id as planId, s as studentId from PlanEntity p join p.studentIds s where p.id in :plans order by index(s)")
    List<ForStudent> studentsOf(Collection<UUID> plans);
}
