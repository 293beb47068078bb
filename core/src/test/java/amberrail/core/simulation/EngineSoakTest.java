package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * No hole and no endless shot: thousands of made-up shots, 1 to 16 balls on every table, level and not, balls frozen to each other and to
 * cushions, strokes up to the limits. {@code -Damber.soakShots=1000000} plays as many; {@code ./amber bench} does.
 */
class EngineSoakTest {
    private static final int SHOTS = Integer.getInteger("amber.soakShots", 20_000);
    private static final long SEED = Long.getLong("amber.soakSeed", 20_261_127L);
    private static final int A_SLICE = 500;
    private static final int A_LONG_RUN = 200_000;
    private static final int WARM_AFTER = 100;
    private static final long MOST_CPU_NANOS = 20_000_000;
    private static final int A_FULL_RACK = 16;

    @Test
    @Timeout(value = 2, unit = TimeUnit.HOURS)
    void everyBallEndsOnTheBedOrInAPocket() {
        List<String> wrong = IntStream.range(0, (SHOTS + A_SLICE - 1) / A_SLICE)
                .parallel()
                .mapToObj(EngineSoakTest::slice)
                .flatMap(List::stream)
                .toList();
        assertThat(wrong)
                .as(wrong.size() + " of " + SHOTS + " shots, seed " + SEED)
                .isEmpty();
    }

    /**
     * Measured where the loop is warm, by the thread's own time, and only in the long run: a short one mostly measures the compiler. So does one slow
     * shot early in a thread's life; a shot that is slow in itself is slow again.
     */
    private static Optional<String> tooSlow(long cpuNanos, int shot, SoakScene scene) {
        boolean measured = SHOTS >= A_LONG_RUN && shot >= WARM_AFTER;
        if (!measured || cpuNanos <= MOST_CPU_NANOS || scene.balls().size() >= A_FULL_RACK) {
            return Optional.empty();
        }
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadCpuTime();
        scene.play();
        long again = threads.getCurrentThreadCpuTime() - before;
        return again > MOST_CPU_NANOS
                ? Optional.of("took " + cpuNanos / 1_000_000 + " and " + again / 1_000_000 + " ms")
                : Optional.empty();
    }

    private static List<String> slice(int slice) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        List<String> wrong = new ArrayList<>();
        Random random = new Random(SEED + slice);
        for (int shot = 0; shot < A_SLICE; shot++) {
            SoakScene scene = SoakScene.random(random);
            int number = shot;
            String which = "slice " + slice + ", shot " + shot;
            try {
                long before = threads.getCurrentThreadCpuTime();
                ShotRecord record = scene.play();
                long cpu = threads.getCurrentThreadCpuTime() - before;
                scene.problem(record)
                        .or(() -> tooSlow(cpu, number, scene))
                        .ifPresent(problem -> wrong.add(which + ": " + problem + " " + scene));
            } catch (RuntimeException e) {
                wrong.add(which + ": " + e + " " + scene);
            }
        }
        return wrong;
    }
}
