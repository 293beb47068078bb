package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cushions by physics/model.md, section 5, version 2: worked numbers, what always stays, and how much work it is. */
class CushionImpactTest {
    private static final double R = 0.028575;
    private static final double NOSE = 0.03629;
    private static final double SIN = (NOSE - R) / R;
    private static final double COS = Math.sqrt(1 - SIN * SIN);
    /** What the adaptive steps promise (model.md, "Numerics"), for approaches up to 1 m/s; above in proportion. */
    private static final double ACCURATE_METRES_PER_SECOND = 2e-4;

    private final CushionImpact cushion = new CushionImpact();
    private final ShotWorkspace balls = new ShotWorkspace(1);

    private BallState strike(Physics physics, BallState before) {
        balls.begin(physics);
        balls.add(before, R, 0.170, NOSE);
        cushion.begin(physics, Accuracy.FULL);
        cushion.strike(balls, 0, 1, 0);
        return new BallState(0, 0, balls.vx[0], balls.vy[0], balls.wx[0], balls.wy[0], balls.wz[0]);
    }

    private static Physics pool(double slidingFriction, double restitution, double slope, double cushionFriction) {
        Physics p = Physics.POOL;
        return new Physics(
                p.gravity(),
                slidingFriction,
                p.rollingFriction(),
                p.spinDeceleration(),
                0,
                0,
                p.ballRestitution(),
                p.ballFriction(),
                restitution,
                slope,
                Math.min(0.1, restitution),
                cushionFriction,
                p.miscueLimit());
    }

    private static BallState rolling(double speed, double degrees, double sideSpeed) {
        double vx = speed * Math.cos(Math.toRadians(degrees));
        double vy = speed * Math.sin(Math.toRadians(degrees));
        return new BallState(0, 0, vx, vy, -vy / R, vx / R, sideSpeed / R);
    }

    /** The table of section 5: what comes in, what goes out. */
    @ParameterizedTest
    @CsvSource({
        // speed, angle, topspin as a share of rolling, R wz -> vN, vT, wN, wT, wz
        "2, 0, 0, 0, -1.71190, 0, 0, 11.9957, 0",
        "2, 0, 1, 0, -1.83960, 0, 0, 14.3438, 0",
        "1, 45, 1, 0, -0.67701, 0.51133, -19.7990, 8.0131, -16.7366",
        "3, 45, 1, 0, -1.98811, 1.54109, -59.5714, 24.3174, -49.6062",
        "1.5, 45, 1, -0.75, -1.00056, 0.88553, -32.6998, 8.1733, -41.2134",
        "1.5, 45, 1, 0.75, -1.01203, 0.72856, -28.6746, 15.8344, -2.1838",
        "1.5, 60, 1, 0, -0.71918, 1.05806, -39.3282, 11.9035, -20.6336",
        "3, 30, 0, 0, -2.23721, 0.88479, -8.2709, 16.4429, -34.5369",
        "2, 0, -1, 0, -1.73816, 0, 0, -3.8727, 0"
    })
    void theWorkedNumbersComeOut(
            double speed,
            double degrees,
            double roll,
            double side,
            double vN,
            double vT,
            double wN,
            double wT,
            double wz) {
        BallState full = rolling(speed, degrees, side);
        BallState before = new BallState(0, 0, full.vx(), full.vy(), roll * full.wx(), roll * full.wy(), full.wz());
        BallState after = strike(Physics.POOL, before);
        double near = ACCURATE_METRES_PER_SECOND * Math.max(1, before.vx());
        assertThat(after.vx()).isCloseTo(vN, within(near));
        assertThat(after.vy()).isCloseTo(vT, within(near));
        assertThat(after.wx()).isCloseTo(wN, within(near / R));
        assertThat(after.wy()).isCloseTo(wT, within(near / R));
        assertThat(after.wz()).isCloseTo(wz, within(near / R));
    }

    @Test
    void withoutFrictionOnlyTheNormalSpeedChanges() {
        Physics smooth = pool(1e-12, 0.8, 0.05, 0);
        BallState before = new BallState(0, 0, 2, 1.5, 10, -20, 30);
        BallState after = strike(smooth, before);
        assertThat(after.vx()).isCloseTo(-(0.8 - 0.05 * 2) * 2, within(1e-6));
        assertThat(after.vy()).isCloseTo(1.5, within(1e-9));
        assertThat(after.wx()).isCloseTo(10, within(1e-6));
        assertThat(after.wy()).isCloseTo(-20, within(1e-6));
        assertThat(after.wz()).isCloseTo(30, within(1e-6));
    }

