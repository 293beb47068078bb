package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.statistics.MirrorComparison.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Distances and mirror comparisons with none, few, censored and equal landings: a value or a reason, never NaN. */
class FewLandingsTest {
    private static final double LEVEL = 0.95;

    @Test
    void withoutLandingsThereIsAReasonAndNoFigure() {
        RadialSummary none = RadialSummary.of(List.of(), 0, LEVEL);
        assertThat(none.n()).isZero();
        assertThat(none.mean()).isEmpty();
        assertThat(none.median()).isEmpty();
        assertThat(none.reason()).hasValue(Reason.NO_DATA);
    }

    @Test
    void scratchesAreWorseThanAnyLanding() {
        RadialSummary mostly = RadialSummary.of(List.of(10.0, 20.0), 3, LEVEL);
        assertThat(mostly.n()).isEqualTo(5);
        assertThat(mostly.median()).as("the median is a scratch").isEmpty();
        assertThat(mostly.reason()).hasValue(Reason.MOSTLY_CENSORED);
        assertThat(mostly.mean()).as("of the landings alone").hasValue(15.0);
        RadialSummary one = RadialSummary.of(List.of(10.0, 20.0, 30.0), 1, LEVEL);
        assertThat(one.median()).as("between the 2nd and 3rd of 4").hasValue(25.0);
        RadialSummary all = RadialSummary.of(List.of(), 4, LEVEL);
        assertThat(all.mean()).isEmpty();
        assertThat(all.reason()).hasValue(Reason.MOSTLY_CENSORED);
    }

    @Test
    void theIntervalOfAMedianNeedsSixAtNinetyFivePerCent() {
        assertThat(RadialSummary.of(upTo(5), 0, LEVEL).medianLower()).isEmpty();
        assertThat(RadialSummary.of(upTo(5), 0, LEVEL).reason()).hasValue(Reason.TOO_FEW);
        RadialSummary six = RadialSummary.of(upTo(6), 0, LEVEL);
        assertThat(six.medianLower()).hasValue(1.0);
        assertThat(six.medianUpper()).hasValue(6.0);
        assertThat(six.reason()).isEmpty();
        RadialSummary open = RadialSummary.of(upTo(5), 1, LEVEL);
        assertThat(open.medianLower()).hasValue(1.0);
        assertThat(open.medianUpper())
                .as("no upper end: the worst was a scratch")
                .isEmpty();
    }

    @Test
    void theIntervalHoldsTheTrueMedianAsOftenAsItSays() {
        Random random = new Random(61);
        int held = 0;
        int rounds = 2_000;
        for (int i = 0; i < rounds; i++) {
            List<Double> radii = new ArrayList<>();
            for (int k = 0; k < 15; k++) {
                radii.add(-100 * Math.log(1 - random.nextDouble()));
            }
            RadialSummary summary = RadialSummary.of(radii, 0, LEVEL);
            double truth = 100 * Math.log(2);
            held += summary.medianLower().orElseThrow() <= truth
                            && truth <= summary.medianUpper().orElseThrow()
                    ? 1
                    : 0;
        }
        // By ranks it is at least the level: 96.5 % for 15.
        assertThat((double) held / rounds).isBetween(0.95, 0.98);
    }

    @Test
    void oddValuesAreNamed() {
        assertThatThrownBy(() -> RadialSummary.of(List.of(1.0), -1, LEVEL)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> RadialSummary.of(List.of(-1.0), 0, LEVEL)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> RadialSummary.of(List.of(Double.NaN), 0, LEVEL))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> RadialSummary.of(List.of(1.0), 0, 1)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> MirrorComparison.of(
                        new double[] {1, 2, Double.NaN},
                        new double[] {1, 2, 3},
                        MirrorComparison.Expected.NOTHING,
                        LEVEL))
                .isInstanceOf(InvalidInputException.class);
    }

    @Test
    void fewerThanThreeOnASideSayNothingAboutTheMirror() {
        MirrorComparison few = MirrorComparison.of(
                new double[] {1, 2}, new double[] {1, 2, 3, 4}, MirrorComparison.Expected.NOTHING, LEVEL);
        assertThat(few.finding()).isEqualTo(Finding.NO_CLEAR_DIFFERENCE_YET);
        assertThat(few.reason()).hasValue(Reason.TOO_FEW);
        assertThat(few.common()).isEmpty();
    }

    @Test
    void equalLandingsHaveNoIntervalAndNoVerdict() {
        MirrorComparison equal = MirrorComparison.of(
                new double[] {5, 5, 5}, new double[] {5, 5, 5}, MirrorComparison.Expected.NOTHING, LEVEL);
        assertThat(equal.common()).hasValue(5.0);
        assertThat(equal.commonInterval()).isEmpty();
        assertThat(equal.reason()).hasValue(Reason.ZERO_SPREAD);
        assertThat(equal.finding()).isEqualTo(Finding.NO_CLEAR_DIFFERENCE_YET);
    }

    @Test
    void eachKindOfStrayingIsFoundForWhatItIs() {
        double[] left = {19, 20, 21, 20};
        double[] right = {-19, -20, -21, -20};
        double[] straight = {-1, 0, 1, 0};
        double[] far = {39, 40, 41, 40};
        assertThat(finding(left, left)).isEqualTo(Finding.SAME_SIDE_OF_THE_TABLE);
        assertThat(finding(left, right)).isEqualTo(Finding.SAME_SIDE_OF_THE_SHOT);
        assertThat(finding(far, straight)).isEqualTo(Finding.BOTH);
        assertThat(finding(straight, straight)).isEqualTo(Finding.NO_CLEAR_DIFFERENCE_YET);
        MirrorComparison both = MirrorComparison.of(far, straight, MirrorComparison.Expected.NOTHING, LEVEL);
        assertThat(both.common().orElseThrow()).isCloseTo(20, within(1e-12));
        assertThat(both.mirrored().orElseThrow()).isCloseTo(20, within(1e-12));
    }

    private static Finding finding(double[] original, double[] mirror) {
        return MirrorComparison.of(original, mirror, MirrorComparison.Expected.NOTHING, LEVEL)
                .finding();
    }

    private static List<Double> upTo(int n) {
        List<Double> radii = new ArrayList<>();
        for (int i = n; i >= 1; i--) {
            radii.add((double) i);
        }
        return radii;
    }
}
