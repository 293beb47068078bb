package amberrail.core.recipe;

import amberrail.core.geometry.Point;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.TableLevel;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A shot to find recipes for. The tests are asked from several threads and must keep nothing.
 *
 * @param level       what is not known of the table's slope, and so left to chance in every stroke
 * @param cueBall     index of the cue ball in {@code balls}
 * @param aim         about the geometric aim of a pot; empty where the ball is not simply potted (kicks, safeties, doubles): then
 *                    every direction is looked at
 * @param aimTest     what the direction must bring about: the pot, which stays true once it is; without {@code aim} the same as {@code success}
 * @param success     all that is asked; it implies {@code aimTest}
 * @param target      where the cue ball should rest (mm); empty: anywhere that succeeds
 * @param sideAllowed whether strokes with side may be proposed
 * @param teaching    what the shot is there to teach
 * @param bridge      what the cue is guided by
 */
public record ShotTask(
        ShotTable table,
        Physics physics,
        TableLevel level,
        List<TableBall> balls,
        int cueBall,
        Optional<AimSearch> aim,
        Predicate<PlayedShot> aimTest,
        Predicate<PlayedShot> success,
        Optional<Point> target,
        boolean sideAllowed,
        Teaching teaching,
        Bridge bridge) {
    public ShotTask {
        balls = List.copyOf(balls);
        Objects.requireNonNull(aim);
        Objects.requireNonNull(aimTest);
        Objects.requireNonNull(success);
        Objects.requireNonNull(target);
        Objects.requireNonNull(teaching);
        Objects.requireNonNull(bridge);
    }

    public ShotTask with(Bridge other) {
        return new ShotTask(
                table, physics, level, balls, cueBall, aim, aimTest, success, target, sideAllowed, teaching, other);
    }

    /** The same shot on a cloth with other numbers. */
    public ShotTask on(Physics other) {
        return new ShotTask(
                table, other, level, balls, cueBall, aim, aimTest, success, target, sideAllowed, teaching, bridge);
    }

    /** The errors of this shot's strokes, of someone who errs by so much with the hand on the cloth; at the reference pace both. */
    public ExecutionErrors errors(ExecutionErrors withTheHand) {
        return bridge == Bridge.HAND ? withTheHand : withTheHand.times(bridge.errorFactor());
    }

    ShotRunner runner(Accuracy accuracy) {
        return new ShotRunner(table, physics, balls, cueBall, accuracy);
    }

    double cueRadiusMillimetres() {
        return balls.get(cueBall).radiusMillimetres();
    }
}
