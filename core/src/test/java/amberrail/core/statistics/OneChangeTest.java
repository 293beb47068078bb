package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The change that is named is the one that the made-up student needs. */
class OneChangeTest {
    private static final Direction ALONG_X = new Direction(1, 0);
    private static final double RADIUS = 100;

    private static Dispersion landings(int n, double biasSpeed, double sdLine, double sdSpeed) {
        Random random = new Random(5);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(new Point(biasSpeed + sdSpeed * random.nextGaussian(), sdLine * random.nextGaussian()));
        }
        return Dispersion.of(new Point(0, 0), ALONG_X, points, 0.95);
    }

    private static OneChange change(double potted, Dispersion landed) {
        return OneChange.of(potted, landed, RADIUS).orElseThrow();
    }

    @Test
    void whatHurtsMostIsNamed() {
        assertThat(change(0.95, landings(60, 140, 40, 40)).change()).isEqualTo(OneChange.Change.BIAS);
        assertThat(change(0.95, landings(60, 0, 30, 160)).change()).isEqualTo(OneChange.Change.SPEED);
        assertThat(change(0.95, landings(60, 0, 160, 30)).change()).isEqualTo(OneChange.Change.LINE);
        assertThat(change(0.3, landings(60, 0, 25, 25)).change()).isEqualTo(OneChange.Change.POTTING);
    }

    @Test
    void theShareNowIsThatOfTheLandingsAndThePots() {
        Dispersion landed = landings(400, 30, 60, 80);
        OneChange found = change(0.6, landed);
        Random random = new Random(9);
        int inside = 0;
        for (int i = 0; i < 40_000; i++) {
            inside += Math.hypot(30 + 80 * random.nextGaussian(), 60 * random.nextGaussian()) <= RADIUS ? 1 : 0;
        }
        assertThat(found.now()).isCloseTo(0.6 * inside / 40_000, within(0.03));
        assertThat(found.then()).isGreaterThan(found.now());
    }

    @Test
    void fewLandingsOrOneSpotNameNothing() {
        assertThat(OneChange.of(0.5, landings(9, 0, 50, 50), RADIUS)).isEmpty();
        assertThat(OneChange.of(0.5, landings(20, 10, 0, 0), RADIUS)).isEmpty();
    }
}
