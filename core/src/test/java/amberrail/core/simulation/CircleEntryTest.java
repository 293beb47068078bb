package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** A point on a parabola and a circle about the origin: where it comes in, comes in again, creeps and is pressed. */
class CircleEntryTest {
    private static final double NEVER = FirstEntry.NEVER;
    private static final double PAIR_CREEPS = 1e-3;
    private static final double PAIR_DEEPEST = 5e-6;
    private static final long SEED = 43;

    @Test
    void aStraightPathComesInAtTheNearEdgeAndNotAtTheFarOne() {
        CircleEntry path = new CircleEntry().of(-3, 0, 2, 0, 0, 0);
        assertThat(path.first(1, 10)).isCloseTo(1, within(1e-12));
        assertThat(path.first(1, 0.9)).as("not yet").isEqualTo(NEVER);
        assertThat(new CircleEntry().of(-3, 1.0001, 2, 0, 0, 0).first(1, 10))
                .as("passes by")
                .isEqualTo(NEVER);
    }

    @Test
    void whatStandsStillEntersNothingUnlessItIsPulled() {
        assertThat(new CircleEntry().of(-3, 0, 0, 0, 0, 0).first(1, 10)).isEqualTo(NEVER);
        assertThat(new CircleEntry().of(-3, 0, 0, 0, 1, 0).first(1, 10))
                .as("2 m at 1 m/s²")
                .isCloseTo(2, within(1e-12));
    }

    @Test
    void outAndInAgainIsASecondEntry() {
        // Thrown up through the circle from below and pulled back down through it.
        CircleEntry path = new CircleEntry().of(0, -2, 0, 3, 0, -1);
        double first = path.next(1, 0, 10);
        double second = path.next(1, first + 1e-9, 10);
        assertThat(-2 + 3 * first - first * first / 2).isCloseTo(-1, within(1e-12));
        assertThat(-2 + 3 * second - second * second / 2).isCloseTo(1, within(1e-12));
        assertThat(second).isGreaterThan(first);
        assertThat(path.next(1, second + 1e-9, 10)).isEqualTo(NEVER);
        assertThat(path.next(1, 5, 4))
                .as("a stretch that ends before it begins")
                .isEqualTo(NEVER);
    }

    @Test
    void searchingDoesNotChangeThePath() {
        CircleEntry path = new CircleEntry().of(-1 - 1e-7, 0, 5e-4, 0, 0, 0);
        double once = path.first(1, 10, PAIR_CREEPS, PAIR_DEEPEST);
        assertThat(path.first(1, 10, PAIR_CREEPS, PAIR_DEEPEST)).isEqualTo(once);
        assertThat(path.next(1, 0, 10)).isCloseTo(1e-7 / 5e-4, within(1e-12));
    }

    @Test
    void ballsThatCreepTouchOnlyWhenTheyAreDeepEnough() {
        double approach = 0.9 * PAIR_CREEPS;
        double t = new CircleEntry().of(-1, 0, approach, 0, 0, 0).first(1, 10, PAIR_CREEPS, PAIR_DEEPEST);
        assertThat(t * approach).as("sunk in when it counts (m)").isCloseTo(PAIR_DEEPEST, within(1e-12));
        assertThat(new CircleEntry().of(-1, 0, 1.1 * PAIR_CREEPS, 0, 0, 0).first(1, 10, PAIR_CREEPS, PAIR_DEEPEST))
                .as("faster strikes at once")
                .isZero();
    }

    @Test
    void ballsThatCreepAndSpeedUpTouchWhenTheyAreFastEnough() {
        double pull = 10;
        double t = new CircleEntry().of(-1, 0, 0.5 * PAIR_CREEPS, 0, pull, 0).first(1, 10, PAIR_CREEPS, PAIR_DEEPEST);
        assertThat(0.5 * PAIR_CREEPS + pull * t).isCloseTo(PAIR_CREEPS, within(1e-9));
    }

    @Test
    void ballsThatCreepAndPartAgainDoNotTouch() {
        assertThat(new CircleEntry().of(-1, 0, -1e-4, 0, 0, 0).first(1, 10, PAIR_CREEPS, PAIR_DEEPEST))
                .isEqualTo(NEVER);
        // In by 1e-4 m/s and pulled out: deepest at 5e-8 m.
        assertThat(new CircleEntry().of(-1, 0, 1e-4, 0, -0.1, 0).first(1, 0.001, PAIR_CREEPS, PAIR_DEEPEST))
                .isEqualTo(NEVER);
    }

    @Test
    void aCreepingArrivalFromOutsideCountsFromWhereItTouches() {
        double gap = 1e-5;
        double speed = 0.5 * PAIR_CREEPS;
        double t = new CircleEntry().of(-1 - gap, 0, speed, 0, 0, 0).first(1, 10, PAIR_CREEPS, PAIR_DEEPEST);
        assertThat(t).isCloseTo((gap + PAIR_DEEPEST) / speed, within(1e-9));
    }

    @Test
    void turnedOrMirroredTheAnswerIsTheSame() {
        Random random = new Random(SEED);
        int entered = 0;
        for (int i = 0; i < 5_000; i++) {
            double[] p = {-2 + random.nextDouble(), random.nextGaussian()};
            double[] v = {2 * random.nextGaussian(), random.nextGaussian()};
            double[] a = {random.nextGaussian(), random.nextGaussian()};
            double turn = 2 * Math.PI * random.nextDouble();
            double t = path(p, v, a, 0, false).first(0.8, 3);
            double turned = path(p, v, a, turn, false).first(0.8, 3);
            double mirrored = path(p, v, a, 0, true).first(0.8, 3);
            entered += t == NEVER ? 0 : 1;
            // A path that only grazes may be in for one and out for the other, by rounding.
            if (!grazes(p, v, a, t)) {
                assertThat(turned == NEVER).as("case %d, seed %d", i, SEED).isEqualTo(t == NEVER);
                if (t != NEVER) {
                    assertThat(turned).isCloseTo(t, within(1e-7));
                    assertThat(mirrored).isCloseTo(t, within(1e-7));
                }
            }
        }
        assertThat(entered).isBetween(500, 4_500);
    }

    private static boolean grazes(double[] p, double[] v, double[] a, double t) {
        if (t == NEVER) {
            double nearest = NEVER;
            for (double s = 0; s <= 3; s += 0.001) {
                nearest = Math.min(nearest, Math.hypot(at(p, v, a, 0, s), at(p, v, a, 1, s)));
            }
            return nearest < 0.8 + 1e-3;
        }
        double inwards = at(p, v, a, 0, t) * (v[0] + t * a[0]) + at(p, v, a, 1, t) * (v[1] + t * a[1]);
        return Math.abs(inwards) < 1e-2;
    }

    private static double at(double[] p, double[] v, double[] a, int axis, double t) {
        return p[axis] + t * v[axis] + 0.5 * t * t * a[axis];
    }

    private static CircleEntry path(double[] p, double[] v, double[] a, double turn, boolean mirrored) {
        double[][] all = {p, v, a};
        double[] six = new double[6];
        for (int i = 0; i < 3; i++) {
            double y = mirrored ? -all[i][1] : all[i][1];
            six[2 * i] = Math.cos(turn) * all[i][0] - Math.sin(turn) * y;
            six[2 * i + 1] = Math.sin(turn) * all[i][0] + Math.cos(turn) * y;
        }
        return new CircleEntry().of(six[0], six[1], six[2], six[3], six[4], six[5]);
    }
}
