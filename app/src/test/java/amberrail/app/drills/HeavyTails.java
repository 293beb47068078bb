package amberrail.app.drills;

import java.util.Random;

/** Draws with Student's t of 4 degrees of freedom, scaled to a deviation of 1, where a normal one is asked for: now and then a stroke goes wild. */
final class HeavyTails extends Random {
    private static final long serialVersionUID = 1L;
    private static final int DEGREES_OF_FREEDOM = 4;
    private static final double DEVIATION = Math.sqrt(2);

    HeavyTails(long seed) {
        super(seed);
    }

    @Override
    public synchronized double nextGaussian() {
        double chiSquared = 0;
        for (int i = 0; i < DEGREES_OF_FREEDOM; i++) {
            chiSquared += Math.pow(super.nextGaussian(), 2);
        }
        return super.nextGaussian() / Math.sqrt(chiSquared / DEGREES_OF_FREEDOM) / DEVIATION;
    }
}
