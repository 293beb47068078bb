package amberrail.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** 7 days, 4 weeks, 12 months. */
class BackupRuleTest {
    private static final Instant NOON = Instant.parse("2026-11-28T12:00:00Z");

    private static Set<String> days(Set<Instant> kept) {
        return kept.stream().map(at -> at.toString().substring(0, 10)).collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void ofAYearAndAHalfOfDailyOnesTheRuleKeepsTheseDays() {
        List<Instant> all = new ArrayList<>();
        for (int day = 0; day < 550; day++) {
            all.add(NOON.minus(day, ChronoUnit.DAYS));
        }
        Set<String> kept = days(BackupRule.kept(all));
        // The last seven days.
        assertThat(kept)
                .contains(
                        "2026-11-28",
                        "2026-11-27",
                        "2026-11-26",
                        "2026-11-25",
                        "2026-11-24",
                        "2026-11-23",
                        "2026-11-22");
        // The Sundays of the weeks before, and ends of months.
        assertThat(kept).contains("2026-11-22", "2026-11-15", "2026-11-08", "2026-10-31", "2026-01-31", "2025-12-31");
        assertThat(kept)
                .doesNotContain("2026-11-21", "2026-11-01", "2025-11-30")
                .hasSize(7 + 2 + 11);
    }

    @Test
    void ofSeveralOnOneDayTheNewestStays() {
        Set<Instant> kept = BackupRule.kept(List.of(NOON, NOON.minusSeconds(60), NOON.plusSeconds(60)));
        assertThat(kept).containsExactly(NOON.plusSeconds(60));
    }

    /** A server that was off for months must not lose what it has when it is on again. */
    @Test
    void theNewestSevenDaysThatHaveOneStayHoweverOldTheyAre() {
        List<Instant> old = new ArrayList<>();
        for (int day = 0; day < 5; day++) {
            old.add(NOON.minus(400 + day, ChronoUnit.DAYS));
        }
        old.add(NOON);
        assertThat(BackupRule.kept(old)).containsExactlyInAnyOrderElementsOf(old);
    }

    /** Pruned day after day it comes to the same as pruned once, and the newest is never lost. */
    @Test
    void pruningEveryDayLosesNothingThatTheRuleWouldKeep() {
        Random random = new Random(20);
        Set<Instant> pruned = new TreeSet<>();
        List<Instant> all = new ArrayList<>();
        for (int day = 500; day >= 0; day--) {
            if (random.nextInt(10) > 0) {
                Instant at = NOON.minus(day, ChronoUnit.DAYS).plusSeconds(random.nextInt(3600));
                all.add(at);
                pruned.add(at);
                pruned = new TreeSet<>(BackupRule.kept(pruned));
                assertThat(pruned).contains(at).hasSizeLessThanOrEqualTo(7 + 4 + 12);
            }
        }
        assertThat(pruned).isEqualTo(BackupRule.kept(all));
    }
}
