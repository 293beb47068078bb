package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The first fixed thing that a ball meets, against a dense look along its path. */
class WallSearchTest {
    private static final long SEED = 47;
    private static final double LONG_SECONDS = 100;
    private static final double LOOK_EVERY_METRES = 0.0005;

    private static TableSpec[] presets() {
        return TablePresets.all().toArray(TableSpec[]::new);
    }

    @ParameterizedTest
    @MethodSource("presets")
    void aRollingBallMeetsNothingTooEarlyAndPassesNothing(TableSpec table) {
        Scene scene = new Scene(table);
        int[] met = meetings(scene, scene::rolling, 1_000);
        assertThat(met[ShotLoop.MEETS_NOSE]).isGreaterThan(100);
        assertThat(met[ShotLoop.POTS]).isGreaterThan(10);
        assertThat(met[ShotLoop.MEETS_ARC] + met[ShotLoop.MEETS_FACING]).isGreaterThan(10);
    }

    /** Sharper bends than any ball has, from pockets' mouths too: out of a mouth and back in on the nose beside it. */
    @ParameterizedTest
    @MethodSource("presets")
    void aBendingPathMeetsNothingTooEarlyAndPassesNothing(TableSpec table) {
        Scene scene = new Scene(table);
        int[] met = meetings(scene, scene::bending, 2_000);
        assertThat(met[ShotLoop.MEETS_NOSE]).isGreaterThan(100);
        assertThat(met[ShotLoop.MEETS_ARC]).isGreaterThan(15);
        assertThat(met[ShotLoop.MEETS_FACING]).isGreaterThan(15);
    }

    /** How often each kind was met; every time held against a dense look along the path. */
    private static int[] meetings(Scene scene, Consumer<Random> put, int rounds) {
        Random random = new Random(SEED);
        int[] met = new int[ShotLoop.POTS + 1];
        for (int i = 0; i < rounds; i++) {
            put.accept(random);
            double t = scene.find();
            String which = "ball " + i + " on " + scene.spec.id() + ", seed " + SEED;
            double limit = t == FirstEntry.NEVER ? scene.seconds() : t;
            double step = LOOK_EVERY_METRES / Math.max(scene.speed(0), scene.speed(limit));
            for (double s = 0; s < limit - 1e-6; s += step) {
                assertThat(scene.depth(s))
                        .as("%s is clear after %s of %s s", which, s, limit)
                        .isLessThan(1e-6);
                assertThat(scene.fromCapture(s))
                        .as("%s has not dropped after %s s", which, s)
                        .isPositive();
            }
            if (t == FirstEntry.NEVER) {
                continue;
            }
            met[scene.walls.kind]++;
            double inside = scene.walls.kind == ShotLoop.POTS ? -scene.fromCapture(t) : scene.depth(t);
            assertThat(inside).as(which + " touches when it is said to").isCloseTo(0, within(1e-7));
        }
        return met;
    }

    @Test
    void straightToTheFootCushionItIsTheFootCushion() {
        Scene scene = new Scene(TablePresets.POOL_9FT);
        scene.put(1.0, 0.635, 1, 0);
        double t = scene.find();
        TableContacts table = scene.table;
        assertThat(scene.walls.kind).isEqualTo(ShotLoop.MEETS_NOSE);
        assertThat(table.normalX[scene.walls.index]).isCloseTo(-1, within(1e-12));
        assertThat(scene.x(t)).isCloseTo(table.lengthMetres - scene.balls.noseDistance[0], within(1e-9));
    }

    @Test
    void straightIntoTheSidePocketItDrops() {
        Scene scene = new Scene(TablePresets.POOL_9FT);
        scene.put(1.27, 0.635, 0, 2);
        scene.find();
        assertThat(scene.walls.kind).isEqualTo(ShotLoop.POTS);
        assertThat(scene.table.captureY[scene.walls.index]).isGreaterThan(1.27);
    }

    @Test
    void whatIsBeyondThePieceIsNotMetOnIt() {
        Scene scene = new Scene(TablePresets.POOL_9FT);
        scene.put(1.0, 0.635, 1, 0);
        double t = scene.find();
        assertThat(scene.walls.find(0, 0.999 * t)).isEqualTo(FirstEntry.NEVER);
        assertThat(scene.walls.find(0, 1.001 * t)).isEqualTo(t);
    }

