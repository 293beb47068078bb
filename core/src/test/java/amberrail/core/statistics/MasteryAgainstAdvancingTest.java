package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.TryScore;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the bench says of a rule's strictness is what the rule at the table does, also within caps that are no whole blocks. */
class MasteryAgainstAdvancingTest {
    private static final int SESSIONS = 20_000;

    static Stream<Arguments> rules() {
        return Stream.of(
                Arguments.of(new AdvancingRule.InARow(3, 20), new MasteryRule.Run(3)),
                Arguments.of(new AdvancingRule.InARow(5, 33), new MasteryRule.Run(5)),
                Arguments.of(new AdvancingRule.OfABlock(7, 10, 20), new MasteryRule.BlockPassedAtOnce(7, 10)),
                Arguments.of(new AdvancingRule.OfABlock(3, 5, 9), new MasteryRule.BlockPassedAtOnce(3, 5)),
                Arguments.of(new AdvancingRule.OfTheLast(7, 10, 25), new MasteryRule.Sliding(7, 10)),
                Arguments.of(new AdvancingRule.WholeRun(6), new MasteryRule.Run(1)));
    }

    private static TryScore score(boolean made) {
        return new TryScore(made ? TryResult.SUCCESS : TryResult.FAILURE, made ? 1 : 0);
    }

    /** At which try the rule was met; one more than the cap where it was not. */
    private static int passedAt(AdvancingRule rule, double p, Random random) {
        List<TryScore> tries = new ArrayList<>();
        while (tries.size() < rule.capTries()) {
            tries.add(score(random.nextDouble() < p));
            if (rule.progress(tries).passed()) {
                return tries.size();
            }
        }
        return rule.capTries() + 1;
    }

    @ParameterizedTest
    @MethodSource("rules")
    void theShareThatPassesWithinTheCapIsTheOneThatIsSaid(AdvancingRule played, MasteryRule said) {
        Random random = new Random(20_261_127);
        for (double p : new double[] {0.3, 0.55, 0.8}) {
            int passed = 0;
            for (int i = 0; i < SESSIONS; i++) {
                passed += passedAt(played, p, random) <= played.capTries() ? 1 : 0;
            }
            double share = (double) passed / SESSIONS;
            double probability = said.at(p, played.capTries()).passProbability();
            double standardError = Math.sqrt(Math.max(1e-6, probability * (1 - probability)) / SESSIONS);
            assertThat(share).as("%s at %s", played, p).isCloseTo(probability, within(4 * standardError + 1e-4));
        }
    }

    @Test
    void bothSidesTakeTheAttemptsOfBoth() {
        AdvancingRule played = new AdvancingRule.InARow(3, 200);
        MasteryRule said = new MasteryRule.BothSides(new MasteryRule.Run(3));
        Random random = new Random(4);
        int within30 = 0;
        for (int i = 0; i < SESSIONS; i++) {
            within30 += passedAt(played, 0.6, random) + passedAt(played, 0.6, random) <= 30 ? 1 : 0;
        }
        assertThat((double) within30 / SESSIONS).isCloseTo(said.at(0.6, 30).passProbability(), within(0.013));
        assertThat(said.expectedAttempts(0.6).orElseThrow())
                .isEqualTo(2 * new MasteryRule.Run(3).expectedAttempts(0.6).orElseThrow());
    }

    @Test
    void afterWholeBlocksAnEarlyPassChangesNothing() {
        double[] early = new MasteryRule.BlockPassedAtOnce(7, 10).passProbabilities(0.6, 40);
        double[] atTheEnd = new MasteryRule.Block(7, 10).passProbabilities(0.6, 40);
        for (int n = 10; n <= 40; n += 10) {
            assertThat(early[n]).isCloseTo(atTheEnd[n], within(1e-12));
        }
        assertThat(early[8]).isPositive();
        assertThat(atTheEnd[8]).isZero();
    }
}
