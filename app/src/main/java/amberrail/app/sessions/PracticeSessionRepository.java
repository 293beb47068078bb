package amberrail.app.sessions;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PracticeSessionRepository extends JpaRepository<PracticeSessionEntity, UUID> {
    @Query("select count(s) > 0 from PracticeSessionEntity s join s.drills d"
            + " where d.drillId = :drillId and d.drillVersion = :version")
    boolean hasPlayed(String drillId, int version);

    @Query("select s from PracticeSessionEntity s join s.studentIds student where student = :studentId"
            + " order by s.startedAt desc")
    List<PracticeSessionEntity> ofStudent(UUID studentId, Limit limit);

    /** Raised with every change of the session. */
    @Query("select s.version from PracticeSessionEntity s where s.id = :id")
    Optional<Integer> versionOf(UUID id);

    /** What a review of hundreds of sessions asks of each, and no more. */
    record OfDrill(UUID id, int drillVersion, String tableName, String tableNumbers) {}

    @Query(
            "select s.id, d.drillVersion, s.tableName, s.tableNumbers from PracticeSessionEntity s join s.studentIds student"
                    + " join s.drills d where student = :studentId and d.drillId = :drillId and s.startedAt >= :from"
                    + " and s.startedAt < :before order by s.startedAt desc")
    List<OfDrill> ofDrill(UUID studentId, String drillId, Instant from, Instant before, Limit limit);
}
