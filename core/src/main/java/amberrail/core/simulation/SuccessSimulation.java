package amberrail.core.simulation;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TableLevel;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Plays one stroke thousands of times with execution errors and counts successes.
 *
 * <p>Batches run on all cores; each thread has one workspace and makes no garbage per shot. The result does not depend on the number
 * of threads.
 */
public final class SuccessSimulation {
    private final ShotTable table;
    private final Physics physics;
    private final List<TableBall> balls;
    private final int struck;
    private final TableLevel level;

    /** On a table that is as level as its numbers say; {@code struck} is the index of the cue ball in {@code balls}. */
    public SuccessSimulation(ShotTable table, Physics physics, List<TableBall> balls, int struck) {
        this(table, physics, balls, struck, TableLevel.KNOWN);
    }

    /** The same where the slope is known only so far. */
    public SuccessSimulation(ShotTable table, Physics physics, List<TableBall> balls, int struck, TableLevel level) {
        this.level = level;
        this.table = table;
        this.physics = physics;
        this.balls = List.copyOf(balls);
        this.struck = struck;
    }

    /**
     * @param meant     the stroke without errors
     * @param errors    standard deviations of one stroke
     * @param noise     common random numbers
     * @param succeeds  judges a finished shot; called from several threads, must not keep what it is given
     * @param cancelled asked before every batch; {@code CancellationException} once true
     * @param progress  told the share done, 0 to 1
     */
    public SuccessRate estimate(
            CueStrike meant,
            ExecutionErrors errors,
            StrokeNoise noise,
            Predicate<PlayedShot> succeeds,
            BooleanSupplier cancelled,
            DoubleConsumer progress) {
        return rate(successes(meant, errors, noise, succeeds, cancelled, progress), noise.perBatch());
    }

    /** As {@link #estimate}, the successes of each batch apart: for differences between two that share their noise. */
    public int[] successes(
            CueStrike meant,
            ExecutionErrors errors,
            StrokeNoise noise,
            Predicate<PlayedShot> succeeds,
            BooleanSupplier cancelled,
            DoubleConsumer progress) {
        int[] successes = new int[noise.batches()];
        AtomicInteger done = new AtomicInteger();
        IntStream.range(0, noise.batches()).parallel().forEach(batch -> {
            if (cancelled.getAsBoolean()) {
                throw new CancellationException();
            }
            successes[batch] = new ShotRunner(table, physics, balls, struck)
                    .successes(meant, errors, level, noise, batch, succeeds);
            progress.accept((double) done.incrementAndGet() / noise.batches());
        });
        return successes;
    }

    private static SuccessRate rate(int[] successes, int perBatch) {
        int total = IntStream.of(successes).sum();
        int shots = successes.length * perBatch;
        double mean = (double) total / shots;
        double squares = 0;
        for (int count : successes) {
            double off = (double) count / perBatch - mean;
            squares += off * off;
        }
        double standardError = Math.sqrt(squares / (successes.length - 1) / successes.length);
        return new SuccessRate(shots, total, mean, standardError);
    }
}