    /** The moment about the line through both contacts, energy, and the mirror image, for any hit. */
    @Test
    void momentStaysEnergyDoesNotGrowAndTheMirrorMirrors() {
        Random random = new Random(31);
        int most = 0;
        double sum = 0;
        for (int i = 0; i < 2000; i++) {
            double speed = 0.01 + 8 * random.nextDouble();
            BallState full = rolling(speed, 150 * (random.nextDouble() - 0.5), 2 * speed * (random.nextDouble() - 0.5));
            double spin = 3 * random.nextDouble() - 1.5;
            BallState before = new BallState(0, 0, full.vx(), full.vy(), spin * full.wx(), spin * full.wy(), full.wz());
            BallState after = strike(Physics.POOL, before);
            String which = "seed 31, hit " + i + ": " + before;
            assertThat(after.vx()).as(which).isNegative();
            assertThat(moment(after)).as(which).isCloseTo(moment(before), within(1e-9 * Math.max(1, speed)));
            assertThat(energy(after)).as(which).isLessThan(energy(before));
            BallState mirrored = strike(
                    Physics.POOL,
                    new BallState(0, 0, before.vx(), -before.vy(), -before.wx(), before.wy(), -before.wz()));
            assertThat(mirrored.vx()).isEqualTo(after.vx());
            assertThat(mirrored.vy()).isEqualTo(-after.vy());
            assertThat(mirrored.wz()).isEqualTo(-after.wz());
            most = Math.max(most, cushion.evaluations());
            sum += cushion.evaluations();
        }
        System.out.println("EVAL " + sum / 2000 + " " + most);
        assertThat(sum / 2000).as("evaluations of the right side").isLessThan(130);
        assertThat(most).as("at most").isLessThan(300);
    }

    @Test
    void aFasterHitOfTheSameKindScalesWhereRestitutionStays() {
        Physics level = pool(0.2, 0.9, 0, 0.17);
        BallState slow = strike(level, rolling(2, 40, 0.5));
        BallState fast = strike(level, rolling(6, 40, 1.5));
        assertThat(fast.vx()).isCloseTo(3 * slow.vx(), within(1e-9));
        assertThat(fast.vy()).isCloseTo(3 * slow.vy(), within(1e-9));
        assertThat(fast.wz()).isCloseTo(3 * slow.wz(), within(1e-6));
    }

    @Test
    void withoutClothFrictionSpinAboutTheNosesNormalStays() {
        BallState before = rolling(2, 35, 0.4);
        BallState after = strike(pool(1e-12, 0.98, 0.015, 0.17), before);
        assertThat(after.wx() * COS + after.wz() * SIN).isCloseTo(before.wx() * COS + before.wz() * SIN, within(1e-6));
    }

    /** The second integration: plain small steps of the same right side, five thousand of them. */
    @Test
    void manySmallStepsSayTheSame() {
        Random random = new Random(32);
        for (int i = 0; i < 60; i++) {
            double speed = 0.2 + 4 * random.nextDouble();
            BallState before = rolling(speed, 150 * (random.nextDouble() - 0.5), speed * (random.nextDouble() - 0.5));
            BallState after = strike(Physics.POOL, before);
            BallState plain = SmallSteps.cushion(Physics.POOL, before, R, SIN, COS);
            double near = 4e-4 * Math.max(1, before.vx());
            assertThat(after.vx()).as("seed 32, hit " + i).isCloseTo(plain.vx(), within(near));
            assertThat(after.vy()).as("seed 32, hit " + i).isCloseTo(plain.vy(), within(near));
            assertThat(R * after.wz()).as("seed 32, hit " + i).isCloseTo(R * plain.wz(), within(near));
        }
    }

    @Test
    void aBallThatOnlyLeansOnTheCushionStaysThere() {
        BallState after = strike(Physics.POOL, new BallState(0, 0, 5e-5, 0.3, 1, 2, 3));
        assertThat(after.vx()).isZero();
        assertThat(after.vy()).isEqualTo(0.3);
        assertThat(after.wz()).isCloseTo(3, within(1e-12));
    }

    private static double moment(BallState s) {
        return s.vy() - 0.4 * R * (s.wx() + s.wz() * (1 + SIN) / COS);
    }

    private static double energy(BallState s) {
        double spin = s.wx() * s.wx() + s.wy() * s.wy() + s.wz() * s.wz();
        return s.vx() * s.vx() + s.vy() * s.vy() + 0.4 * R * R * spin;
    }

    /** Euler's steps of section 5's equations, written apart from the engine's. */
    private static final class SmallSteps {
        private static final int STEPS = 5000;

        static BallState cushion(Physics p, BallState b, double radius, double sin, double cos) {
            double vN = b.vx();
            double vT = b.vy();
            double wN = b.wx();
            double wT = b.wy();
            double wz = b.wz();
            double s0 = 0.05 * Math.max(1, vN);
            double e = Math.max(p.cushionRestitutionFloor(), p.cushionRestitution() - p.cushionRestitutionSlope() * vN);
            double dp = vN / STEPS;
            double work = 0;
            double most = 0;
            while (vN > 0 || work > (1 - e * e) * most) {
                double s1 = vT + radius * (wz * cos - wN * sin);
                double s2 = -vN * sin - radius * wT;
                double s = Math.max(Math.hypot(s1, s2), s0);
                double q1 = p.cushionFriction() * s1 / s;
                double q2 = p.cushionFriction() * s2 / s;
                double r = Math.max(0, sin + q2 * cos);
                double uN = vN - radius * wT;
                double uT = vT + radius * wN;
                double u = Math.max(Math.hypot(uN, uT), s0);
                double gN = p.slidingFriction() * r * uN / u;
                double gT = p.slidingFriction() * r * uT / u;
                work += dp * cos * vN;
                most = Math.max(most, work);
                vN += dp * (-cos + q2 * sin - gN);
                vT += dp * (-q1 - gT);
                wN += dp * 2.5 / radius * (q1 * sin - gT);
                wT += dp * 2.5 / radius * (q2 + gN);
                wz -= dp * 2.5 / radius * q1 * cos;
            }
            return new BallState(0, 0, vN, vT, wN, wT, wz);
        }
    }
}
