package amberrail.core.simulation;

import amberrail.core.geometry.Units;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Where everything goes. Exact in the sense of physics/model.md: motion in closed form between events, contacts as roots. The same
 * input gives the same bits.
 */
public final class ShotSimulator {
    /** Touching balls may be typed this much too close (m). */
    private static final double OVERLAP_SLACK_METRES = 5e-7;

    private static final int MOST_BALLS = 30;

    private ShotSimulator() {}

    /**
     * Plays a stroke.
     *
     * <p>{@code BALLS_OVERLAP}, {@code OFF_THE_TABLE}, {@code UNKNOWN_ID} for a struck ball that is not there, {@code
     * INVALID_PARAMETER} for a miscue or more than 30 balls.
     */
    public static ShotRecord play(
            ShotTable table, Physics physics, List<TableBall> balls, String struck, CueStrike strike) {
        TableBall cue = balls.stream()
                .filter(ball -> ball.id().equals(struck))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.UNKNOWN_ID, "ball", struck, "must be one of the balls on the table"));
        BallState launched = strike.launch(cue.state().x(), cue.state().y(), cue.radiusMetres(), physics);
        List<TableBall> moving = balls.stream()
                .map(ball -> ball.id().equals(struck)
                        ? new TableBall(struck, launched, ball.radiusMetres(), ball.massKilograms())
                        : ball)
                .toList();
        return run(table, physics, moving, Optional.of(struck));
    }

    /** Lets balls go on from whatever motion they have. */
    public static ShotRecord release(ShotTable table, Physics physics, List<TableBall> balls) {
        return run(table, physics, balls, Optional.empty());
    }

    private static ShotRecord run(ShotTable table, Physics physics, List<TableBall> balls, Optional<String> struck) {
        check(table, balls);
        ShotLoop loop = new ShotLoop(balls.size());
        ShotLog log = new ShotLog();
        loop.begin(table.contacts, physics, Accuracy.FULL, log);
        for (TableBall ball : balls) {
            int index = loop.balls.add(
                    ball.state(), ball.radiusMetres(), ball.massKilograms(), table.contacts.noseHeightMetres);
            physics.requireRebound(loop.balls.cushionSine[index]);
        }
        loop.run(SimulationLimits.USUAL);
        return RecordReader.read(loop, log, table.contacts, physics, balls, struck);
    }

    static void check(ShotTable table, List<TableBall> balls) {
        Require.between("balls", balls.size(), 1, MOST_BALLS);
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < balls.size(); i++) {
            TableBall ball = balls.get(i);
            if (!ids.add(ball.id())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "balls.id", ball.id(), "must be used by one ball only");
            }
            requireOnBed(table.contacts, ball);
            for (int j = 0; j < i; j++) {
                requireApart(ball, balls.get(j));
            }
        }
    }

    private static void requireOnBed(TableContacts table, TableBall ball) {
        double sine = (table.noseHeightMetres - ball.radiusMetres()) / ball.radiusMetres();
        double near = ball.radiusMetres() * Math.sqrt(Math.max(0, 1 - sine * sine)) - OVERLAP_SLACK_METRES;
        double x = ball.state().x();
        double y = ball.state().y();
        boolean onBed = x >= near && x <= table.lengthMetres - near && y >= near && y <= table.widthMetres - near;
        if (!onBed) {
            double outside = Math.max(
                    Math.max(near - x, x - table.lengthMetres + near),
                    Math.max(near - y, y - table.widthMetres + near));
            throw InvalidInputException.told(
                    ProblemCode.OFF_THE_TABLE,
                    "balls." + ball.id(),
                    String.format(
                            Locale.ROOT,
                            "Ball %s lies %.1f mm outside the bed",
                            ball.id(),
                            Units.millimetres(outside)));
        }
    }

    private static void requireApart(TableBall one, TableBall other) {
        double touching = 2 * Math.sqrt(one.radiusMetres() * other.radiusMetres());
        double distance = Math.hypot(
                one.state().x() - other.state().x(),
                one.state().y() - other.state().y());
        if (distance < touching - OVERLAP_SLACK_METRES) {
            throw InvalidInputException.told(
                    ProblemCode.BALLS_OVERLAP,
                    "balls." + one.id(),
                    String.format(
                            Locale.ROOT,
                            "Ball %s lies %.1f mm inside ball %s",
                            one.id(),
                            Units.millimetres(touching - distance),
                            other.id()));
        }
    }
}
