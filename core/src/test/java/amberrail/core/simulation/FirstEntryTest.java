package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Roots against hand-made cases and against a dense look along the path. */
class FirstEntryTest {
    private static final double NEVER = FirstEntry.NEVER;

    @Test
    void aStraightPathEntersALineWhereItShould() {
        assertThat(FirstEntry.intoLine(1, -2, 0, 10)).isCloseTo(0.5, within(1e-12));
        assertThat(FirstEntry.intoLine(1, -2, 0.5, 10)).isCloseTo(2 - Math.sqrt(2), within(1e-12));
        assertThat(FirstEntry.intoLine(1, -1, 1, 10))
                .as("turns back before it gets there")
                .isEqualTo(NEVER);
        assertThat(FirstEntry.intoLine(1, 1, -1, 10))
                .as("goes out first, then in")
                .isCloseTo((1 + Math.sqrt(5)) / 2, within(1e-12));
        assertThat(FirstEntry.intoLine(1, -2, 0, 0.4))
                .as("not within the piece")
                .isEqualTo(NEVER);
    }

    @Test
    void onTheBorderOnlyWhatGoesInCounts() {
        assertThat(FirstEntry.intoLine(0, -0.1, 0, 10)).isZero();
        assertThat(FirstEntry.intoLine(0, 0.1, 0, 10)).isEqualTo(NEVER);
        assertThat(FirstEntry.intoLine(0, 1, -0.5, 10)).as("pulled back in").isCloseTo(2, within(1e-12));
        assertThat(FirstEntry.intoLine(0, -1e-12, 0, 10))
                .as("rounding after an impact")
                .isEqualTo(NEVER);
        assertThat(new CircleEntry().of(1, 0, 0.2, 0, 0, 0).first(1, 10)).isEqualTo(NEVER);
        assertThat(new CircleEntry().of(1, 0, -0.2, 0, 0, 0).first(1, 10)).isZero();
    }

    @Test
    void aBallThatTurnsBackCanHitWhatLiesBehindIt() {
        // Goes away from the circle at 1 m/s, pulled back at 1 m/s²: is back after 2 s and 0.5 m further after 2.41 s.
        double t = new CircleEntry().of(2, 0, 1, 0, -1, 0).first(1.5, 10);
        assertThat(2 + t - t * t / 2).isCloseTo(1.5, within(1e-12));
        assertThat(t).isGreaterThan(2);
    }

    @Test
    void noEntryIsMissedOrInventedOnRandomParabolas() {
        Random random = new Random(5);
        int hits = 0;
        for (int i = 0; i < 20_000; i++) {
            double px = 4 * random.nextDouble() - 2;
            double py = 4 * random.nextDouble() - 2;
            double radius = 0.1 + 0.5 * random.nextDouble();
            if (Math.hypot(px, py) < radius + 1e-3) {
                continue;
            }
            double vx = 3 * random.nextGaussian();
            double vy = 3 * random.nextGaussian();
            double ax = 2 * random.nextGaussian();
            double ay = 2 * random.nextGaussian();
            double t = new CircleEntry().of(px, py, vx, vy, ax, ay).first(radius, 3);
            double dense = firstInside(px, py, vx, vy, ax, ay, radius);
            if (t == NEVER) {
                assertThat(dense).as("case %d, seed 5", i).isEqualTo(NEVER);
            } else {
                hits++;
                assertThat(distance(px, py, vx, vy, ax, ay, t)).isCloseTo(radius, within(1e-9));
                assertThat(dense).as("case %d, seed 5", i).isGreaterThanOrEqualTo(t - 1e-9);
            }
        }
        assertThat(hits).isGreaterThan(1000);
    }

    private static double firstInside(double px, double py, double vx, double vy, double ax, double ay, double radius) {
        for (int step = 0; step <= 3000; step++) {
            double t = step / 1000.0;
            if (distance(px, py, vx, vy, ax, ay, t) < radius - 1e-6) {
                return t;
            }
        }
        return NEVER;
    }

    private static double distance(double px, double py, double vx, double vy, double ax, double ay, double t) {
        return Math.hypot(px + t * (vx + t * ax / 2), py + t * (vy + t * ay / 2));
    }
}
