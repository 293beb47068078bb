package amberrail.core.simulation;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TableLevel;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;

/**
 * Plays the same set-up again and again, reading each straight from the engine's arrays; makes no garbage per shot. For one thread at a time.
 */
public final class ShotRunner {
    private static final BooleanSupplier TO_THE_END = () -> false;

    private final ShotTable table;
    private final Physics physics;
    private final List<TableBall> balls;
    private final int struck;
    private final Accuracy accuracy;
    private final ShotLoop loop;
    private final ShotLog log = new ShotLog();
    private final PlayedShot result;
    private double slopeX;
    private double slopeY;

    /** {@code struck} is the index of the cue ball in {@code balls}; checks as {@link ShotSimulator#play}. */
    public ShotRunner(ShotTable table, Physics physics, List<TableBall> balls, int struck) {
        this(table, physics, balls, struck, Accuracy.FULL);
    }

    /** The same at a lower accuracy, for scans. */
    public ShotRunner(ShotTable table, Physics physics, List<TableBall> balls, int struck, Accuracy accuracy) {
        this(table, physics, balls, struck, accuracy, true);
    }

    /** Of balls that a shot of the engine left: they may lie between a pocket's jaws, and are not looked at again. */
    public static ShotRunner goingOn(
            ShotTable table, Physics physics, List<TableBall> balls, int struck, Accuracy accuracy) {
        return new ShotRunner(table, physics, balls, struck, accuracy, false);
    }

    private ShotRunner(
            ShotTable table, Physics physics, List<TableBall> balls, int struck, Accuracy accuracy, boolean checked) {
        this.accuracy = accuracy;
        this.table = table;
        this.physics = physics;
        this.balls = List.copyOf(balls);
        this.struck = struck;
        if (checked) {
            ShotSimulator.check(table, this.balls);
        }
        loop = new ShotLoop(balls.size());
        result = new PlayedShot(loop, log, table.contacts);
    }

    /** A stroke as it was meant, launched in this direction (degrees); false for a miscue, which moves nothing. */
    public boolean play(CueStrike meant, double launchDegrees) {
        return play(
                meant.speedMetresPerSecond(),
                Math.toRadians(launchDegrees),
                meant.side(),
                meant.height(),
                Math.toRadians(meant.elevationDegrees()));
    }

    /**
     * Plays until this can be said, which must then stay true (a ball that is potted stays so), or to the end; asked after each potted ball.
     *
     * @return whether it can be said; false too for a miscue
     */
    public boolean playUntil(CueStrike meant, double launchDegrees, Predicate<PlayedShot> holds) {
        return play(
                        meant.speedMetresPerSecond(),
                        Math.toRadians(launchDegrees),
                        meant.side(),
                        meant.height(),
                        Math.toRadians(meant.elevationDegrees()),
                        () -> holds.test(result))
                && holds.test(result);
    }

    /**
     * @param speed     launch speed (m/s)
     * @param psi       launch direction (rad)
     * @param side      a/R
     * @param height    b/R
     * @param elevation of the cue (rad)
     * @return false for a miscue
     */
    boolean play(double speed, double psi, double side, double height, double elevation) {
        return play(speed, psi, side, height, elevation, TO_THE_END);
    }

    private boolean play(
            double speed, double psi, double side, double height, double elevation, BooleanSupplier decided) {
        if (side * side + height * height > physics.miscueLimit() * physics.miscueLimit()) {
            return false;
        }
        log.clear();
        loop.begin(table.contacts, physics, accuracy, log);
        loop.balls.tilt(slopeX, slopeY);
        for (int i = 0; i < balls.size(); i++) {
            TableBall ball = balls.get(i);
            loop.balls.add(ball.state(), ball.radiusMetres(), ball.massKilograms(), table.contacts.noseHeightMetres);
        }
        loop.balls.strike(struck, speed, psi, side, height, elevation);
        loop.run(SimulationLimits.USUAL, decided);
        return true;
    }

    /**
     * Plays one batch of noisy strokes and counts how many succeed; a miscue moves nothing and succeeds at nothing.
     *
     * @param meant    the stroke without errors; its launch direction, squirt included, is what the aim error is added to
     * @param errors   at the reference pace; they grow with the stroke's
     * @param succeeds judges a finished shot, must not keep it
     */
    public int successes(
            CueStrike meant, ExecutionErrors errors, StrokeNoise noise, int batch, Predicate<PlayedShot> succeeds) {
        return successes(meant, errors, TableLevel.KNOWN, noise, batch, succeeds);
    }

    /** The same where each stroke meets a slope drawn for it. */
    public int successes(
            CueStrike meant,
            ExecutionErrors errors,
            TableLevel level,
            StrokeNoise noise,
            int batch,
            Predicate<PlayedShot> succeeds) {
        double speed = meant.speedMetresPerSecond();
        ExecutionErrors at = errors.at(speed);
        double radiusMillimetres = struckRadiusMillimetres();
        double psi = Math.toRadians(meant.launchDegrees());
        double elevation = Math.toRadians(meant.elevationDegrees());
        int successes = 0;
        for (int i = 0; i < noise.perBatch(); i++) {
            slopeX = level.unknownDriftMetresPerSecondSquared() * noise.slope(batch, i, 0);
            slopeY = level.unknownDriftMetresPerSecondSquared() * noise.slope(batch, i, 1);
            double pace = 1 + at.paceFraction() * noise.draw(batch, i, 1);
            boolean moved = play(
                    speed * Math.max(0, pace),
                    psi + 1e-3 * at.aimMilliradians() * noise.draw(batch, i, 0),
                    meant.side() + at.tipSideMillimetres() * noise.draw(batch, i, 3) / radiusMillimetres,
                    meant.height() + at.tipHeightMillimetres() * noise.draw(batch, i, 2) / radiusMillimetres,
                    elevation);
            if (moved && succeeds.test(result)) {
                successes++;
            }
        }
        slopeX = 0;
        slopeY = 0;
        return successes;
    }

    /**
     * Plays one stroke that strays from what was meant.
     *
     * @param meant         pace, spin and elevation; its own direction is not used
     * @param launchDegrees where it should leave to
     * @param errors        at the reference pace; they grow with the stroke's
     * @param level         what is left to chance of the table's slope
     * @param draws         standard normal, six: aim, pace, height, side, slope along, slope across
     * @return false for a miscue, which moves nothing
     */
    public boolean playStraying(
            CueStrike meant, double launchDegrees, ExecutionErrors errors, TableLevel level, double[] draws) {
        double speed = meant.speedMetresPerSecond();
        ExecutionErrors at = errors.at(speed);
        double radiusMillimetres = struckRadiusMillimetres();
        slopeX = level.unknownDriftMetresPerSecondSquared() * draws[4];
        slopeY = level.unknownDriftMetresPerSecondSquared() * draws[5];
        boolean moved = play(
                speed * Math.max(0, 1 + at.paceFraction() * draws[1]),
                Math.toRadians(launchDegrees) + 1e-3 * at.aimMilliradians() * draws[0],
                meant.side() + at.tipSideMillimetres() * draws[3] / radiusMillimetres,
                meant.height() + at.tipHeightMillimetres() * draws[2] / radiusMillimetres,
                Math.toRadians(meant.elevationDegrees()));
        slopeX = 0;
        slopeY = 0;
        return moved;
    }

    /** The last shot; only true until the next one. */
    public PlayedShot result() {
        return result;
    }

    public double struckRadiusMillimetres() {
        return balls.get(struck).radiusMillimetres();
    }
}
