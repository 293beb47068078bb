package amberrail.app.recipes;

import amberrail.app.web.MayBeMissing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.MasteryRule;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
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

    /** A rule as it is being typed. */
    record RuleRequest(
            @NotNull Kind kind,
            @MayBeMissing Integer successes,
            @MayBeMissing Integer outOf,
            @Min(1) @Max(200) int capTries) {
        MasteryRule toRule() {
            return switch (kind) {
                case IN_A_ROW -> new MasteryRule.Run(given("successes", successes));
                case OF_A_BLOCK -> new MasteryRule.Block(given("successes", successes), given("outOf", outOf));
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
     * @param medianAttempts with these an even chance of having passed; missing if hardly ever
     */
    record RateView(
            double successRate,
            double passProbability,
            @MayBeMissing Integer medianAttempts) {}

    private static final double[] RATES = {0.5, 0.6, 0.7, 0.8};

    static StrictnessView of(RuleRequest request) {
        MasteryRule rule = request.toRule();
        return new StrictnessView(DoubleStream.of(RATES)
                .mapToObj(rate -> {
                    MasteryRule.Strictness at = rule.at(rate, request.capTries());
                    Integer median = at.medianAttempts().isPresent()
                            ? at.medianAttempts().getAsInt()
                            : null;
                    return new RateView(rate, at.passProbability(), median);
                })
                .toList());
    }
}
