package amberrail.app.attempts;

import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Call;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Point;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One revision of an attempt, as a device writes it: what comes in and goes out at the edge; inside it is a {@link PlayedAttempt}. It says what was seen, never whether it succeeded.
 *
 * @param revision from 0; the next edit is one more
 * @param deleted  true is an undo
 * @param tryId    groups the attempts of one run through a station's shots
 * @param sequence place in the order: one more than the greatest that the device has seen
 * @param facts    demands that somebody spoke about; the others count as met
 * @param landing  left out after an in-off or when nobody saw it
 * @param studentId whose turn it was; left out: the session's first student
 * @param drillId  which of the session's drills; left out: the first
 * @param call     the stroke that was called before it, if one was; locked once the outcome is entered
 * @param observations what the coach noticed, in the words of their own list
 * @param note     what else is to be remembered of it
 */
public record AttemptBody(
        @Min(0) @Max(100_000) int revision,
        boolean deleted,
        @Min(0) @Max(1000) int station,
        boolean mirrored,
        @NotNull UUID tryId,
        @Min(0) @Max(1000) int shot,
        @Min(0) @Max(Integer.MAX_VALUE) long sequence,
        @NotBlank @Size(max = 60) String deviceId,
        @NotNull PotOutcome outcome,
        boolean foul,
        boolean inOff,
        @Valid @MayBeMissing LandingBody landing,
        @Size(max = 12) @MayBeMissing List<@Valid @NotNull FactBody> facts,
        @NotNull Instant playedAt,
        @MayBeMissing UUID studentId,
        @Size(max = 60) @MayBeMissing String drillId,
        @Valid @MayBeMissing CallBody call,
        @Size(max = 8) @MayBeMissing List<@NotBlank @Size(max = 60) String> observations,
        @Size(max = 1000) @MayBeMissing String note) {
    public AttemptBody {
        facts = facts == null ? List.of() : List.copyOf(facts);
        observations = observations == null ? List.of() : List.copyOf(observations);
    }

    /** Of the session's only student at its only drill, nothing called and nothing noted. */
    public AttemptBody(
            int revision,
            boolean deleted,
            int station,
            boolean mirrored,
            UUID tryId,
            int shot,
            long sequence,
            String deviceId,
            PotOutcome outcome,
            boolean foul,
            boolean inOff,
            LandingBody landing,
            List<FactBody> facts,
            Instant playedAt) {
        this(
                revision, deleted, station, mirrored, tryId, shot, sequence, deviceId, outcome, foul, inOff, landing,
                facts, playedAt, null, null, null, null, null);
    }

    /** The same, played at another time. */
    AttemptBody at(Instant time) {
        return with(revision, time, studentId, drillId, note);
    }

    /** The same with another's revision and note: all that somebody may change who did not record it. */
    AttemptBody remarkedAs(AttemptBody other) {
        return with(other.revision, playedAt, studentId, drillId, other.note);
    }

    /** The same, of this student at this drill, at a time that the columns can keep. */
    AttemptBody of(UUID student, String drill) {
        String said = note == null || note.isBlank() ? null : note;
        return with(revision, playedAt.truncatedTo(ChronoUnit.MILLIS), student, drill, said);
    }

    private AttemptBody with(int otherRevision, Instant time, UUID student, String drill, String otherNote) {
        return new AttemptBody(
                otherRevision,
                deleted,
                station,
                mirrored,
                tryId,
                shot,
                sequence,
                deviceId,
                outcome,
                foul,
                inOff,
                landing,
                facts,
                time,
                student,
                drill,
                call,
                observations,
                otherNote);
    }

    /** What was called: launch speed, and where the tip meets the ball (mm above and to the right of its centre). */
    public record CallBody(
            @DecimalMin("0.1") @DecimalMax("12") double paceMetresPerSecond,
            @DecimalMin("-30") @DecimalMax("30") double tipHeightMillimetres,
            @DecimalMin("-30") @DecimalMax("30") double tipSideMillimetres) {
        Call toCall() {
            return new Call(paceMetresPerSecond, tipHeightMillimetres, tipSideMillimetres);
        }

        static CallBody of(Call call) {
            return new CallBody(call.paceMetresPerSecond(), call.tipHeightMillimetres(), call.tipSideMillimetres());
        }
    }

    /** Where the cue ball stopped (mm from the SW corner) and how it was placed. */
    public record LandingBody(
            double xMillimetres,
            double yMillimetres,
            @NotNull Landing.PlacedBy placedBy,
            double placingSdMillimetres) {
        Landing toLanding() {
            return new Landing(new Point(xMillimetres, yMillimetres), placedBy, placingSdMillimetres);
        }

        static LandingBody of(Landing landing) {
            return new LandingBody(
                    landing.place().xMillimetres(),
                    landing.place().yMillimetres(),
                    landing.placedBy(),
                    landing.placingSdMillimetres());
        }
    }

    /** As a device would write it. */
    static AttemptBody of(PlayedAttempt played, RecordedAttempt.Writing writing) {
        Attempt seen = played.seen();
        return new AttemptBody(
                writing.revision(),
                writing.deleted(),
                played.station(),
                played.mirrored(),
                played.tryId(),
                played.shot(),
                played.sequence(),
                writing.deviceId(),
                seen.outcome(),
                seen.foul(),
                seen.inOff(),
                seen.landing().map(LandingBody::of).orElse(null),
                FactBody.of(seen.facts()),
                played.playedAt(),
                played.studentId(),
                played.drillId(),
                played.call().map(CallBody::of).orElse(null),
                played.observations(),
                played.note().orElse(null));
    }

    /** The observation in core's terms; core refuses what contradicts itself. */
    Attempt toAttempt() {
        Optional<Landing> seen = Optional.ofNullable(landing).map(LandingBody::toLanding);
        return new Attempt(outcome, foul, inOff, seen, FactBody.toFacts(facts));
    }
}
