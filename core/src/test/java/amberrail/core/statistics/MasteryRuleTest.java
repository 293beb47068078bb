package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The coach's table of methods.md, and each rule played out at random. */
class MasteryRuleTest {
    private static final int CAP = 20;

    private static MasteryRule rule(String kind, int m, int n) {
        return switch (kind) {
            case "run" -> new MasteryRule.Run(m);
            case "block" -> new MasteryRule.Block(m, n);
            default -> new MasteryRule.Sliding(m, n);
        };
    }

    @ParameterizedTest
    @CsvSource({
        "run, 3, 0, .79, .93, .99, 1.00, 1.00",
        "run, 5, 0, .25, .48, .73, .92, .99",
        "block, 7, 10, .31, .62, .88, .99, 1.00",
        "sliding, 7, 10, .46, .75, .93, .99, 1.00",
        "block, 9, 10, .02, .09, .28, .61, .93",
        "sliding, 9, 10, .05, .17, .42, .74, .96"
    })
    void theTableThatACoachIsShown(
            String kind, int m, int n, double half, double six, double seven, double eight, double nine) {
        double[] shown = {half, six, seven, eight, nine};
        for (int i = 0; i < shown.length; i++) {
            assertThat(rule(kind, m, n).at(0.5 + 0.1 * i, CAP).passProbability())
                    .isCloseTo(shown[i], within(0.0051));
        }
    }

    @ParameterizedTest
    @CsvSource({"run, 4, 0", "block, 4, 6", "sliding, 4, 6"})
    void playedOutAtRandomItComesToTheSame(String kind, int m, int n) {
        Random random = new Random(5);
        int plays = 20_000;
        int passed = 0;
        for (int play = 0; play < plays; play++) {
            int tries = 0;
            boolean[] made = new boolean[CAP];
            boolean done = false;
            for (; tries < CAP && !done; tries++) {
                made[tries] = random.nextDouble() < 0.6;
                done = isPassed(kind, m, n, made, tries + 1);
            }
            passed += done ? 1 : 0;
        }
        double expected = rule(kind, m, n).at(0.6, CAP).passProbability();
        assertThat((double) passed / plays).isCloseTo(expected, within(4 * Math.sqrt(0.25 / plays)));
    }

    private static boolean isPassed(String kind, int m, int n, boolean[] made, int tries) {
        int length = kind.equals("run") ? m : n;
        int from = kind.equals("block") ? (tries - 1) / n * n : Math.max(0, tries - length);
        int sum = 0;
        for (int i = from; i < tries; i++) {
            sum += made[i] ? 1 : 0;
        }
        return sum >= m;
    }

    @Test
    void aSureThingAndAHopelessOne() {
        assertThat(new MasteryRule.Block(3, 3).at(1, 3).passProbability()).isEqualTo(1);
        assertThat(new MasteryRule.Block(3, 3).at(0, 200).expectedAttempts()).isEmpty();
        assertThat(new MasteryRule.Sliding(2, 3).at(0, 200).medianAttempts()).isEmpty();
        assertThatThrownBy(() -> new MasteryRule.Run(3).at(1.2, 20)).isInstanceOf(InvalidInputException.class);
    }
}
