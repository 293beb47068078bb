package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Simulated: the interval of a spread holds the truth about as often as it says, also where now and then a shot goes wild. */
class SdIntervalTest {
    private static final int SETS = 2_000;
    private static final long SEED = 88_001;

    @ParameterizedTest
    @CsvSource({"12, false, 0.91, 0.99", "30, false, 0.91, 0.99", "12, true, 0.85, 0.99", "30, true, 0.85, 0.99"})
    void holdsTheTruth(int n, boolean heavy, double least, double most) {
        Random random = new Random(SEED + n);
        int held = 0;
        for (int set = 0; set < SETS; set++) {
            double[] values = new double[n];
            for (int i = 0; i < n; i++) {
                values[i] = 40 * (heavy ? t4(random) : random.nextGaussian());
            }
            Interval interval = SdInterval.of(values, 0.95).orElseThrow();
            held += interval.contains(40) ? 1 : 0;
        }
        assertThat((double) held / SETS).isBetween(least, most);
    }

    /** Student's t with 4 degrees of freedom, scaled to a standard deviation of 1. */
    private static double t4(Random random) {
        double chi = 0;
        for (int i = 0; i < 4; i++) {
            chi += Math.pow(random.nextGaussian(), 2);
        }
        return random.nextGaussian() / Math.sqrt(chi / 4) / Math.sqrt(2);
    }

    @Test
    void fewOrEqualValuesHaveNone() {
        assertThat(SdInterval.of(new double[] {1, 2, 3, 4}, 0.95)).isEmpty();
        assertThat(SdInterval.of(new double[] {2, 2, 2, 2, 2, 2}, 0.95)).isEmpty();
        // So sure with so few that no factor would be positive: nothing rather than NaN.
        assertThat(SdInterval.of(new double[] {1, 2, 3, 4, 5}, 0.9999999)).isEmpty();
    }
}
