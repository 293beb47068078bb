package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold in every shot, whatever it is; thousands of random ones, their seed printed where one fails. */
class RandomShotsTest {
    /** A step of a cushion's integration may be taken in one of two images and refused in the other, by rounding. */
    private static final double MIRROR_METRES = 3e-5;

    /** The promise of the engine: nobody overlaps or leaves the bed by more. */
    private static final double MOST_METRES = 1e-5;

    private static final int SHOTS = 600;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void nothingOverlapsLeavesTheBedOrGainsEnergy(long seed) {
        Random random = new Random(seed);
        for (int shot = 0; shot < SHOTS; shot++) {
            Scene scene = Scene.random(random);
            ShotRecord record = scene.play();
            String which = "seed " + seed + ", shot " + shot;
            requireEnergyFalls(scene, record, which);
            requireNoOverlap(scene, record, which);
            requireInside(scene, record, which);
        }
    }

    @Test
    void theMirrorOfAShotIsTheMirrorOfItsResult() {
        Random random = new Random(11);
        for (int shot = 0; shot < SHOTS; shot++) {
            Scene scene = Scene.random(random);
            ShotRecord one = scene.play();
            ShotRecord other = scene.mirrored().play();
            // Past a dozen contacts rounding grows to millimetres in any engine: such shots prove nothing.
            if (contacts(one) > 9) {
                continue;
            }
            for (BallTrack track : one.tracks()) {
                BallTrack image = other.track(track.ball());
                double width = scene.table.widthMillimetres() / 1000;
                assertThat(image.pocket())
                        .as("seed 11, shot " + shot)
                        .isEqualTo(track.pocket().map(p -> p.mirrored()));
                assertThat(Math.hypot(
                                image.end().x() - track.end().x(),
                                width - image.end().y() - track.end().y()))
                        .as("seed 11, shot " + shot + ", ball " + track.ball())
                        .isLessThan(MIRROR_METRES);
            }
        }
    }

    @Test
    void theSameInputGivesTheSameBits() {
        Random random = new Random(12);
        for (int shot = 0; shot < 100; shot++) {
            Scene scene = Scene.random(random);
            assertThat(scene.play()).isEqualTo(scene.play());
        }
    }

    @Test
    void aFullRackBreakEndsWithEveryBallAccountedFor() {
        TableSpec table = TablePresets.POOL_9FT;
        List<TableBall> balls = Racks.fullRackWithCueBall();
        CueStrike strike = new CueStrike(9, 0.4, 0, 0.05, 3, OptionalDouble.empty());
        ShotRecord record = ShotSimulator.play(ShotTable.of(TablePlan.of(table)), Physics.POOL, balls, "cue", strike);
        assertThat(record.tracks()).hasSize(16);
        Scene scene = new Scene(table, Physics.POOL, balls, strike);
        requireEnergyFalls(scene, record, "break");
        requireNoOverlap(scene, record, "break");
        requireInside(scene, record, "break");
        long touched = record.events().stream()
                .filter(ShotEvent.BallsMeet.class::isInstance)
                .count();
        assertThat(touched).isGreaterThan(20);
    }

    private static long contacts(ShotRecord record) {
        return record.events().stream()
                .filter(e -> !(e instanceof ShotEvent.StartsRolling || e instanceof ShotEvent.Stops))
                .count();
    }

    private static void requireEnergyFalls(Scene scene, ShotRecord record, String which) {
        assertThat(new ShotEnergy(scene.balls, 1e-12).gain(record)).as(which).isEmpty();
    }

    private static void requireNoOverlap(Scene scene, ShotRecord record, String which) {
        for (double t : moments(record)) {
            for (int i = 0; i < record.tracks().size(); i++) {
                for (int j = 0; j < i; j++) {
                    BallTrack one = record.tracks().get(i);
                    BallTrack other = record.tracks().get(j);
                    if (gone(record, one.ball(), t) || gone(record, other.ball(), t)) {
                        continue;
                    }
                    double touching = 2 * Math.sqrt(scene.radius(one.ball()) * scene.radius(other.ball()));
                    double distance = Math.hypot(
                            one.at(t).x() - other.at(t).x(),
                            one.at(t).y() - other.at(t).y());
                    assertThat(distance).as(which + " at " + t + " s").isGreaterThan(touching - MOST_METRES);
                }
            }
        }
    }

