package amberrail.app.attempts;

import jakarta.persistence.QueryHint;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;

interface AttemptRepository extends JpaRepository<AttemptEntity, UUID> {
    List<AttemptEntity> findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(UUID sessionId);

    /** What the judge needs of an attempt. */
    String TRIED =
            "select new amberrail.app.attempts.TriedShot(a.id, a.deviceId, a.studentId, a.drillId, a.station, a.mirrored, a.sequence,"
                    + " a.tryId, a.shot, a.outcome, a.foul, a.inOff, a.landingXMillimetres, a.landingYMillimetres, a.placedBy,"
                    + " a.placingSdMillimetres, a.facts, ";

    /** All shots of a session in their order; undone ones left out. */
    @Query(
            TRIED
                    + "-1L) from AttemptEntity a where a.sessionId = :sessionId and a.deleted = false order by a.sequence, a.deviceId, a.id")
    List<TriedShot> tried(UUID sessionId);

    /** The shots of one student at one station, both sides, in their order; undone ones left out. */
    @Query(TRIED
            + "(select coalesce(max(b.sequence), -1L) from AttemptEntity b where b.sessionId = :sessionId"
            + " and b.studentId = :studentId and b.drillId = :drillId and b.station <> :station and b.deleted = false))"
            + " from AttemptEntity a where a.sessionId = :sessionId and a.studentId = :studentId and a.drillId = :drillId"
            + " and a.station = :station and a.deleted = false order by a.sequence, a.deviceId, a.id")
    List<TriedShot> tried(UUID sessionId, UUID studentId, String drillId, int station);

    /** The last place in the order that a student has at another station of a drill; -1 for none. */
    @Query(
            "select coalesce(max(a.sequence), -1L) from AttemptEntity a where a.sessionId = :sessionId and a.studentId = :studentId"
                    + " and a.drillId = :drillId and a.station <> :station and a.deleted = false")
    long cameAfter(UUID sessionId, UUID studentId, String drillId, int station);

    /**
     * How often one student's attempts at a drill of a session were written, over its stations: every write raises it in its own transaction
     * ({@code results.ResultStore}).
     */
    @Query(
            nativeQuery = true,
            value = "select coalesce(sum(changes), 0) from station_result"
                    + " where student_id = :studentId and session_id = :sessionId and drill_id = :drillId")
    long changes(UUID sessionId, UUID studentId, String drillId);

    /** One student's attempts at one station, both sides, in their order; undone ones left out. */
    @Query(
            "select a from AttemptEntity a where a.sessionId = :sessionId and a.studentId = :studentId and a.drillId = :drillId"
                    + " and a.station = :station and a.deleted = false order by a.sequence, a.deviceId, a.id")
    List<AttemptEntity> at(UUID sessionId, UUID studentId, String drillId, int station);

    /**
     * One student's attempts at a drill version; undone ones left out. Read only: thousands are not to be watched for changes. Not asked for by
     * session: a list of hundreds would be gone through for every row.
     */
    @QueryHints(@QueryHint(name = "org.hibernate.readOnly", value = "true"))
    @Query(
            "select a from AttemptEntity a where a.studentId = :studentId and a.drillId = :drillId and a.drillVersion = :version"
                    + " and a.deleted = false order by a.playedAt, a.sequence, a.id")
    List<AttemptEntity> ofDrill(UUID studentId, String drillId, int version);

    /** One student's attempts at a drill of a session up to a place in its order; undone ones left out. */
    @Query(
            "select a from AttemptEntity a where a.sessionId = :sessionId and a.studentId = :studentId and a.drillId = :drillId"
                    + " and a.sequence <= :sequence and a.deleted = false order by a.sequence, a.deviceId, a.id")
    List<AttemptEntity> upTo(UUID sessionId, UUID studentId, String drillId, long sequence);

    @Query("select max(a.sequence) from AttemptEntity a where a.sessionId = :sessionId")
    Optional<Long> greatestSequence(UUID sessionId);

    /** One student's shots of one try at a station, those of these numbers; undone ones left out. */
    @Query(TRIED
            + "-1L) from AttemptEntity a where a.sessionId = :sessionId and a.studentId = :studentId and a.drillId = :drillId"
            + " and a.station = :station and a.tryId = :tryId and a.shot in :shots and a.deleted = false"
            + " order by a.sequence, a.deviceId, a.id")
    List<TriedShot> ofTry(UUID sessionId, UUID studentId, String drillId, int station, UUID tryId, List<Integer> shots);

    @Query("select a.playedAt from AttemptEntity a where a.sessionId = :sessionId and a.deleted = false")
    List<Instant> playedAt(UUID sessionId);

    /** A student's newest attempts, newest first. */
    @Query(
            "select a from AttemptEntity a where a.studentId = :studentId and a.deleted = false order by a.playedAt desc")
    List<AttemptEntity> newestOf(UUID studentId, Limit limit);

    /** The newest attempts at a drill version in sessions begun before another one, newest first. */
    @Query(
            "select a from AttemptEntity a where a.studentId = :studentId and a.drillId = :drillId and a.drillVersion = :version"
                    + " and a.sessionId <> :notIn and a.playedAt < :before and a.deleted = false order by a.playedAt desc, a.sequence desc")
    List<AttemptEntity> lastBefore(
            UUID studentId, String drillId, int version, UUID notIn, Instant before, Limit limit);

    /** What was written or found out in a session since, in its order; undone ones too. */
    @Query(
            "select a from AttemptEntity a where a.sessionId = :sessionId and a.changedAt >= :since order by a.sequence, a.deviceId, a.id")
    List<AttemptEntity> changedSince(UUID sessionId, Instant since);

    /** Later shots of patterns whose line of arrival is still being worked out. */
    List<AttemptEntity> findByArrivalPendingTrue();
}
