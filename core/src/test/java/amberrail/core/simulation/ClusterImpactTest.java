package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Groups by physics/model.md, section 4b: worked numbers, what must stay, and who belongs to a group. */
class ClusterImpactTest {
    private static final double R = 0.028575;
    private static final double M = 0.170;
    private static final double ALMOST = 1e-7;
    private static final ShotTable FIELD = ShotTable.withoutPockets(200, 200, 0.03629);

    private static TableBall ball(String id, double x, double y) {
        return new TableBall(id, BallState.atRest(100 + x, 100 + y), R, M);
    }

    private static TableBall moving(double x, double y, double vx) {
        return new TableBall("cue", new BallState(100 + x, 100 + y, vx, 0, 0, 0, 0), R, M);
    }

    private static ShotEvent.BallsPress press(Physics physics, List<TableBall> balls) {
        return ShotSimulator.release(FIELD, physics, balls).events().stream()
                .filter(ShotEvent.BallsPress.class::isInstance)
                .map(ShotEvent.BallsPress.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static BallState after(ShotEvent.BallsPress press, String ball) {
        return press.balls().stream()
                .filter(one -> one.ball().equals(ball))
                .findFirst()
                .orElseThrow()
                .after();
    }

    private static List<TableBall> inLine(int frozen, double speed) {
        List<TableBall> balls = new ArrayList<>();
        balls.add(moving(-2 * R - ALMOST, 0, speed));
        for (int i = 0; i < frozen; i++) {
            balls.add(ball("ball" + (i + 1), 2 * R * i, 0));
        }
        return balls;
    }

    private static Physics elastic() {
        Physics p = Physics.POOL;
        return new Physics(
                p.gravity(),
                p.slidingFriction(),
                p.rollingFriction(),
                p.spinDeceleration(),
                0,
                0,
                1,
                p.ballFriction(),
                p.cushionRestitution(),
                p.cushionRestitutionSlope(),
                p.cushionRestitutionFloor(),
                p.cushionFriction(),
                p.miscueLimit());
    }

    @Test
    void threeInLine() {
        ShotEvent.BallsPress press = press(Physics.POOL, inLine(2, 1));
        assertThat(after(press, "cue").vx()).isCloseTo(-0.05480, within(5e-4));
        assertThat(after(press, "ball1").vx()).isCloseTo(0.10010, within(5e-4));
        assertThat(after(press, "ball2").vx()).isCloseTo(0.95470, within(5e-4));
        assertThat(press.durationSeconds()).isCloseTo(0.384e-3, within(2e-5));
        ShotEvent.BallsPress bouncy = press(elastic(), inLine(2, 1));
        assertThat(after(bouncy, "cue").vx()).isCloseTo(-0.07095, within(5e-4));
        assertThat(after(bouncy, "ball2").vx()).isCloseTo(0.99455, within(5e-4));
    }

    @Test
    void fourInLine() {
        ShotEvent.BallsPress press = press(Physics.POOL, inLine(3, 2));
        double[] expected = {-0.11016, -0.03343, 0.26645, 1.87714};
        String[] balls = {"cue", "ball1", "ball2", "ball3"};
        for (int i = 0; i < balls.length; i++) {
            assertThat(after(press, balls[i]).vx()).as(balls[i]).isCloseTo(expected[i], within(1e-3));
        }
    }

    @Test
    void twoSideBySide() {
        double x = 2 * R * Math.cos(Math.PI / 6);
        ShotEvent.BallsPress press =
                press(Physics.POOL, List.of(moving(-x - ALMOST, 0, 2), ball("left", 0, R), ball("right", 0, -R)));
        assertThat(after(press, "cue").vx()).isCloseTo(-0.32760, within(1e-3));
        assertThat(after(press, "left").vx()).isCloseTo(1.16380, within(1e-3));
        assertThat(after(press, "left").vy()).isCloseTo(0.64286, within(1e-3));
        assertThat(after(press, "right").vy()).isCloseTo(-after(press, "left").vy(), within(1e-9));
    }

    @Test
    void aFrozenPairOfWhichTheSecondLiesToTheSide() {
        double cos = Math.cos(Math.PI / 6);
        double sin = Math.sin(Math.PI / 6);
        ShotEvent.BallsPress press = press(
                Physics.POOL,
                List.of(moving(-2 * R - ALMOST, 0, 2), ball("1", 0, 0), ball("2", 2 * R * cos, 2 * R * sin)));
        assertThat(after(press, "cue").vx()).isCloseTo(-0.05511, within(1e-3));
        assertThat(after(press, "cue").vy()).isCloseTo(-0.04838, within(1e-3));
        assertThat(after(press, "1").vx()).isCloseTo(0.58358, within(1e-3));
        assertThat(after(press, "1").vy()).isCloseTo(-0.70004, within(1e-3));
        assertThat(after(press, "2").vx()).isCloseTo(1.47153, within(1e-3));
        assertThat(after(press, "2").wz()).isCloseTo(7.920, within(0.05));
    }

    /** Speeds of the fifteen as shares of the cue ball's, section 4b. */
    @Test
    void aTightRackHitSquare() {
        List<TableBall> balls = new ArrayList<>();
        balls.add(moving(-2 * R - ALMOST, 0, 8));
        for (int row = 0; row < 5; row++) {
            for (int i = 0; i <= row; i++) {
                balls.add(ball("ball" + balls.size(), row * R * Math.sqrt(3), (2 * i - row) * R));
            }
        }
        ShotEvent.BallsPress press = press(Physics.POOL, balls);
        double[] expected = {
            0.516, 0.516, 0.236, 0.236, 0.217, 0.137, 0.137, 0.126, 0.126, 0.111, 0.111, 0.109, 0.036, 0.036, 0.014
        };
        double[] shares = press.balls().stream()
                .filter(one -> !one.ball().equals("cue"))
                .mapToDouble(one -> one.after().speedMetresPerSecond() / 8)
                .map(share -> -share)
                .sorted()
                .map(share -> -share)
                .toArray();
        assertThat(shares).hasSize(15);
        for (int i = 0; i < expected.length; i++) {
            assertThat(shares[i]).as(i + " of " + Arrays.toString(shares)).isCloseTo(expected[i], within(2e-3));
        }
        assertThat(after(press, "cue").vx()).isCloseTo(-1.2733, within(8e-3));
        double momentum =
                press.balls().stream().mapToDouble(one -> one.after().vx()).sum();
        assertThat(momentum).as("along x").isCloseTo(8, within(1e-6));
        double across =
                press.balls().stream().mapToDouble(one -> one.after().vy()).sum();
        assertThat(across).as("across").isCloseTo(0, within(1e-6));
    }

    /** What the group law says of a pair, against section 4: the sizes that the model states. */
    @Test
    void aPairThatPressesAgreesWithThePairLaw() {
        double[][] speeds = {{0.3, 0.001}, {1, 0.002}, {4, 0.0065}};
        for (double[] one : speeds) {
            for (double cut : new double[] {0, 20, 40, 60}) {
                double phi = Math.toRadians(cut);
                TableBall cue = new TableBall("cue", new BallState(100, 100, one[0], 0, 0, one[0] / R, 0), R, M);
                TableBall object = new TableBall(
                        "object", BallState.atRest(100 + 2 * R * Math.cos(phi), 100 + 2 * R * Math.sin(phi)), R, M);
                // A third that only lies near makes it a group, and is touched by neither before they part.
                TableBall third = new TableBall(
                        "third",
                        BallState.atRest(
                                100 - (2 * R + 2.9e-4) * Math.cos(phi), 100 - (2 * R + 2.9e-4) * Math.sin(phi)),
                        R,
                        M);
                ShotEvent.BallsMeet pair =
                        ShotSimulator.release(FIELD, Physics.POOL, List.of(cue, object)).events().stream()
                                .filter(ShotEvent.BallsMeet.class::isInstance)
                                .map(ShotEvent.BallsMeet.class::cast)
                                .findFirst()
                                .orElseThrow();
                ShotEvent.BallsPress group = press(Physics.POOL, List.of(cue, object, third));
                assertThat(after(group, "object").vx())
                        .as("%s m/s, %s degrees", one[0], cut)
                        .isCloseTo(pair.otherAfter().vx(), within(one[1] * one[0]));
                assertThat(after(group, "cue").vy()).isCloseTo(pair.after().vy(), within(one[1] * one[0]));
            }
        }
    }

    @Test
    void aBallFurtherThanAHairIsNoMember() {
        List<TableBall> near = new ArrayList<>(inLine(1, 1));
        near.add(ball("third", 2 * R + 2.9e-4, 0));
        assertThat(press(Physics.POOL, near).balls()).hasSize(3);
        List<TableBall> far = new ArrayList<>(inLine(1, 1));
        far.add(ball("third", 2 * R + 3.1e-4, 0));
        assertThat(ShotSimulator.release(FIELD, Physics.POOL, far).events())
                .noneMatch(ShotEvent.BallsPress.class::isInstance);
    }

    /** Judges ask who touched whom, and in which order. */
    @Test
    void thoseThatTouchedFollowInTheOrderInWhichTheyClosed() {
        List<String> touches = ShotSimulator.release(FIELD, Physics.POOL, inLine(3, 2)).events().stream()
                .filter(event -> event instanceof ShotEvent.BallsMeet meet && meet.inGroup())
                .map(event -> ((ShotEvent.BallsMeet) event).ball() + "-" + ((ShotEvent.BallsMeet) event).other())
                .limit(3)
                .toList();
        assertThat(touches).containsExactly("cue-ball1", "ball1-ball2", "ball2-ball3");
    }

    @Test
    void thePathHasNoGapWhileTheyPress() {
        ShotRecord record = ShotSimulator.release(FIELD, Physics.POOL, inLine(2, 2));
        for (BallTrack track : record.tracks()) {
            for (int i = 1; i < track.segments().size(); i++) {
                PathSegment one = track.segments().get(i - 1);
                PathSegment next = track.segments().get(i);
                assertThat(next.fromSeconds()).isCloseTo(one.toSeconds(), within(1e-12));
                assertThat(one.at(one.toSeconds()).x()).isCloseTo(next.start().x(), within(1e-9));
            }
        }
    }
}
