package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Good visits push the next one away, a bad one brings it back, a short one changes nothing. */
class SpacingTest {
    private static final Spacing.Visit GOOD = new Spacing.Visit(7, 10);
    private static final Spacing.Visit BAD = new Spacing.Visit(3, 10);
    private static final Spacing.Visit SHORT = new Spacing.Visit(4, 4);

    @Test
    void theIntervalFollowsTheVisits() {
        assertThat(Spacing.after(List.of(GOOD, GOOD, GOOD), 3).intervalDays()).isEqualTo(8);
        assertThat(Spacing.after(List.of(GOOD, GOOD, BAD), 3).intervalDays()).isEqualTo(1);
        assertThat(Spacing.after(List.of(GOOD, SHORT), 3).intervalDays()).isEqualTo(2);
        assertThat(Spacing.after(List.of(GOOD, GOOD, GOOD, GOOD, GOOD, GOOD, GOOD), 0)
                        .intervalDays())
                .isEqualTo(32);
    }

    @Test
    void itIsDueOnceTheIntervalIsOver() {
        assertThat(Spacing.after(List.of(GOOD, GOOD), 3.9).due()).isFalse();
        assertThat(Spacing.after(List.of(GOOD, GOOD), 4).due()).isTrue();
    }
}
