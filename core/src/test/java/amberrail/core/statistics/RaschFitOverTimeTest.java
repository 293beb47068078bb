package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** One attempt more, and the past: both must say what the whole fit says. */
class RaschFitOverTimeTest {
    private static final int STUDENTS = 12;
    private static final int STATIONS = 20;

    private final List<String> students =
            IntStream.range(0, STUDENTS).mapToObj(s -> "student " + s).toList();
    private final List<RaschFit.Station> stations = IntStream.range(0, STATIONS)
            .mapToObj(i -> new RaschFit.Station("station " + i, "drill " + i / 4, 0.2 + 0.03 * i))
            .toList();
    private final List<RaschFit.Row> rows = rows(new Random(7));

    private List<RaschFit.Row> rows(Random random) {
        List<RaschFit.Row> rows = new ArrayList<>();
        for (int s = 0; s < STUDENTS; s++) {
            for (int session = 0; session < 6; session++) {
                int i = random.nextInt(STATIONS);
                int attempts = 5 + random.nextInt(15);
                rows.add(new RaschFit.Row(
                        students.get(s),
                        stations.get(i).id(),
                        random.nextInt(attempts + 1),
                        attempts,
                        random.nextInt(90)));
            }
        }
        return rows;
    }

    @Test
    void oneAttemptMoreGivesWhatTheWholeFitGives() {
        RaschFit fit = RaschFit.of(students, stations, rows, RaschFit.Prior.USUAL);
        RaschFit.Row before = rows.get(10);
        RaschFit.Row now = new RaschFit.Row(
                before.student(), before.station(), before.made() + 1, before.attempts() + 1, before.ageDays());
        List<RaschFit.Row> changed = new ArrayList<>(rows);
        changed.set(10, now);
        RaschFit whole = RaschFit.of(students, stations, changed, RaschFit.Prior.USUAL);
        RaschFit quick = fit.replaced(Optional.of(before), now);
        for (int s = 0; s < STUDENTS; s++) {
            assertThat(quick.abilities().get(s).logits())
                    .isCloseTo(whole.abilities().get(s).logits(), within(1e-7));
            assertThat(quick.abilities().get(s).se())
                    .isCloseTo(whole.abilities().get(s).se(), within(0.01));
        }
        assertThat(quick.difficulties().get(3).logits())
                .isCloseTo(whole.difficulties().get(3).logits(), within(1e-7));
    }

    @Test
    void thirtyAttemptsOneByOneEndWhereOneFitEnds() {
        RaschFit fit = RaschFit.of(students, stations, rows, RaschFit.Prior.USUAL);
        RaschFit.Row latest = null;
        for (int n = 1; n <= 30; n++) {
            RaschFit.Row now = new RaschFit.Row("student 0", "station 5", n / 3, n, 0);
            fit = fit.replaced(Optional.ofNullable(latest), now);
            latest = now;
        }
        List<RaschFit.Row> all = new ArrayList<>(rows);
        all.add(latest);
        RaschFit whole = RaschFit.of(students, stations, all, RaschFit.Prior.USUAL);
        assertThat(fit.abilities().get(0).logits())
                .isCloseTo(whole.abilities().get(0).logits(), within(1e-6));
    }

    @Test
    void todayAtTheFittedDifficultiesIsTheFittedAbility() {
        RaschFit fit = RaschFit.of(students, stations, rows, RaschFit.Prior.USUAL);
        String student = students.get(4);
        List<AbilityThen.Result> results = rows.stream()
                .filter(row -> row.student().equals(student))
                .map(row -> {
                    int i = Integer.parseInt(row.station().substring("station ".length()));
                    RaschFit.Placed there = fit.difficulties().get(i);
                    return new AbilityThen.Result(
                            there.logits(), there.se(), row.made(), row.attempts(), row.ageDays());
                })
                .toList();
        AbilityThen now = AbilityThen.of(results, RaschFit.Prior.USUAL).orElseThrow();
        RaschFit.Placed fitted = fit.abilities().get(4);
        assertThat(now.logits()).isCloseTo(fitted.logits(), within(1e-9));
        assertThat(now.se()).isCloseTo(fitted.se(), within(0.15 * fitted.se()));
        assertThat(AbilityThen.of(List.of(), RaschFit.Prior.USUAL)).isEmpty();
    }

    @Test
    void allMadeStaysFiniteAndOlderResultsCountLess() {
        AbilityThen fresh = AbilityThen.of(List.of(new AbilityThen.Result(0, 0, 20, 20, 0)), RaschFit.Prior.USUAL)
                .orElseThrow();
        AbilityThen old = AbilityThen.of(List.of(new AbilityThen.Result(0, 0, 20, 20, 180)), RaschFit.Prior.USUAL)
                .orElseThrow();
        assertThat(fresh.logits()).isFinite().isGreaterThan(old.logits());
        assertThat(fresh.se()).isLessThan(old.se());
    }
}
