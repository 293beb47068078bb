package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the figures promise beyond the reference cases: counts at their ends, and intervals that hold what they say. */
class HonestFiguresTest {
    private static final long SEED = 424242;

    @ParameterizedTest
    @CsvSource({"0, 1", "1, 1", "0, 40", "40, 40", "29, 100", "1, 2"})
    void aShareLiesInItsOwnIntervalAndInZeroToOne(int made, int tried) {
        Proportion share = Proportion.of(made, tried);
        assertThat(share.interval().contains(share.rate().value().orElseThrow()))
                .isTrue();
        assertThat(share.interval().lower()).isBetween(0.0, 1.0);
        assertThat(share.interval().upper()).isBetween(0.0, 1.0);
        assertThat(share.rate().value()).hasValue((double) made / tried);
    }

    @Test
    void missesAndMakesAreMirrorImages() {
        Interval made = Proportion.of(29, 100).interval();
        Interval missed = Proportion.of(71, 100).interval();
        assertThat(made.lower()).isCloseTo(1 - missed.upper(), within(1e-12));
        assertThat(made.upper()).isCloseTo(1 - missed.lower(), within(1e-12));
    }

    @Test
    void theOrderOfLandingsDoesNotMatter() {
        List<Point> points = cloud(new Random(SEED), 14);
        List<Point> shuffled = new ArrayList<>(points);
        Collections.shuffle(shuffled, new Random(1));
        Dispersion one = dispersion(points);
        Dispersion other = dispersion(shuffled);
        assertThat(one.spread95().value().orElseThrow().semiMajorMillimetres())
                .isCloseTo(other.spread95().value().orElseThrow().semiMajorMillimetres(), within(1e-9));
    }

    /** The reason for choosing the prediction ellipse: it holds the next landing as often as it says, at any n. */
    @ParameterizedTest
    @CsvSource({"5, 0.5", "12, 0.5", "12, 0.95", "30, 0.95"})
    void theSpreadEllipseHoldsTheNextLandingAsOftenAsItSays(int n, double share) {
        Random random = new Random(SEED);
        int held = 0;
        int rounds = 4000;
        for (int i = 0; i < rounds; i++) {
            Dispersion d = dispersion(cloud(random, n));
            SpreadEllipse ellipse =
                    (share == 0.5 ? d.spread50() : d.spread95()).value().orElseThrow();
            Point mean = d.offset().value().orElseThrow().mean();
            held += holds(ellipse, mean, cloud(random, 1).get(0)) ? 1 : 0;
        }
        double standardError = Math.sqrt(share * (1 - share) / rounds);
        assertThat(held / (double) rounds).as("share held, seed " + SEED).isCloseTo(share, within(4 * standardError));
    }

    private static boolean holds(SpreadEllipse ellipse, Point mean, Point landing) {
        Direction major = Direction.ofDegrees(ellipse.angleDegrees());
        Point offset = landing.minus(mean);
        return Math.hypot(
                        offset.along(major) / ellipse.semiMajorMillimetres(),
                        offset.leftOf(major) / ellipse.semiMinorMillimetres())
                <= 1;
    }

    private static Dispersion dispersion(List<Point> points) {
        return Dispersion.of(new Point(900, 450), Direction.ofDegrees(20), points, 0.95);
    }

    private static List<Point> cloud(Random random, int n) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double wide = 80 * random.nextGaussian();
            points.add(new Point(900 + wide, 450 + 0.4 * wide + 30 * random.nextGaussian()));
        }
        return points;
    }
}
