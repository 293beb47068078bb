package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/** A made-up table with balls as players leave them, and a stroke up to the limits; says what is wrong with how it ended. */
record SoakScene(TableSpec table, Physics physics, List<TableBall> balls, CueStrike strike) {
    private static final double MOST_METRES = 1e-5;
    private static final int MOST_BALLS = 16;
    private static final double FASTEST = 12;

    static SoakScene random(Random random) {
        TableSpec table =
                TablePresets.all().get(random.nextInt(TablePresets.all().size()));
        Physics level = table.kind().usualPhysics();
        double most = 0.9 * level.rollingFriction() * level.gravity();
        double turn = 2 * Math.PI * random.nextDouble();
        double pull = random.nextInt(3) == 0 ? most * random.nextDouble() : 0;
        Physics physics = level.withDrift(pull * Math.cos(turn), pull * Math.sin(turn));
        List<TableBall> balls = new ArrayList<>();
        int count = 1 + random.nextInt(MOST_BALLS);
        TableContacts contacts = TableContacts.of(TablePlan.of(table));
        for (int tries = 0; balls.size() < count && tries < 2000; tries++) {
            place(random, table, contacts, balls);
        }
        double speed = random.nextInt(4) == 0 ? FASTEST * random.nextDouble() : 0.1 + 4 * random.nextDouble();
        double offset = 0.499 * Math.sqrt(random.nextDouble());
        double clock = 2 * Math.PI * random.nextDouble();
        double elevation = random.nextInt(4) == 0 ? 58 * random.nextDouble() : 3;
        CueStrike strike = new CueStrike(
                speed,
                360 * random.nextDouble(),
                offset * Math.cos(clock),
                offset * Math.sin(clock),
                elevation,
                OptionalDouble.of(22));
        return new SoakScene(table, physics, balls, strike);
    }

    private static void place(Random random, TableSpec table, TableContacts contacts, List<TableBall> balls) {
        BallSpec spec =
                balls.isEmpty() ? table.balls().cueBall() : table.balls().objectBall();
        double radius = spec.radiusMillimetres() / 1000;
        double nose = table.noseDistanceMillimetres(spec) / 1000;
        double x = nose + random.nextDouble() * (contacts.lengthMetres - 2 * nose);
        double y = nose + random.nextDouble() * (contacts.widthMetres - 2 * nose);
        int how = random.nextInt(6);
        if (how == 0) {
            // Frozen to a cushion.
            y = random.nextBoolean() ? nose : contacts.widthMetres - nose;
        } else if (how == 1) {
            x = random.nextBoolean() ? nose : contacts.lengthMetres - nose;
        } else if (how == 2 && !balls.isEmpty()) {
            // Frozen to another ball, or a hair from it.
            TableBall other = balls.get(random.nextInt(balls.size()));
            double angle = 2 * Math.PI * random.nextDouble();
            double distance = 2 * Math.sqrt(radius * other.radiusMetres())
                    + (random.nextBoolean() ? 0 : 2e-4 * random.nextDouble());
            x = other.state().x() + distance * Math.cos(angle);
            y = other.state().y() + distance * Math.sin(angle);
        }
        boolean inside =
                x >= nose && x <= contacts.lengthMetres - nose && y >= nose && y <= contacts.widthMetres - nose;
        if (!inside || contacts.nearPocket(x, y)) {
            return;
        }
        for (TableBall other : balls) {
            double touching = 2 * Math.sqrt(radius * other.radiusMetres());
            if (Math.hypot(other.state().x() - x, other.state().y() - y) < touching) {
                return;
            }
        }
        String id = balls.isEmpty() ? "cue" : "ball" + balls.size();
        balls.add(new TableBall(id, BallState.atRest(x, y), radius, spec.massKilograms()));
    }

    ShotRecord play() {
        return ShotSimulator.play(ShotTable.of(TablePlan.of(table)), physics, balls, "cue", strike);
    }

    /** What no shot may show; empty where all is well. */
    Optional<String> problem(ShotRecord record) {
        TableContacts contacts = TableContacts.of(TablePlan.of(table));
        List<BallTrack> left = record.tracks().stream()
                .filter(track -> track.pocket().isEmpty())
                .toList();
        for (BallTrack track : left) {
            BallState end = track.end();
            if (!Double.isFinite(end.x() + end.y() + end.wz())) {
                return Optional.of(track.ball() + " ends nowhere");
            }
            TableBall ball = ball(track.ball());
            double depth = contacts.depthMetres(end.x(), end.y(), table.noseDistanceMillimetres(spec(ball)) / 1000);
            boolean far = end.x() < -0.12
                    || end.y() < -0.12
                    || end.x() > contacts.lengthMetres + 0.12
                    || end.y() > contacts.widthMetres + 0.12;
            if (depth > MOST_METRES || far) {
                return Optional.of(track.ball() + " ends " + 1000 * depth + " mm inside a cushion, at (" + end.x()
                        + ", " + end.y() + ")");
            }
        }
        return overlap(left).or(() -> new ShotEnergy(balls, 1e-9).gain(record));
    }

    private Optional<String> overlap(List<BallTrack> left) {
        for (int i = 0; i < left.size(); i++) {
            for (int j = 0; j < i; j++) {
                BallState a = left.get(i).end();
                BallState b = left.get(j).end();
                double touching = 2
                        * Math.sqrt(ball(left.get(i).ball()).radiusMetres()
                                * ball(left.get(j).ball()).radiusMetres());
                double missing = touching - Math.hypot(a.x() - b.x(), a.y() - b.y());
                if (missing > MOST_METRES) {
                    return Optional.of(left.get(i).ball() + " ends " + 1000 * missing + " mm inside "
                            + left.get(j).ball());
                }
            }
        }
        return Optional.empty();
    }

    private TableBall ball(String id) {
        return balls.stream().filter(b -> b.id().equals(id)).findFirst().orElseThrow();
    }

    private static BallSpec spec(TableBall ball) {
        return new BallSpec(2000 * ball.radiusMetres(), ball.massKilograms());
    }
}
