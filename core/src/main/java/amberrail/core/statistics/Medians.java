package amberrail.core.statistics;

import java.util.Arrays;

/** Medians and the median absolute deviation. */
final class Medians {
    /** Makes it the standard deviation of a normal cloud. */
    private static final double TO_SD = 1.482602218505602;

    private Medians() {}

    /** Of one value or more; the middle of the two middle ones where their number is even. */
    static double of(double... values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        return (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
    }

    static double absoluteDeviation(double... values) {
        double median = of(values);
        return TO_SD
                * of(Arrays.stream(values)
                        .map(value -> Math.abs(value - median))
                        .toArray());
    }
}
