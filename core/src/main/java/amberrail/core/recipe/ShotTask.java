package amberrail.core.recipe;

import amberrail.core.geometry.Point;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A shot to find recipes for. The tests are asked from several threads and must keep nothing.
 *
 * @param cueBall     index of the cue ball in {@code balls}
 * @param aim         about the geometric aim of a pot; empty where the ball is not simply potted (kicks, safeties, doubles): then
 *                    every direction is looked at
 * @param aimTest     what the direction must bring about: the pot, which stays true once it is; without {@code aim} the same as {@code success}
 * @param success     all that is asked; it implies {@code aimTest}
 * @param target      where the cue ball should rest (mm); empty: anywhere that succeeds
 * @param sideAllowed whether strokes with side may be proposed
 * @param teaching    what the shot is there to teach
 */
public record ShotTask(
        ShotTable table,
        Physics physics,
        List<TableBall> balls,
        int cueBall,
        Optional<AimSearch> aim,
        Predicate<PlayedShot> aimTest,
        Predicate<PlayedShot> success,
        Optional<Point> target,
        boolean sideAllowed,
        Teaching teaching) {
    public ShotTask {
        balls = List.copyOf(balls);
        Objects.requireNonNull(aim);
        Objects.requireNonNull(aimTest);
        Objects.requireNonNull(success);
        Objects.requireNonNull(target);
        Objects.requireNonNull(teaching);
    }

    ShotRunner runner(Accuracy accuracy) {
        return new ShotRunner(table, physics, balls, cueBall, accuracy);
    }

    double cueRadiusMillimetres() {
        return 1000 * balls.get(cueBall).radiusMetres();
    }
}
