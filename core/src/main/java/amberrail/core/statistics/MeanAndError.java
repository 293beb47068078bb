package amberrail.core.statistics;

/**
 * A mean and how unsure it is.
 *
 * @param variance of the mean: s²/n
 */
record MeanAndError(int n, double mean, double variance) {

    /** Of two values or more. */
    static MeanAndError of(double... values) {
        int n = values.length;
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        double mean = sum / n;
        double squares = 0;
        for (double value : values) {
            squares += (value - mean) * (value - mean);
        }
        return new MeanAndError(n, mean, squares / (n - 1) / n);
    }

    /** The variance of ln(mean), to first order. */
    MeanAndError ofLogarithm() {
        return new MeanAndError(n, Math.log(mean), variance / (mean * mean));
    }

    /** Degrees of freedom of a difference of means with variances of their own (Welch 1947). */
    static double welchDf(MeanAndError a, MeanAndError b) {
        return welchDf(a, b, a.variance + b.variance);
    }

    /** The same where more than the two means is unsure: {@code sum} is the variance of the whole difference, the rest of it known exactly. */
    static double welchDf(MeanAndError a, MeanAndError b, double sum) {
        return sum * sum / (a.variance * a.variance / (a.n - 1) + b.variance * b.variance / (b.n - 1));
    }
}
