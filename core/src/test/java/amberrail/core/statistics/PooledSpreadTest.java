package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

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
        // 5 degrees of freedom: chi-square quantiles 12.8325 and 0.8312.
        assertThat(one.interval(0.95).orElseThrow().lower())
                .isCloseTo(whole.sdSpeedMillimetres() * Math.sqrt(5 / 12.8325), within(1e-4));
        MeanAndSpread both = MeanAndSpread.of(VALUES, 0.95);
        assertThat(both.sd()).isEqualTo(one.sd());
        assertThat(both.meanInterval().orElseThrow().lower())
                .isCloseTo(whole.biasSpeedInterval().lower(), within(1e-9));
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
