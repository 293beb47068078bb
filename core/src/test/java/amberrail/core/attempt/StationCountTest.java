package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.TryResult;
import amberrail.core.statistics.ArrivalError;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Counted by hand. */
class StationCountTest {
    private static final AdvancingRule TWO_IN_A_ROW = new AdvancingRule.InARow(2, 20);

    private static StationCount.Counted played(
            int id, boolean mirrored, PotOutcome outcome, boolean success, Double line, Double speed) {
        return new StationCount.Counted(
                id,
                0,
                mirrored,
                true,
                outcome,
                new Judgement(success ? TryResult.SUCCESS : TryResult.FAILURE, List.of(), success ? 1 : 0),
                Optional.ofNullable(line).map(l -> new ArrivalError(l, speed)));
    }

    @Test
    void spreadIsAboutEachSidesOwnMeanAndMissesStayOut() {
        StationCount count = StationCount.of(
                List.of(
                        played(1, false, PotOutcome.POTTED_CLEAN, true, 10.0, 0.0),
                        played(2, false, PotOutcome.POTTED_CLEAN, true, 14.0, 0.5),
                        played(3, false, PotOutcome.MISSED_THICK, false, 500.0, 500.0),
                        played(4, true, PotOutcome.POTTED_CLEAN, true, -50.0, 3.0),
                        played(5, true, PotOutcome.OFF_THIN_JAW, false, -54.0, 5.0),
                        played(6, true, PotOutcome.MISSED_THIN, false, null, null)),
                1,
                TWO_IN_A_ROW);
        assertThat(count.attempts()).isEqualTo(6);
        assertThat(count.potted()).isEqualTo(4);
        assertThat(count.thick()).isEqualTo(1);
        assertThat(count.thin()).isEqualTo(1);
        assertThat(count.successes()).isEqualTo(3);
        assertThat(count.landings()).isEqualTo(4);
        assertThat(count.line().freedom()).isEqualTo(2);
        assertThat(count.line().sd().orElseThrow()).isCloseTo(Math.sqrt((8.0 + 8.0) / 2), within(1e-12));
        assertThat(count.radialLogs())
                .isCloseTo(
                        Math.log(10)
                                + Math.log(Math.hypot(14, 0.5))
                                + Math.log(Math.hypot(50, 3))
                                + Math.log(Math.hypot(54, 5)),
                        within(1e-12));
        // The mirror's side was played and not passed.
        assertThat(count.passed()).isFalse();
    }

    @Test
    void onlyOneSidePlayedIsPassedByThatSide() {
        StationCount count = StationCount.of(
                List.of(
                        played(1, false, PotOutcome.POTTED_CLEAN, true, 1.0, 1.0),
                        played(2, false, PotOutcome.POTTED_CLEAN, true, 1.0, 1.0)),
                1,
                TWO_IN_A_ROW);
        assertThat(count.passed()).isTrue();
        assertThat(StationCount.of(List.of(), 1, TWO_IN_A_ROW).passed()).isFalse();
    }
}
