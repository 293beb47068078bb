package amberrail.app.export;

import amberrail.app.attempts.FactBody;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Call;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PlayedAttempt;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * One attempt with everything that it is read with; lengths in mm from the SW corner, angles in degrees.
 *
 * @param facts        what was seen of demands that the landing does not show, where another ball ended included
 * @param result       as the judge says now
 * @param lineError    against the target: left of the way of travel positive
 * @param speedError   long positive
 */
record AttemptRow(
        UUID attemptId,
        UUID sessionId,
        String student,
        Instant playedAt,
        String drillId,
        int drillVersion,
        int station,
        boolean mirrored,
        int shot,
        UUID tryId,
        long sequence,
        String tableName,
        String outcome,
        boolean foul,
        boolean inOff,
        @MayBeMissing Double landingX,
        @MayBeMissing Double landingY,
        @MayBeMissing String placedBy,
        @MayBeMissing Double placingSd,
        List<FactBody> facts,
        @MayBeMissing Double lineError,
        @MayBeMissing Double speedError,
        String result,
        List<String> faults,
        @MayBeMissing Double callPace,
        @MayBeMissing Double callHeight,
        @MayBeMissing Double callSide,
        List<String> observations,
        @MayBeMissing String note,
        boolean late) {

    static AttemptRow of(PlayedAttempt played, Of of) {
        Attempt seen = played.seen();
        Landing landing = seen.landing().orElse(null);
        Call call = played.call().orElse(null);
        return new AttemptRow(
                of.attemptId(),
                of.sessionId(),
                of.student(),
                played.playedAt(),
                played.drillId(),
                of.drillVersion(),
                played.station() + 1,
                played.mirrored(),
                played.shot() + 1,
                played.tryId(),
                played.sequence(),
                of.tableName(),
                seen.outcome().name(),
                seen.foul(),
                seen.inOff(),
                landing == null ? null : landing.place().xMillimetres(),
                landing == null ? null : landing.place().yMillimetres(),
                landing == null ? null : landing.placedBy().name(),
                landing == null ? null : landing.placingSdMillimetres(),
                FactBody.of(seen.facts()),
                of.lineError(),
                of.speedError(),
                of.result(),
                of.faults(),
                call == null ? null : call.paceMetresPerSecond(),
                call == null ? null : call.tipHeightMillimetres(),
                call == null ? null : call.tipSideMillimetres(),
                played.observations(),
                played.note().orElse(null),
                of.late());
    }

    /** What the attempt itself does not say. */
    record Of(
            UUID attemptId,
            UUID sessionId,
            String student,
            int drillVersion,
            String tableName,
            Double lineError,
            Double speedError,
            String result,
            List<String> faults,
            boolean late) {}
}
