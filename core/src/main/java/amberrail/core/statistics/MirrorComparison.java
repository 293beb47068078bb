package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.Optional;

/**
 * Line errors of original and mirror: what both share sits with the student or the table, what turns round with the drill sits with the shot.
 *
 * @param common   the same in both, left of travel positive (mm)
 * @param mirrored turned round by the mirror
 * @param finding  which of them is more than chance
 * @see "statistics/methods.md, mirrorCompare; Welch 1947"
 */
public record MirrorComparison(
        Optional<Double> common,
        Optional<Interval> commonInterval,
        Optional<Double> mirrored,
        Optional<Interval> mirroredInterval,
        Optional<Double> df,
        Finding finding,
        Optional<Reason> reason) {
    private static final int FEWEST = 3;

    /** What original and mirror say together. */
    public enum Finding {
        SAME_SIDE_OF_THE_TABLE("same side of the table"),
        SAME_SIDE_OF_THE_SHOT("same side of the shot"),
        BOTH("both"),
        NO_CLEAR_DIFFERENCE_YET("no clear difference yet");

        private final String words;

        Finding(String words) {
            this.words = words;
        }

        /** As methods.md writes it. */
        public String words() {
            return words;
        }
    }

    /**
     * What the simulation expects of a student without any bias: the stroke itself may land off its line.
     *
     * @param originalMillimetres mean line error of the original's clean pots
     * @param originalVariance    how unsure that mean is (mm²)
     */
    public record Expected(
            double originalMillimetres, double mirrorMillimetres, double originalVariance, double mirrorVariance) {
        /** Nothing is known of the stroke: it is taken to land on its line. */
        public static final Expected NOTHING = new Expected(0, 0, 0, 0);

        public Expected {
            Require.finite("expectedOriginal", originalMillimetres);
            Require.finite("expectedMirror", mirrorMillimetres);
            notNegative("expectedOriginalVariance", originalVariance);
            notNegative("expectedMirrorVariance", mirrorVariance);
        }

        private static void notNegative(String field, double variance) {
            Require.finite(field, variance);
            if (variance < 0) {
                throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, variance, "must not be negative");
            }
        }
    }

    /**
     * @param original line errors of clean pots, left of travel positive (mm); at least three for a finding
     * @param level    of both findings together: each has half of what is left (Bonferroni)
     */
    public static MirrorComparison of(double[] original, double[] mirror, Expected expected, double level) {
        Require.level(level);
        Arrays.stream(original).forEach(value -> Require.finite("original", value));
        Arrays.stream(mirror).forEach(value -> Require.finite("mirror", value));
        if (original.length < FEWEST || mirror.length < FEWEST) {
            return new MirrorComparison(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Finding.NO_CLEAR_DIFFERENCE_YET,
                    Optional.of(Reason.TOO_FEW));
        }
        MeanAndError a = MeanAndError.of(original);
        MeanAndError b = MeanAndError.of(mirror);
        double here = a.mean() - expected.originalMillimetres();
        double there = b.mean() - expected.mirrorMillimetres();
        double common = (here + there) / 2;
        double turned = (here - there) / 2;
        if (a.variance() + b.variance() == 0) {
            return new MirrorComparison(
                    Optional.of(common),
                    Optional.empty(),
                    Optional.of(turned),
                    Optional.empty(),
                    Optional.empty(),
                    Finding.NO_CLEAR_DIFFERENCE_YET,
                    Optional.of(Reason.ZERO_SPREAD));
        }
        double variance = a.variance() + b.variance() + expected.originalVariance() + expected.mirrorVariance();
        double df = MeanAndError.welchDf(a, b, variance);
        double half = Quantile.studentT(1 - (1 - level) / 4, df) * Math.sqrt(variance) / 2;
        Interval commonInterval = Interval.around(common, half);
        Interval turnedInterval = Interval.around(turned, half);
        return new MirrorComparison(
                Optional.of(common),
                Optional.of(commonInterval),
                Optional.of(turned),
                Optional.of(turnedInterval),
                Optional.of(df),
                finding(!commonInterval.contains(0), !turnedInterval.contains(0)),
                Optional.empty());
    }

    private static Finding finding(boolean common, boolean turned) {
        if (common && turned) {
            return Finding.BOTH;
        }
        if (common) {
            return Finding.SAME_SIDE_OF_THE_TABLE;
        }
        return turned ? Finding.SAME_SIDE_OF_THE_SHOT : Finding.NO_CLEAR_DIFFERENCE_YET;
    }
}
