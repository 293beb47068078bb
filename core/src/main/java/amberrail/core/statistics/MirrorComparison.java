package amberrail.core.statistics;

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

    public static MirrorComparison of(double[] original, double[] mirror, double level) {
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
        double common = (a.mean() + b.mean()) / 2;
        double turned = (a.mean() - b.mean()) / 2;
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
        double df = MeanAndError.welchDf(a, b);
        double half = Quantile.studentT(1 - (1 - level) / 2, df) * Math.sqrt(a.variance() + b.variance()) / 2;
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
