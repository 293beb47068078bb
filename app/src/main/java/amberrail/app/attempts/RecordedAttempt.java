package amberrail.app.attempts;

import amberrail.core.attempt.Judgement;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.statistics.ArrivalError;
import java.util.Optional;
import java.util.UUID;

/**
 * An attempt as stored, with what core makes of it.
 *
 * @param writing the last revision
 * @param late written after its session was closed
 * @param arrivalError of its own line of arrival; empty without a landing, without a target, after a foul, and while that line is being worked out
 */
public record RecordedAttempt(
        UUID id,
        PlayedAttempt played,
        Writing writing,
        boolean late,
        Judgement judgement,
        Optional<ArrivalError> arrivalError) {

    /** How it came here: which edit of which device, and whether that took it back. */
    public record Writing(int revision, boolean deleted, String deviceId) {}

    /** The landing as it was marked (mm). */
    public Optional<Point> landing() {
        return played.seen().landing().map(Landing::place);
    }

    /**
     * The landing turned about the target so that the line of arrival is this layout's: line and speed stay this shot's own. In a pattern each shot
     * arrives on a line of its own, and only so can they lie in one picture; without a target the place itself.
     */
    public Optional<Point> landingAlong(ShotLayout layout) {
        if (!layout.hasTarget()) {
            return landing();
        }
        return arrivalError.map(error -> layout.target()
                .moved(layout.arrival(), error.speedMillimetres())
                .moved(layout.arrival().left(), error.lineMillimetres()));
    }
}
