package amberrail.app.attempts;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What the judge needs of a stored attempt, and its place in the order: read to work out a run, so it is not the whole row and nothing that
 * Hibernate would have to watch for changes.
 *
 * @param cameAfter the last place in the order that the student has at another station of the drill; -1 for none, or where it was not asked
 */
record TriedShot(
        UUID id,
        String deviceId,
        UUID studentId,
        String drillId,
        int station,
        boolean mirrored,
        long sequence,
        UUID tryId,
        int shot,
        PotOutcome outcome,
        boolean foul,
        boolean inOff,
        Double landingXMillimetres,
        Double landingYMillimetres,
        Landing.PlacedBy placedBy,
        Double placingSdMillimetres,
        List<FactBody> facts,
        long cameAfter) {

    /** Of a row at hand; nothing is said of other stations. */
    static TriedShot of(AttemptEntity row) {
        return new TriedShot(
                row.id,
                row.deviceId,
                row.studentId,
                row.drillId,
                row.station,
                row.mirrored,
                row.sequence,
                row.tryId,
                row.shot,
                row.outcome,
                row.foul,
                row.inOff,
                row.landingXMillimetres,
                row.landingYMillimetres,
                row.placedBy,
                row.placingSdMillimetres,
                row.facts,
                -1);
    }

    /** Where it left the cue ball (mm), if that was seen. */
    Optional<Point> cueLeftAt() {
        return Optional.ofNullable(landingXMillimetres).map(x -> new Point(x, landingYMillimetres));
    }

    Attempt toAttempt() {
        Optional<Landing> landing = cueLeftAt().map(at -> new Landing(at, placedBy, placingSdMillimetres));
        return new Attempt(outcome, foul, inOff, landing, FactBody.toFacts(facts));
    }
}
