package amberrail.core.simulation;

import amberrail.core.problem.Require;
import java.util.Random;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Standard normal draws for aim, pace, height and side of many strokes, in batches.
 *
 * <p>Each batch is the same quasi-random point set (the additive recurrence of the generalised golden ratio in four dimensions, Roberts
 * 2018) moved by a random shift of its own, so the batches are independent and their means give an honest standard error. Used
 * again for every station and ability, it makes the comparisons use common random numbers.
 */
public final class StrokeNoise {
    static final int DIMENSIONS = 4;
    static final int AIM = 0;
    static final int SIDE = 3;
    private static final int BATCHES = 20;
    /** Root of x^5 = x + 1. */
    private static final double GOLDEN = 1.1673039782614187;

    private final int perBatch;
    private final double[] draws;

    private StrokeNoise(int perBatch, double[] draws) {
        this.perBatch = perBatch;
        this.draws = draws;
    }

    /** {@code strokes} rounded up to whole batches of 20; the same seed gives the same draws. */
    public static StrokeNoise of(int strokes, long seed) {
        Require.between("strokes", strokes, 1, 10_000_000);
        int perBatch = (strokes + BATCHES - 1) / BATCHES;
        double[] draws = new double[perBatch * BATCHES * DIMENSIONS];
        NormalDistribution normal = new NormalDistribution();
        Random random = new Random(seed);
        int at = 0;
        for (int batch = 0; batch < BATCHES; batch++) {
            double[] shift = random.doubles(DIMENSIONS).toArray();
            for (int i = 0; i < perBatch; i++) {
                double step = 1;
                for (int d = 0; d < DIMENSIONS; d++) {
                    step /= GOLDEN;
                    double uniform = shift[d] + (i + 1) * step;
                    uniform -= Math.floor(uniform);
                    draws[at++] = normal.inverseCumulativeProbability(Math.min(Math.max(uniform, 1e-12), 1 - 1e-12));
                }
            }
        }
        return new StrokeNoise(perBatch, draws);
    }

    /** The same draws seen in a mirror: what went to the left goes to the right, pace and height stay. */
    public StrokeNoise mirrored() {
        double[] image = draws.clone();
        for (int stroke = 0; stroke < image.length / DIMENSIONS; stroke++) {
            image[stroke * DIMENSIONS + AIM] *= -1;
            image[stroke * DIMENSIONS + SIDE] *= -1;
        }
        return new StrokeNoise(perBatch, image);
    }

    public int batches() {
        return BATCHES;
    }

    public int perBatch() {
        return perBatch;
    }

    double draw(int batch, int stroke, int dimension) {
        return draws[(batch * perBatch + stroke) * DIMENSIONS + dimension];
    }
}
