package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Aim that is known is drawn; what comes back is held against it. */
class AimFromManyPotsTest {
    private static final double PRIOR_SD = 1.5;
    private static final double WEIGHT = 5;
    private static final double[] TOLERANCES = {1.2, 1.8, 2.5};

    private static List<AimFromManyPots.Kind> played(double sd, int each, Random random) {
        List<AimFromManyPots.Kind> kinds = new ArrayList<>();
        for (double tolerance : TOLERANCES) {
            int thick = 0;
            int thin = 0;
            for (int i = 0; i < each; i++) {
                double aim = sd * random.nextGaussian();
                thick += aim > tolerance ? 1 : 0;
                thin += aim < -tolerance ? 1 : 0;
            }
            kinds.add(new AimFromManyPots.Kind(thick, each - thick - thin, thin, tolerance, tolerance));
        }
        return kinds;
    }

    @Test
    void theIntervalHoldsTheTruthNineTimesInTen() {
        Random random = new Random(3);
        int inside = 0;
        double ratios = 0;
        for (int i = 0; i < 200; i++) {
            double truth = 0.8 + 0.01 * i;
            AimFromManyPots found = AimFromManyPots.of(played(truth, 40, random), PRIOR_SD, WEIGHT);
            inside += found.interval().contains(truth) ? 1 : 0;
            ratios += found.sd() / truth / 200;
        }
        // Of 200 a true 90 % lies outside 166 to 194 less than once in 500 times; the prior helps near its middle.
        assertThat(inside).isBetween(166, 198);
        assertThat(ratios).isCloseTo(1, within(0.05));
    }

    @Test
    void withoutAnyPotItIsThePriorAndEasyPotsOnlySayThatItIsNotLarge() {
        AimFromManyPots nothing = AimFromManyPots.of(List.of(), PRIOR_SD, WEIGHT);
        // The top of -w (ln s + s0²/2s²) is at s0.
        assertThat(nothing.sd()).isCloseTo(PRIOR_SD, within(1e-6));
        AimFromManyPots easy = AimFromManyPots.of(List.of(new AimFromManyPots.Kind(0, 60, 0, 8, 8)), PRIOR_SD, WEIGHT);
        assertThat(easy.sd()).isCloseTo(PRIOR_SD, within(0.05));
        assertThat(easy.interval().upper()).isLessThan(nothing.interval().upper() + 1e-9);
    }

    @Test
    void moreMissesMeanALargerErrorOnWhicheverSide() {
        double few = AimFromManyPots.of(List.of(new AimFromManyPots.Kind(2, 56, 2, 2, 2)), PRIOR_SD, WEIGHT)
                .sd();
        double thick = AimFromManyPots.of(List.of(new AimFromManyPots.Kind(20, 38, 2, 2, 2)), PRIOR_SD, WEIGHT)
                .sd();
        double thin = AimFromManyPots.of(List.of(new AimFromManyPots.Kind(2, 38, 20, 2, 2)), PRIOR_SD, WEIGHT)
                .sd();
        assertThat(thick).isGreaterThan(few).isCloseTo(thin, within(1e-9));
    }

    @Test
    void aPotThatForgivesNothingIsRefused() {
        assertThatThrownBy(() -> new AimFromManyPots.Kind(1, 2, 3, 0, 1))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("olerance");
        assertThatThrownBy(() -> AimFromManyPots.of(List.of(), -1, WEIGHT)).isInstanceOf(InvalidInputException.class);
    }
}
