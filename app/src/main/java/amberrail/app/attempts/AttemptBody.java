package amberrail.app.attempts;

import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Point;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One revision of an attempt, as a device writes it. It says what was seen, never whether it succeeded.
 *
 * @param revision from 0; the next edit is one more
 * @param deleted  true is an undo
 * @param tryId    groups the attempts of one run through a station's shots
 * @param sequence place in the order: one more than the greatest that the device has seen
 * @param facts    demands that somebody spoke about; the others count as met
 * @param landing  left out after an in-off or when nobody saw it
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
        @NotNull Instant playedAt) {
    public AttemptBody {
        facts = facts == null ? List.of() : List.copyOf(facts);
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

    /** The observation in core's terms; core refuses what contradicts itself. */
    public Attempt toAttempt() {
        Optional<Landing> seen = Optional.ofNullable(landing).map(LandingBody::toLanding);
        return new Attempt(outcome, foul, inOff, seen, FactBody.toFacts(facts));
    }
}
