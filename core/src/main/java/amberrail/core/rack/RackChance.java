package amberrail.core.rack;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;

/**
 * The chance of a layout: the share of simulated tries, with this student's errors, following the proposal and planning anew after every shot, that clear it.
 *
 * @param runs          how many tries
 * @param cleared       of them
 * @param chance        (cleared + 1/2) / (runs + 1), so that few tries never say 0 or 1
 * @param standardError √(chance (1 - chance) / runs)
 * @param points        scored in a try, on average
 * @param balls         potted in a try, on average
 */
public record RackChance(int runs, int cleared, double chance, double standardError, double points, double balls) {

    /**
     * Tries run on all cores; the same seed gives the same answer.
     *
     * @param cancelled asked before every try; {@code CancellationException} once true
     * @param progress  told the share done, 0 to 1
     */
    public static RackChance of(
            RackPosition start,
            RackStudent student,
            int runs,
            long seed,
            BooleanSupplier cancelled,
            DoubleConsumer progress) {
        AtomicInteger done = new AtomicInteger();
        RackRun[] played = IntStream.range(0, runs)
                .parallel()
                .mapToObj(i -> {
                    if (cancelled.getAsBoolean()) {
                        throw new CancellationException();
                    }
                    RackRun run =
                            RackRun.play(start.copy(), RackPolicy.proposed(student), student, RackDraws.mixed(seed, i));
                    progress.accept((double) done.incrementAndGet() / runs);
                    return run;
                })
                .toArray(RackRun[]::new);
        int cleared = 0;
        double points = 0;
        double balls = 0;
        for (RackRun run : played) {
            cleared += run.isCleared() ? 1 : 0;
            points += run.points();
            balls += run.potted();
        }
        double chance = (cleared + 0.5) / (runs + 1);
        return new RackChance(
                runs, cleared, chance, Math.sqrt(chance * (1 - chance) / runs), points / runs, balls / runs);
    }
}
