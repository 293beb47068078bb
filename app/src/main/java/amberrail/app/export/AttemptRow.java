package amberrail.app.export;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.FactBody;
import amberrail.app.web.MayBeMissing;
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

    static AttemptRow of(AttemptBody body, Of of) {
        AttemptBody.LandingBody landing = body.landing();
        AttemptBody.CallBody call = body.call();
        return new AttemptRow(
                of.attemptId(),
                of.sessionId(),
                of.student(),
                body.playedAt(),
                body.drillId(),
                of.drillVersion(),
                body.station() + 1,
                body.mirrored(),
                body.shot() + 1,
                body.tryId(),
                body.sequence(),
                of.tableName(),
                body.outcome().name(),
                body.foul(),
                body.inOff(),
                landing == null ? null : landing.xMillimetres(),
                landing == null ? null : landing.yMillimetres(),
                landing == null ? null : landing.placedBy().name(),
                landing == null ? null : landing.placingSdMillimetres(),
                body.facts(),
                of.lineError(),
                of.speedError(),
                of.result(),
                of.faults(),
                call == null ? null : call.paceMetresPerSecond(),
                call == null ? null : call.tipHeightMillimetres(),
                call == null ? null : call.tipSideMillimetres(),
                body.observations(),
                body.note(),
                of.late());
    }

    /** What an attempt's own body does not say. */
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
