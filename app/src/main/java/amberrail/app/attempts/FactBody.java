package amberrail.app.attempts;

import amberrail.app.attempts.AttemptBody.LandingBody;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Fact;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;

/**
 * What was seen of one demand that the cue ball's landing does not show.
 *
 * @param demand index of the demand in its shot
 * @param place  where another ball ended, where the demand is about that
 */
public record FactBody(
        @Min(0) @Max(50) int demand,
        @NotNull Fact.Seen seen,
        @Valid @MayBeMissing LandingBody place) {

    /** As a device would write them. */
    public static List<FactBody> of(List<Fact> facts) {
        return facts.stream()
                .map(fact -> new FactBody(
                        fact.demand(),
                        fact.seen(),
                        fact.place().map(LandingBody::of).orElse(null)))
                .toList();
    }

    static List<Fact> toFacts(List<FactBody> facts) {
        return facts == null
                ? List.of()
                : facts.stream()
                        .map(fact -> new Fact(
                                fact.demand,
                                fact.seen,
                                Optional.ofNullable(fact.place).map(LandingBody::toLanding)))
                        .toList();
    }
}
