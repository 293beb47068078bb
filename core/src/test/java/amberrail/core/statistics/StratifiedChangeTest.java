package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.statistics.StratifiedChange.Stratum;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StratifiedChangeTest {
    /** Worked by hand: differences 0.2 of weight 25 and 0.1 of weight 15. */
    @Test
    void differencesAreWeighedByWhatBothSidesHave() {
        StratifiedChange change =
                StratifiedChange.of(List.of(new Stratum(20, 50, 30, 50, 1), new Stratum(6, 20, 24, 60, 1)), 0, 0.95);
        assertThat(change.difference().orElseThrow()).isCloseTo((25 * 0.2 + 15 * 0.1) / 40, within(1e-12));
    }

    /** Easier stations practised more in the later period: the raw share rises, each station stands still, and so does the verdict. */
    @Test
    void anotherMixIsNoChange() {
        StratifiedChange change =
                StratifiedChange.of(List.of(new Stratum(10, 100, 2, 20, 1), new Stratum(16, 20, 80, 100, 1)), 0, 0.95);
        assertThat(change.difference().orElseThrow()).isCloseTo(0, within(1e-12));
        assertThat(change.verdict()).isEqualTo(Verdict.NO_CLEAR_CHANGE_YET);
    }

    /** 4,000 unchanged students with form of the day (a share of its own for each session): at most 6 % get a verdict; seeds tuned on nothing. */
    @Test
    void unchangedStudentsHardlyEverGetAVerdict() {
        Random random = new Random(7_100);
        int spoken = 0;
        for (int i = 0; i < 4_000; i++) {
            List<Stratum> strata = new ArrayList<>();
            for (double share : new double[] {0.25, 0.5, 0.7}) {
                int[] made = new int[2];
                for (int period = 0; period < 2; period++) {
                    for (int session = 0; session < 3; session++) {
                        // A beta of this share with correlation 0.02 within a session, close to a normal.
                        double day = share + Math.sqrt(0.02 * share * (1 - share)) * random.nextGaussian();
                        for (int n = 0; n < 15; n++) {
                            made[period] += random.nextDouble() < day ? 1 : 0;
                        }
                    }
                }
                strata.add(new Stratum(made[0], 45, made[1], 45, 15));
            }
            spoken += StratifiedChange.of(strata, 0.02, 0.95).verdict() == Verdict.NO_CLEAR_CHANGE_YET ? 0 : 1;
        }
        assertThat(spoken / 4_000.0).isBetween(0.03, 0.06);
    }

    @Test
    void nothingInCommonIsNoAnswer() {
        StratifiedChange change = StratifiedChange.of(List.of(new Stratum(0, 0, 5, 10, 1)), 0.02, 0.95);
        assertThat(change.difference()).isEmpty();
        assertThat(change.reason()).contains(Reason.NO_DATA);
    }
}
