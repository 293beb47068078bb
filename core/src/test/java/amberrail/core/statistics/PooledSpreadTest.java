package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One group is what dispersion says; two groups forget their means; mean and spread agree with both. */
class PooledSpreadTest {
    private static final List<Double> VALUES = List.of(3.0, -1.0, 4.0, 1.0, -5.0, 9.0);

    @Test
    void oneGroupIsTheSpreadAlongTheWay() {
        List<Point> along = VALUES.stream().map(v -> new Point(v, 0.1 * v * v)).toList();
        Spread whole = Dispersion.of(new Point(0, 0), new Direction(1, 0), along, 0.95)
                .spread()
                .value()
                .orElseThrow();
        PooledSpread one = PooledSpread.of(VALUES);
        assertThat(one.sd().orElseThrow()).isCloseTo(whole.sdSpeedMillimetres(), within(1e-12));
        MeanAndSpread both = MeanAndSpread.of(VALUES, 0.95);
        assertThat(both.sd()).isEqualTo(one.sd());
        assertThat(both.meanInterval().orElseThrow().lower())
                .isCloseTo(whole.biasSpeedInterval().lower(), within(1e-9));
    }

    @Test
    void oneGroupOfTenHasTheIntervalOfDispersion() {
        double[] landings = {3, -1, 4, 1, -5, 9, 2, -6, 5, 3};
        assertThat(PooledSpread.of(Arrays.stream(landings).boxed().toList()).interval(0.95))
                .isEqualTo(SdInterval.of(landings, 0.95));
    }

    @Test
    void groupsShareTheirSpreadAndNotTheirMeans() {
        List<Double> elsewhere = VALUES.stream().map(v -> v + 1000).toList();
        PooledSpread pooled = PooledSpread.of(VALUES).and(PooledSpread.of(elsewhere));
        assertThat(pooled.freedom()).isEqualTo(10);
        assertThat(pooled.sd().orElseThrow())
                .isCloseTo(PooledSpread.of(VALUES).sd().orElseThrow(), within(1e-9));
        double one = width(PooledSpread.of(VALUES));
        assertThat(width(pooled)).isLessThan(one);
    }

    private static double width(PooledSpread spread) {
        Interval interval = spread.interval(0.95).orElseThrow();
        return interval.upper() - interval.lower();
    }

    /** Groups of a few landings, as stations and sides of one evening are; t4 has the tails of methods.md section 8, F1. */
    @ParameterizedTest
    @CsvSource({"6, 5, false", "3, 10, false", "12, 3, false", "6, 5, true", "3, 10, true", "1, 30, true"})
    void theIntervalHoldsTheTruthAlsoWithHeavyTails(int groups, int size, boolean heavy) {
        Random random = new Random(41L + 100 * groups + size);
        int runs = 2000;
        int held = 0;
        for (int run = 0; run < runs; run++) {
            PooledSpread pooled = PooledSpread.NONE;
            for (int g = 0; g < groups; g++) {
                double mean = 50 * random.nextGaussian();
                pooled = pooled.and(PooledSpread.of(Stream.generate(() -> mean + deviation(random, heavy))
                        .limit(size)
                        .toList()));
            }
            held += pooled.interval(0.95).orElseThrow().contains(heavy ? Math.sqrt(2) : 1) ? 1 : 0;
        }
        double share = held / (double) runs;
        assertThat(share).isBetween(heavy ? 0.85 : 0.91, 0.99);
    }

    /** Student's t with four degrees of freedom has variance 2. */
    private static double deviation(Random random, boolean heavy) {
        double normal = random.nextGaussian();
        if (!heavy) {
            return normal;
        }
        double chi = random.doubles(2, Double.MIN_NORMAL, 1)
                .map(u -> -2 * Math.log(u))
                .sum();
        return normal / Math.sqrt(chi / 4);
    }

    @Test
    void heavyTailsMakeItWider() {
        List<Double> tails = List.of(0.1, -0.1, 0.2, -0.2, 0.1, -0.1, 6.0, -6.0);
        List<Double> even = List.of(3.0, -3.0, 3.0, -3.0, 3.0, -3.0, 3.0, -3.0);
        assertThat(ratio(PooledSpread.of(tails))).isGreaterThan(2 * ratio(PooledSpread.of(even)));
    }

    private static double ratio(PooledSpread spread) {
        Interval interval = spread.interval(0.95).orElseThrow();
        return interval.upper() / interval.lower();
    }

    @Test
    void tooFewSayNothing() {
        assertThat(PooledSpread.of(List.of(4.0)).freedom()).isZero();
        assertThat(PooledSpread.of(List.of(4.0, 5.0)).sd()).isEmpty();
        assertThat(MeanAndSpread.of(List.of(), 0.95).reason()).contains(Reason.NO_DATA);
        MeanAndSpread two = MeanAndSpread.of(List.of(4.0, 6.0), 0.95);
        assertThat(two.mean()).contains(5.0);
        assertThat(two.meanInterval()).isEmpty();
        assertThat(two.reason()).contains(Reason.TOO_FEW);
    }
}
