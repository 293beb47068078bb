package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.PracticeTime.Stretch;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Minutes of practice as a watch would stop them. */
class PracticeTimeTest {
    private static final long MINUTE = 60_000;

    private static double minutes(List<Stretch> stretches, Long... shotsAtMinutes) {
        return PracticeTime.minutes(
                stretches,
                List.of(shotsAtMinutes).stream().map(at -> at * MINUTE).toList());
    }

    private static Stretch stretch(long from, long to) {
        return new Stretch(from * MINUTE, to * MINUTE);
    }

    @Test
    void shotsCloseTogetherCountTheWholeStretch() {
        assertThat(minutes(List.of(stretch(0, 20)), 5L, 12L)).isCloseTo(20, within(1e-9));
    }

    @Test
    void aPauseIsLeftOut() {
        assertThat(minutes(List.of(stretch(0, 8), stretch(30, 35)), 4L, 32L)).isCloseTo(13, within(1e-9));
    }

    @Test
    void aBreakThatNobodyToldCountsTenMinutesAtMost() {
        assertThat(minutes(List.of(stretch(0, 120)), 5L))
                .as("5, then 10 of 115")
                .isCloseTo(15, within(1e-9));
        assertThat(minutes(List.of(stretch(0, 600)))).isCloseTo(10, within(1e-9));
    }

    @Test
    void shotsOutsideEveryStretchAndInAnyOrderChangeNothing() {
        assertThat(minutes(List.of(stretch(10, 14)), 99L, 13L, 11L, 2L)).isCloseTo(4, within(1e-9));
        assertThat(minutes(List.of())).isZero();
    }
}
