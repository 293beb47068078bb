package amberrail.core.simulation;

import amberrail.core.problem.Require;
import java.util.Random;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Standard normal draws for aim, pace, height and side of many strokes, in batches, and for a slope that nobody knows.
 *
 * <p>Each batch is the same quasi-random point set (the additive recurrence of the generalised golden ratio in four dimensions, Roberts
 * 2018) moved by a random shift of its own, so the batches are independent and their means give an honest standard error. Used
 * again for every station and ability, it makes the comparisons use common random numbers.
 */
public final class StrokeNoise {
    static final int DIMENSIONS = 4;
    static final int AIM = 0;
    static final int SIDE = 3;
    private static final int AXES = 2;
    private static final int BATCHES = 20;
    /** Root of x^5 = x + 1. */
    private static final double GOLDEN = 1.1673039782614187;

    /** Root of x^3 = x + 1: the same for the two axes of the slope. */
    private static final double PLASTIC = 1.3247179572447460;

    private static final long SLOPE_STREAM = 0x5107E;

    private final int perBatch;
    private final double[] draws;
    /** Apart from the strokes' own, so that those stay as they are whether the slope is known or not. */
    private final double[] slopes;

    private StrokeNoise(int perBatch, double[] draws, double[] slopes) {
        this.perBatch = perBatch;
        this.draws = draws;
        this.slopes = slopes;
    }

    /** {@code strokes} rounded up to whole batches of 20; the same seed gives the same draws. */
    public static StrokeNoise of(int strokes, long seed) {
        Require.between("strokes", strokes, 1, 10_000_000);
        int perBatch = (strokes + BATCHES - 1) / BATCHES;
        return new StrokeNoise(
                perBatch,
                draws(perBatch, DIMENSIONS, GOLDEN, seed),
                draws(perBatch, AXES, PLASTIC, seed ^ SLOPE_STREAM));
    }

    private static double[] draws(int perBatch, int dimensions, double root, long seed) {
        double[] draws = new double[perBatch * BATCHES * dimensions];
        NormalDistribution normal = new NormalDistribution();
        Random random = new Random(seed);
        int at = 0;
        for (int batch = 0; batch < BATCHES; batch++) {
            double[] shift = random.doubles(dimensions).toArray();
            for (int i = 0; i < perBatch; i++) {
                double step = 1;
                for (int d = 0; d < dimensions; d++) {
                    step /= root;
                    double uniform = shift[d] + (i + 1) * step;
                    uniform -= Math.floor(uniform);
                    draws[at++] = normal.inverseCumulativeProbability(Math.min(Math.max(uniform, 1e-12), 1 - 1e-12));
                }
            }
        }
        return draws;
    }

    /** The same draws seen in a mirror: what went to the left goes to the right, pace and height stay. */
    public StrokeNoise mirrored() {
        double[] image = draws.clone();
        for (int stroke = 0; stroke < image.length / DIMENSIONS; stroke++) {
            image[stroke * DIMENSIONS + AIM] *= -1;
            image[stroke * DIMENSIONS + SIDE] *= -1;
        }
        double[] slopesImage = slopes.clone();
        for (int stroke = 0; stroke < slopesImage.length / AXES; stroke++) {
            slopesImage[stroke * AXES + 1] *= -1;
        }
        return new StrokeNoise(perBatch, image, slopesImage);
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

    /** Of the slope along the table (0) or across it (1). */
    double slope(int batch, int stroke, int axis) {
        return slopes[(batch * perBatch + stroke) * AXES + axis];
    }
}
