package amberrail.core.rack;

import java.util.Random;

/** Standard normal draws of one shot: aim, pace, height, side, and the slope along and across. */
final class RackDraws {
    static final int EACH = 6;

    private RackDraws() {}

    /** Of the n-th shot of a run: the same whoever plays it and however. */
    static double[] ofShot(long seed, int shot) {
        return of(new Random(mixed(seed, shot)));
    }

    /** In pairs that are each other's opposite, so that a handful is balanced. */
    static double[][] balanced(int count, long seed) {
        double[][] draws = new double[count][];
        Random random = new Random(seed);
        for (int i = 0; i < count; i += 2) {
            draws[i] = of(random);
            if (i + 1 < count) {
                draws[i + 1] = opposite(draws[i]);
            }
        }
        return draws;
    }

    private static double[] of(Random random) {
        double[] draws = new double[EACH];
        for (int i = 0; i < EACH; i++) {
            draws[i] = random.nextGaussian();
        }
        return draws;
    }

    private static double[] opposite(double[] draws) {
        double[] opposite = new double[EACH];
        for (int i = 0; i < EACH; i++) {
            opposite[i] = -draws[i];
        }
        return opposite;
    }

    /** Neighbouring seeds must not give neighbouring draws (SplitMix64's finisher, Steele et al. 2014). */
    static long mixed(long seed, long more) {
        long z = seed + 0x9E3779B97F4A7C15L * (more + 1);
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
