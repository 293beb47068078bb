package amberrail.app.attempts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AttemptRepository extends JpaRepository<AttemptEntity, UUID> {
    List<AttemptEntity> findBySessionIdOrderBySequenceAscDeviceIdAscIdAsc(UUID sessionId);

    /** The shots of one station and side in their order, undone ones left out. */
    @Query(
            "select new amberrail.app.attempts.TriedShot(a.tryId, a.shot, a.outcome, a.foul, a.inOff, a.landingXMillimetres,"
                    + " a.landingYMillimetres, a.placedBy, a.placingSdMillimetres, a.facts) from AttemptEntity a"
                    + " where a.sessionId = :sessionId and a.station = :station and a.mirrored = :mirrored and a.deleted = false"
                    + " order by a.sequence, a.deviceId, a.id")
    List<TriedShot> tried(UUID sessionId, int station, boolean mirrored);
}
