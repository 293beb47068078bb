package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Falls through 0 against factors whose roots are known, and against a dense look. */
class QuarticTest {
    private static final double NEVER = Quartic.NEVER;
    private static final long SEED = 41;

    @Test
    void theFirstFallOfFourKnownRootsIsTheFirstRoot() {
        // Starts above 0, so it falls at the 1st and 3rd root and rises at the 2nd and 4th.
        Quartic quartic = withRoots(0.5, 1, 2, 3);
        assertThat(quartic.firstFall(0, 10)).isCloseTo(0.5, within(1e-12));
        assertThat(quartic.firstFall(0.7, 10)).as("the fall before is past").isCloseTo(2, within(1e-12));
        assertThat(quartic.firstFall(2.5, 10)).as("only rises from there").isEqualTo(NEVER);
        assertThat(quartic.firstFall(0, 0.4)).as("not within the stretch").isEqualTo(NEVER);
    }

    @Test
    void belowZeroAtTheBeginningItHasToRiseFirst() {
        Quartic quartic = withRoots(-1, 0.5, 2, 3);
        assertThat(quartic.value(0)).isNegative();
        assertThat(quartic.firstFall(0, 10)).isCloseTo(2, within(1e-12));
    }

    @Test
    void anEmptyOrBackwardStretchHoldsNothing() {
        Quartic quartic = withRoots(0.5, 1, 2, 3);
        assertThat(quartic.firstFall(0, 0)).isEqualTo(NEVER);
        assertThat(quartic.firstFall(1, 0.5)).isEqualTo(NEVER);
    }

    @Test
    void lowerDegreesAreQuarticsToo() {
        assertThat(new Quartic().of(1, -2, 0, 0, 0).firstFall(0, 10)).isCloseTo(0.5, within(1e-14));
        assertThat(new Quartic().of(6, -5, 1, 0, 0).firstFall(0, 10)).isCloseTo(2, within(1e-12));
        assertThat(new Quartic().of(1, 0, 0, 0, 0).firstFall(0, 10)).isEqualTo(NEVER);
    }

    @Test
    void twoRootsThatNearlyMeetAreNotSteppedOver() {
        // It dips below 0 for a hundred-thousandth of the stretch only.
        Quartic quartic = withRoots(1, 1 + 1e-4, 20, 21);
        assertThat(quartic.firstFall(0, 10)).isCloseTo(1, within(1e-9));
        assertThat(withComplexPair(1, 1e-3).firstFall(0, 10))
                .as("comes near 0 and turns back")
                .isEqualTo(NEVER);
    }

    @Test
    void oneObjectForManySearchesRemembersNothing() {
        Quartic used = withRoots(0.5, 1, 2, 3);
        used.firstFall(0, 10);
        assertThat(used.of(6, -5, 1, 0, 0).firstFall(0, 10))
                .isEqualTo(new Quartic().of(6, -5, 1, 0, 0).firstFall(0, 10));
    }

    @Test
    void noFallIsMissedOrInventedOnRandomRoots() {
        Random random = new Random(SEED);
        for (int i = 0; i < 20_000; i++) {
            double[] roots = random.doubles(4, -1, 4).sorted().toArray();
            double from = 3 * random.nextDouble();
            double limit = from + 2 * random.nextDouble();
            double found = withRoots(roots).firstFall(from, limit);
            // From above 0 at minus infinity it falls at the 1st and the 3rd.
            double expected = Arrays.stream(new double[] {roots[0], roots[2]})
                    .filter(root -> root > from && root <= limit)
                    .findFirst()
                    .orElse(NEVER);
            boolean nearlyDouble =
                    roots[1] - roots[0] < 1e-3 || roots[2] - roots[1] < 1e-3 || roots[3] - roots[2] < 1e-3;
            if (!nearlyDouble && Math.abs(expected - limit) > 1e-6 && Math.abs(expected - from) > 1e-6) {
                assertThat(found == NEVER ? 99 : found)
                        .as("case %d, seed %d: %s from %s to %s", i, SEED, Arrays.toString(roots), from, limit)
                        .isCloseTo(expected == NEVER ? 99 : expected, within(1e-8));
            }
        }
    }

    private static Quartic withRoots(double... roots) {
        double[] c = {1};
        for (double root : roots) {
            double[] longer = new double[c.length + 1];
            for (int i = 0; i < c.length; i++) {
                longer[i + 1] += c[i];
                longer[i] -= root * c[i];
            }
            c = longer;
        }
        return new Quartic().of(c[0], c[1], c[2], c[3], c[4]);
    }

    /** ((t - at)² + height²)(t + 1)(t + 2): above 0 for all t above -1. */
    private static Quartic withComplexPair(double at, double height) {
        double q0 = at * at + height * height;
        double q1 = -2 * at;
        return new Quartic().of(2 * q0, 3 * q0 + 2 * q1, q0 + 3 * q1 + 2, q1 + 3, 1);
    }
}
