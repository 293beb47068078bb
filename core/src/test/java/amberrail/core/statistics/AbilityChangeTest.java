package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** False alarms and power, by simulation with known abilities. */
class AbilityChangeTest {
    private static final int STUDENTS = 400;
    private static final int SESSIONS = 6;
    private static final int TRIES = 14;
    private static final double DIFFICULTY_SE = 0.25;

    /** One period: each session at one of three stations, whose true difficulty is not quite what is believed. */
    private static List<AbilityChange.Result> period(double ability, double[] wrong, Random random) {
        List<AbilityChange.Result> results = new ArrayList<>();
        for (int session = 0; session < SESSIONS; session++) {
            int station = random.nextInt(wrong.length);
            double believed = -0.5 + 0.5 * station;
            double p = 1 / (1 + Math.exp(-(ability - believed - wrong[station])));
            int made = 0;
            for (int i = 0; i < TRIES; i++) {
                made += random.nextDouble() < p ? 1 : 0;
            }
            results.add(new AbilityChange.Result("station " + station, believed, DIFFICULTY_SE, made, TRIES));
        }
        return results;
    }

    private static double called(Verdict verdict, double before, double after) {
        Random random = new Random(11);
        int count = 0;
        for (int i = 0; i < STUDENTS; i++) {
            double[] wrong = random.doubles(3)
                    .map(u -> DIFFICULTY_SE * Quantile.normal(Math.min(0.999, Math.max(0.001, u))))
                    .toArray();
            AbilityChange change = AbilityChange.of(period(before, wrong, random), period(after, wrong, random));
            count += change.verdict() == verdict ? 1 : 0;
        }
        return (double) count / STUDENTS;
    }

    @Test
    void whoStaysTheSameIsSeldomCalledBetterAndWhoRoseByALogitMostlyIs() {
        // 2.5 % are promised; of 400 a true 2.5 % exceeds 5 % less than once in 100 times.
        assertThat(called(Verdict.BETTER, 0.3, 0.3)).isLessThanOrEqualTo(0.05);
        assertThat(called(Verdict.WORSE, 0.3, 0.3)).isLessThanOrEqualTo(0.05);
        assertThat(called(Verdict.BETTER, 0, 1.2)).isGreaterThan(0.7);
    }

    @Test
    void tooLittleOrOneSidedSaysNothing() {
        List<AbilityChange.Result> few = List.of(new AbilityChange.Result("a", 0, 0.2, 5, 10));
        List<AbilityChange.Result> enough = List.of(new AbilityChange.Result("a", 0, 0.2, 15, 30));
        List<AbilityChange.Result> allMade = List.of(new AbilityChange.Result("a", 0, 0.2, 30, 30));
        assertThat(AbilityChange.of(few, enough).reason()).contains(Reason.TOO_FEW);
        assertThat(AbilityChange.of(enough, allMade).reason()).contains(Reason.TOO_FEW);
        assertThat(AbilityChange.of(List.of(), List.of()).reason()).contains(Reason.NO_DATA);
        assertThat(AbilityChange.of(enough, enough).logits().orElseThrow()).isZero();
    }
}
