package amberrail.core.simulation;

import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TableLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/** Where the struck ball comes to rest when one stroke is played many times with execution errors. */
public final class LandingSimulation {
    private final ShotTable table;
    private final Physics physics;
    private final List<TableBall> balls;
    private final int struck;
    private final TableLevel level;

    /** {@code struck} is the index of the cue ball in {@code balls}; the slope is known only so far. */
    public LandingSimulation(ShotTable table, Physics physics, List<TableBall> balls, int struck, TableLevel level) {
        this.level = level;
        this.table = table;
        this.physics = physics;
        this.balls = List.copyOf(balls);
        this.struck = struck;
    }

    /**
     * @param meant the stroke without errors
     * @param place what counts as the landing of a finished shot (mm); empty for one that does not count
     * @return the landings that count, in the order of the draws
     */
    public List<Point> landings(
            CueStrike meant, ExecutionErrors errors, StrokeNoise noise, Function<PlayedShot, Optional<Point>> place) {
        return IntStream.range(0, noise.batches())
                .parallel()
                .mapToObj(batch -> {
                    List<Point> found = new ArrayList<>();
                    new ShotRunner(table, physics, balls, struck)
                            .successes(meant, errors, level, noise, batch, shot -> {
                                place.apply(shot).ifPresent(found::add);
                                return true;
                            });
                    return found;
                })
                .flatMap(List::stream)
                .toList();
    }
}