    @Test
    void atACushionAndGoingAwayFromItOnlyTheOthersAreMet() {
        Scene scene = new Scene(TablePresets.POOL_9FT);
        double nose = scene.balls.noseDistance[0];
        scene.put(0.7, nose, 0, 3);
        double t = scene.find();
        assertThat(t).isPositive();
        assertThat(scene.table.normalY[scene.walls.index]).isCloseTo(-1, within(1e-12));
    }

    /** One ball that rolls on one table. */
    private static final class Scene {
        final TableContacts table;
        final ShotWorkspace balls = new ShotWorkspace(1);
        final WallSearch walls = new WallSearch(balls);
        private final TableSpec spec;
        private final TablePlan plan;
        private final Physics physics;

        Scene(TableSpec spec) {
            this.spec = spec;
            plan = TablePlan.of(spec);
            table = TableContacts.of(plan);
            physics = spec.kind().usualPhysics();
            walls.begin(table);
            put(0.5 * table.lengthMetres, 0.5 * table.widthMetres, 0, 0);
        }

        void put(double x, double y, double vx, double vy) {
            double radius = spec.balls().cueBall().radiusMillimetres() / 1000;
            balls.begin(physics);
            BallState rolls = new BallState(x, y, vx, vy, -vy / radius, vx / radius, 0);
            balls.add(rolls, radius, spec.balls().cueBall().massKilograms(), table.noseHeightMetres);
            balls.startPiece(0);
        }

        /** Near a pocket, on the bed or in the mouth, with any velocity and acceleration. */
        void bending(Random random) {
            do {
                int pocket = random.nextInt(table.pockets);
                Direction axis = plan.pockets().get(pocket).axis();
                double out = table.captureRadius[pocket] + 0.2 * random.nextDouble();
                double aside = Math.toRadians(60 * random.nextDouble() - 30);
                double x = -axis.x() * Math.cos(aside) + axis.y() * Math.sin(aside);
                double y = -axis.y() * Math.cos(aside) - axis.x() * Math.sin(aside);
                put(
                        table.captureX[pocket] + out * x,
                        table.captureY[pocket] + out * y,
                        random.nextGaussian(),
                        random.nextGaussian());
            } while (depth(0) > 0 || fromCapture(0) < 1e-6);
            balls.ax[0] = 3 * random.nextGaussian();
            balls.ay[0] = 3 * random.nextGaussian();
            balls.until[0] = 1;
        }

        void rolling(Random random) {
            double nose = spec.noseDistanceMillimetres(spec.balls().cueBall()) / 1000;
            double angle = 2 * Math.PI * random.nextDouble();
            double speed = 0.2 + 4 * random.nextDouble();
            // Half of them near a pocket, where the jaws are.
            boolean near = random.nextBoolean();
            int pocket = random.nextInt(table.pockets);
            double x = near
                    ? table.captureX[pocket] + 0.5 * random.nextGaussian()
                    : table.lengthMetres * random.nextDouble();
            double y = near
                    ? table.captureY[pocket] + 0.5 * random.nextGaussian()
                    : table.widthMetres * random.nextDouble();
            put(
                    Math.min(Math.max(x, nose), table.lengthMetres - nose),
                    Math.min(Math.max(y, nose), table.widthMetres - nose),
                    speed * Math.cos(angle),
                    speed * Math.sin(angle));
        }

        double find() {
            return walls.find(0, seconds());
        }

        double seconds() {
            return Math.min(LONG_SECONDS, balls.until[0]);
        }

        double x(double t) {
            return ShotLoop.at(balls.x[0], balls.vx[0], balls.ax[0], t);
        }

        double y(double t) {
            return ShotLoop.at(balls.y[0], balls.vy[0], balls.ay[0], t);
        }

        double speed(double t) {
            return Math.hypot(balls.vx[0] + t * balls.ax[0], balls.vy[0] + t * balls.ay[0]);
        }

        double depth(double t) {
            return table.depthMetres(x(t), y(t), balls.noseDistance[0]);
        }

        /** Of the nearest pocket, negative inside (m). */
        double fromCapture(double t) {
            double nearest = Double.POSITIVE_INFINITY;
            for (int p = 0; p < table.pockets; p++) {
                double far = Math.hypot(x(t) - table.captureX[p], y(t) - table.captureY[p]);
                nearest = Math.min(nearest, far - table.captureRadius[p]);
            }
            return nearest;
        }
    }
}
