package amberrail.app.attempts;

import amberrail.app.attempts.AttemptBody.CallBody;
import amberrail.app.attempts.AttemptBody.LandingBody;
import amberrail.core.attempt.PlayedAttempt;
import java.util.Optional;

/** Between the row, the written body and the domain. */
final class AttemptMapping {
    private AttemptMapping() {}

    static void copy(AttemptBody body, AttemptEntity row) {
        row.station = body.station();
        row.mirrored = body.mirrored();
        row.tryId = body.tryId();
        row.shot = body.shot();
        row.sequence = body.sequence();
        row.deviceId = body.deviceId();
        row.revision = body.revision();
        row.deleted = body.deleted();
        row.outcome = body.outcome();
        row.foul = body.foul();
        row.inOff = body.inOff();
        LandingBody landing = body.landing();
        row.landingXMillimetres = landing == null ? null : landing.xMillimetres();
        row.landingYMillimetres = landing == null ? null : landing.yMillimetres();
        row.placedBy = landing == null ? null : landing.placedBy();
        row.placingSdMillimetres = landing == null ? null : landing.placingSdMillimetres();
        row.facts = body.facts();
        row.playedAt = body.playedAt();
        row.studentId = body.studentId();
        row.drillId = body.drillId();
        CallBody call = body.call();
        row.callPaceMetresPerSecond = call == null ? null : call.paceMetresPerSecond();
        row.callHeightMillimetres = call == null ? null : call.tipHeightMillimetres();
        row.callSideMillimetres = call == null ? null : call.tipSideMillimetres();
        row.observations = body.observations();
        row.note = body.note();
    }

    static AttemptBody body(AttemptEntity row) {
        LandingBody landing = row.landingXMillimetres == null
                ? null
                : new LandingBody(
                        row.landingXMillimetres, row.landingYMillimetres, row.placedBy, row.placingSdMillimetres);
        return new AttemptBody(
                row.revision,
                row.deleted,
                row.station,
                row.mirrored,
                row.tryId,
                row.shot,
                row.sequence,
                row.deviceId,
                row.outcome,
                row.foul,
                row.inOff,
                landing,
                row.facts,
                row.playedAt,
                row.studentId,
                row.drillId,
                call(row),
                row.observations,
                row.note);
    }

    /** What is judged and counted. */
    static PlayedAttempt played(AttemptEntity row) {
        AttemptBody body = body(row);
        return new PlayedAttempt(
                row.studentId,
                row.drillId,
                row.station,
                row.mirrored,
                row.shot,
                row.tryId,
                row.sequence,
                row.playedAt,
                body.toAttempt(),
                Optional.ofNullable(body.call()).map(CallBody::toCall),
                row.observations,
                Optional.ofNullable(row.note));
    }

    static RecordedAttempt.Writing writing(AttemptEntity row) {
        return new RecordedAttempt.Writing(row.revision, row.deleted, row.deviceId);
    }

    private static CallBody call(AttemptEntity row) {
        return row.callPaceMetresPerSecond == null
                ? null
                : new CallBody(row.callPaceMetresPerSecond, row.callHeightMillimetres, row.callSideMillimetres);
    }
}
