package amberrail.app.recipes;

import amberrail.app.web.MayBeMissing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.MasteryRule;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.DoubleStream;

/**
 * How strict a rule is within its cap, for players of several true success rates.
 *
 * @param rates from the one that should not pass to the one that should
 */
record StrictnessView(List<RateView> rates) {

    /** Which rules there is a closed form for; a total of points depends on the rings. */
    enum Kind {
        IN_A_ROW,
        OF_A_BLOCK,
        OF_THE_LAST,
        WHOLE_RUN
    }

    /**
     * A rule as it is being typed.
     *
     * @param bothSides original and mirror must each meet it, each within its own cap; left out: one side
     */
    record RuleRequest(
            @NotNull Kind kind,
            @MayBeMissing Integer successes,
            @MayBeMissing Integer outOf,
            @Min(1) @Max(200) int capTries,
            @MayBeMissing Boolean bothSides) {
        MasteryRule toRule() {
            return switch (kind) {
                case IN_A_ROW -> new MasteryRule.Run(given("successes", successes));
                case OF_A_BLOCK ->
                    new MasteryRule.BlockPassedAtOnce(given("successes", successes), given("outOf", outOf));
                case OF_THE_LAST -> new MasteryRule.Sliding(given("successes", successes), given("outOf", outOf));
                case WHOLE_RUN -> new MasteryRule.Run(1);
            };
        }

        private static int given(String field, Integer value) {
            if (value == null) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, field, null, "must be given for this rule");
            }
            return value;
        }
    }

    /**
     * One rate.
     *
     * @param passProbability of both sides, where both are asked
     * @param medianAttempts  with these, on both sides together, an even chance of having passed; missing if hardly ever
     */
    record RateView(
            double successRate,
            double passProbability,
            @MayBeMissing Integer medianAttempts) {}

    private static final double[] RATES = {0.5, 0.6, 0.7, 0.8};

    static StrictnessView of(RuleRequest request) {
        MasteryRule side = request.toRule();
        boolean both = Boolean.TRUE.equals(request.bothSides());
        MasteryRule whole = both ? new MasteryRule.BothSides(side) : side;
        return new StrictnessView(DoubleStream.of(RATES)
                .mapToObj(rate -> {
                    double passesOne = side.at(rate, request.capTries()).passProbability();
                    OptionalInt median = whole.at(rate, request.capTries()).medianAttempts();
                    return new RateView(
                            rate,
                            both ? passesOne * passesOne : passesOne,
                            median.isPresent() ? median.getAsInt() : null);
                })
                .toList());
    }
}
