package amberrail.bench.engine;

import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.SuccessSimulation;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long the engine takes; the first three play in place as the Monte Carlo does, {@code stopShotRecord} makes the whole record. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class EngineBenchmark {
    private static final int NOISY_SHOTS = 20_000;

    private final Scenes.Scene stop = Scenes.stopShot();
    private final Scenes.Scene three = Scenes.threeCushions();
    private final Scenes.Scene rack = Scenes.fullRackBreak();
    private final ShotRunner stopRunner = stop.runner();
    private final ShotRunner threeRunner = three.runner();
    private final ShotRunner rackRunner = rack.runner();
    private final ShotTask station = Scenes.station(false);
    private final ShotTask stationWithSide = Scenes.station(true);
    private final StrokeNoise noise = StrokeNoise.of(NOISY_SHOTS, 1);
    private final StrokeNoise oneBatch = StrokeNoise.of(200, 1);
    private final Recipe usual =
            PreferredRecipe.of(RecipeSolver.solve(station), station.teaching()).orElseThrow();
    private final ShotRunner stationRunner =
            new ShotRunner(station.table(), station.physics(), station.balls(), station.cueBall());

    @Benchmark
    public PlayedShot stopShot() {
        stopRunner.play(stop.strike(), stop.strike().azimuthDegrees());
        return stopRunner.result();
    }

    @Benchmark
    public ShotRecord stopShotRecord() {
        return ShotSimulator.play(Scenes.TABLE, Scenes.PHYSICS, stop.balls(), "cue", stop.strike());
    }

    @Benchmark
    public PlayedShot threeCushions() {
        threeRunner.play(three.strike(), three.strike().azimuthDegrees());
        return threeRunner.result();
    }

    @Benchmark
    public PlayedShot fullRackBreak() {
        rackRunner.play(rack.strike(), rack.strike().azimuthDegrees());
        return rackRunner.result();
    }

    /** One batch of ten noisy shots at a station, judged; its bytes over ten are the garbage of one shot. */
    @Benchmark
    public int tenNoisyShots() {
        return stationRunner.successes(
                usual.stroke().onBall(28.575), ExecutionErrors.REFERENCE, oneBatch, 0, station.success());
    }

    @Benchmark
    public SuccessRate twentyThousandNoisyShots() {
        return new SuccessSimulation(station.table(), station.physics(), station.balls(), station.cueBall())
                .estimate(
                        usual.stroke().onBall(28.575),
                        ExecutionErrors.REFERENCE,
                        noise,
                        station.success(),
                        () -> false,
                        done -> {});
    }

    @Benchmark
    public List<Recipe> recipes() {
        return RecipeSolver.solve(station);
    }

    @Benchmark
    public List<Recipe> recipesWithSide() {
        return RecipeSolver.solve(stationWithSide);
    }
}
