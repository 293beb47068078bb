package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SpatialMedianTest {
    private static final long SEED = 59;

    @Test
    void oneTwoAndThreeOnALine() {
        assertThat(SpatialMedian.of(List.of(new Point(3, 4)))).isEqualTo(new Point(3, 4));
        assertThat(SpatialMedian.of(List.of(new Point(0, 0), new Point(10, 20))))
                .isEqualTo(new Point(5, 10));
        Point middle = SpatialMedian.of(List.of(new Point(0, 0), new Point(30, 30), new Point(10, 10)));
        assertThat(middle.distanceMillimetres(new Point(10, 10))).isLessThan(1e-6);
    }

    @Test
    void allInOnePlaceIsThatPlace() {
        Point place = new Point(100, 200);
        assertThat(SpatialMedian.of(List.of(place, place, place, place))).isEqualTo(place);
    }

    @Test
    void aTriangleWithAWideCornerHasItThere() {
        // At 120 degrees or more the corner itself is nearest to all (Fermat's point).
        Point corner = new Point(0, 0);
        Point median = SpatialMedian.of(List.of(corner, new Point(-100, 20), new Point(100, 20)));
        assertThat(median.distanceMillimetres(corner)).isLessThan(1e-6);
    }

    @Test
    void anEqualTriangleHasItInTheMiddle() {
        double height = 50 * Math.sqrt(3);
        Point median = SpatialMedian.of(List.of(new Point(0, 0), new Point(100, 0), new Point(50, height)));
        assertThat(median.xMillimetres()).isCloseTo(50, within(1e-7));
        assertThat(median.yMillimetres()).isCloseTo(height / 3, within(1e-7));
    }

    @Test
    void oneWildShotHardlyMovesIt() {
        List<Point> points = new ArrayList<>();
        Random random = new Random(SEED);
        for (int i = 0; i < 21; i++) {
            points.add(new Point(20 * random.nextGaussian(), 20 * random.nextGaussian()));
        }
        Point before = SpatialMedian.of(points);
        points.add(new Point(2000, 500));
        assertThat(SpatialMedian.of(points).distanceMillimetres(before)).isLessThan(10);
    }

    @Test
    void noPlaceNearbyHasALesserSumOfDistances() {
        Random random = new Random(SEED);
        for (int i = 0; i < 200; i++) {
            List<Point> points = new ArrayList<>();
            int n = 3 + random.nextInt(12);
            for (int k = 0; k < n; k++) {
                // A coarse grid: points that coincide, and medians that fall on one, are common.
                points.add(new Point(10 * random.nextInt(8), 10 * random.nextInt(8)));
            }
            Point median = SpatialMedian.of(points);
            for (double step : new double[] {0.01, 1, 10}) {
                for (int d = 0; d < 360; d += 45) {
                    Point other = new Point(
                            median.xMillimetres() + step * Math.cos(Math.toRadians(d)),
                            median.yMillimetres() + step * Math.sin(Math.toRadians(d)));
                    assertThat(sum(points, other))
                            .as("%s, seed %d", points, SEED)
                            .isGreaterThanOrEqualTo(sum(points, median) - 1e-4);
                }
            }
        }
    }

    private static double sum(List<Point> points, Point from) {
        return points.stream().mapToDouble(from::distanceMillimetres).sum();
    }
}