    /** Away from the pockets a ball's centre stays its nose distance from every cushion. */
    private static void requireInside(Scene scene, ShotRecord record, String which) {
        TableContacts contacts = TableContacts.of(TablePlan.of(scene.table));
        for (double t : moments(record)) {
            for (BallTrack track : record.tracks()) {
                BallState state = track.at(t);
                if (gone(record, track.ball(), t) || contacts.nearPocket(state.x(), state.y())) {
                    continue;
                }
                var place = new Point(1000 * state.x(), 1000 * state.y());
                double nose = scene.table.noseDistanceMillimetres(new BallSpec(2000 * scene.radius(track.ball()), 0.1));
                for (Cushion cushion : Cushion.values()) {
                    assertThat(cushion.distanceMillimetres(place, scene.table))
                            .as(which + " " + track.ball() + " at " + t)
                            .isGreaterThan(nose - 1000 * MOST_METRES);
                }
            }
        }
    }

    private static boolean gone(ShotRecord record, String ball, double seconds) {
        return record.events().stream()
                .anyMatch(e -> e instanceof ShotEvent.Potted p && p.ball().equals(ball) && p.seconds() <= seconds);
    }

    /** Each event, and three moments between each two. */
    private static List<Double> moments(ShotRecord record) {
        List<Double> moments = new ArrayList<>();
        double last = 0;
        for (ShotEvent event : record.events()) {
            for (double share : new double[] {0.25, 0.5, 0.75, 1}) {
                moments.add(last + share * (event.seconds() - last));
            }
            last = event.seconds();
        }
        return moments;
    }

    /** A table with two to five balls and a stroke. */
    private record Scene(TableSpec table, Physics physics, List<TableBall> balls, CueStrike strike) {
        static Scene random(Random random) {
            TableSpec table = TablePresets.all().get(random.nextInt(5));
            Physics level = List.of(Physics.POOL, Physics.POOL, Physics.POOL, Physics.SNOOKER, Physics.PUB)
                    .get(TablePresets.all().indexOf(table));
            Physics physics = random.nextInt(4) == 0
                    ? level.withDrift(0.02 * random.nextDouble(), -0.02 * random.nextDouble())
                    : level;
            List<TableBall> balls = new ArrayList<>();
            int count = 2 + random.nextInt(4);
            while (balls.size() < count) {
                BallSpec spec = balls.isEmpty()
                        ? table.balls().cueBall()
                        : table.balls().objectBall();
                double radius = spec.radiusMillimetres() / 1000;
                double x = radius + random.nextDouble() * (table.lengthMillimetres() / 1000 - 2 * radius);
                double y = radius + random.nextDouble() * (table.widthMillimetres() / 1000 - 2 * radius);
                boolean free = balls.stream()
                        .allMatch(b ->
                                Math.hypot(b.state().x() - x, b.state().y() - y) > 2.02 * b.radiusMetres() + 0.002);
                if (free && !nearPocket(table, x, y)) {
                    String id = balls.isEmpty() ? "cue" : "ball" + balls.size();
                    balls.add(new TableBall(id, BallState.atRest(x, y), radius, spec.massKilograms()));
                }
            }
            CueStrike strike = new CueStrike(
                    0.3 + 5 * random.nextDouble(),
                    360 * random.nextDouble(),
                    0.6 * random.nextDouble() - 0.3,
                    0.7 * random.nextDouble() - 0.35,
                    random.nextInt(3) == 0 ? 12 * random.nextDouble() : 0,
                    OptionalDouble.of(22));
            return new Scene(table, physics, balls, strike);
        }

        private static boolean nearPocket(TableSpec table, double x, double y) {
            return TableContacts.of(TablePlan.of(table)).nearPocket(x, y);
        }

        ShotRecord play() {
            return ShotSimulator.play(ShotTable.of(TablePlan.of(table)), physics, balls, "cue", strike);
        }

        Scene mirrored() {
            double width = table.widthMillimetres() / 1000;
            List<TableBall> images = balls.stream()
                    .map(b -> new TableBall(
                            b.id(),
                            BallState.atRest(b.state().x(), width - b.state().y()),
                            b.radiusMetres(),
                            b.massKilograms()))
                    .toList();
            CueStrike image = new CueStrike(
                    strike.speedMetresPerSecond(),
                    -strike.azimuthDegrees(),
                    -strike.side(),
                    strike.height(),
                    strike.elevationDegrees(),
                    strike.endMassRatio());
            return new Scene(table, physics.withDrift(physics.driftX(), -physics.driftY()), images, image);
        }

        double radius(String id) {
            return ball(id).radiusMetres();
        }

        private TableBall ball(String id) {
            return balls.stream().filter(b -> b.id().equals(id)).findFirst().orElseThrow();
        }
    }
}
