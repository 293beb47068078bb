package amberrail.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class SegmentTest {
    private static final long SEED = 53;
    private static final Segment FLAT = segment(0, 0, 100, 0);

    @Test
    void theNearestPointIsTheFootOrTheNearerEnd() {
        assertThat(FLAT.nearestTo(new Point(30, 40))).isEqualTo(new Point(30, 0));
        assertThat(FLAT.nearestTo(new Point(-30, 40))).isEqualTo(new Point(0, 0));
        assertThat(FLAT.nearestTo(new Point(130, -40))).isEqualTo(new Point(100, 0));
        assertThat(FLAT.distanceMillimetres(new Point(130, -40))).isEqualTo(50);
    }

    @Test
    void aSegmentWithoutLengthIsItsOnePoint() {
        Segment point = segment(7, 7, 7, 7);
        assertThat(point.nearestTo(new Point(10, 11))).isEqualTo(new Point(7, 7));
        assertThat(point.distanceMillimetres(new Point(10, 11))).isEqualTo(5);
        assertThat(point.meets(segment(0, 0, 14, 14)))
                .as("it lies on the other")
                .isTrue();
        assertThat(point.meets(segment(0, 1, 14, 15))).isFalse();
    }

    @Test
    void crossingTouchingAndOverlappingMeetAndPassingByDoesNot() {
        assertThat(FLAT.meets(segment(50, -10, 50, 10))).as("crosses").isTrue();
        assertThat(FLAT.meets(segment(50, 0, 50, 10))).as("stands on it").isTrue();
        assertThat(FLAT.meets(segment(100, 0, 200, 5))).as("end to end").isTrue();
        assertThat(FLAT.meets(segment(50, 0, 200, 0))).as("lies on it in part").isTrue();
        assertThat(FLAT.meets(segment(100.1, 0, 200, 0)))
                .as("further along the same line")
                .isFalse();
        assertThat(FLAT.meets(segment(50, 1, 50, 10))).as("above it").isFalse();
        assertThat(FLAT.meets(segment(0, 1, 100, 1))).as("beside it").isFalse();
        assertThat(FLAT.meets(segment(101, -10, 101, 10))).as("past its end").isFalse();
    }

    @Test
    void meetingDoesNotDependOnWhichComesFirstOrWhichWayItRuns() {
        Random random = new Random(SEED);
        int meetings = 0;
        for (int i = 0; i < 5_000; i++) {
            // Whole numbers of a small grid: ends that lie on the other segment are common.
            Segment a = onGrid(random);
            Segment b = onGrid(random);
            boolean meets = a.meets(b);
            meetings += meets ? 1 : 0;
            assertThat(b.meets(a)).as("%s %s, seed %d", a, b, SEED).isEqualTo(meets);
            assertThat(reversed(a).meets(b)).as("%s %s, seed %d", a, b, SEED).isEqualTo(meets);
            double apart = Math.min(
                    Math.min(a.distanceMillimetres(b.start()), a.distanceMillimetres(b.end())),
                    Math.min(b.distanceMillimetres(a.start()), b.distanceMillimetres(a.end())));
            if (apart == 0) {
                assertThat(meets).as("%s has an end on %s", a, b).isTrue();
            }
        }
        assertThat(meetings).isBetween(500, 4_500);
    }

    @Test
    void theNearestPointIsNeverFartherThanAnyOther() {
        Random random = new Random(SEED);
        for (int i = 0; i < 1_000; i++) {
            Segment segment =
                    segment(random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            Point from = new Point(3 * random.nextGaussian(), 3 * random.nextGaussian());
            double least = segment.distanceMillimetres(from);
            for (double share = 0; share <= 1; share += 0.05) {
                Point other = new Point(
                        (1 - share) * segment.start().xMillimetres()
                                + share * segment.end().xMillimetres(),
                        (1 - share) * segment.start().yMillimetres()
                                + share * segment.end().yMillimetres());
                assertThat(other.distanceMillimetres(from)).isGreaterThanOrEqualTo(least - 1e-12);
            }
            assertThat(segment.nearestTo(segment.nearestTo(from)).distanceMillimetres(segment.nearestTo(from)))
                    .as("the nearest point lies on the segment")
                    .isCloseTo(0, within(1e-12));
        }
    }

    private static Segment onGrid(Random random) {
        return segment(random.nextInt(5), random.nextInt(5), random.nextInt(5), random.nextInt(5));
    }

    private static Segment reversed(Segment segment) {
        return new Segment(segment.end(), segment.start());
    }

    private static Segment segment(double x1, double y1, double x2, double y2) {
        return new Segment(new Point(x1, y1), new Point(x2, y2));
    }
}
