package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What the reference cases do not show: one student's news, weeks, whole clubs. */
class RaschFitTest {
    private static final int STATIONS = 12;
    private static final int STUDENTS = 8;
    private static final RaschFit.Prior USUAL = RaschFit.Prior.USUAL;

    private final List<String> students =
            IntStream.range(0, STUDENTS).mapToObj(s -> "student " + s).toList();
    private final List<RaschFit.Station> stations = IntStream.range(0, STATIONS)
            .mapToObj(i -> new RaschFit.Station("station " + i, "drill " + i / 4, 0.2 + 0.05 * i, 0.6 + 0.05 * i))
            .toList();

    /** A session a week, three stations each, sixteen tries; ability moves by so much over the weeks. */
    private List<RaschFit.Row> practice(Random random, int weeks, double gain) {
        List<RaschFit.Row> rows = new ArrayList<>();
        for (int s = 0; s < STUDENTS; s++) {
            double level = random.nextGaussian();
            for (int w = 0; w < weeks; w++) {
                double ability = level - gain * w / (weeks - 1.0);
                for (int k = 0; k < 3; k++) {
                    rows.add(row(random, s, (3 * w + k) % STATIONS, w, ability));
                }
            }
        }
        return rows;
    }

    private RaschFit.Row row(Random random, int student, int station, int week, double ability) {
        RaschFit.Station there = stations.get(station);
        double d = StationScale.simulatedDifficulty(there.predicted());
        double p = 1 / (1 + Math.exp(-there.slope() * (ability - d)));
        int made = (int)
                IntStream.range(0, 16).filter(i -> random.nextDouble() < p).count();
        return new RaschFit.Row("student " + student, there.id(), "session " + week, made, 16, 7.0 * week + 2);
    }

    @Test
    void goingOnFromTheStationsOfAFitIsThatFitAgain() {
        List<RaschFit.Row> rows = practice(new Random(12), 10, 1);
        RaschFit whole = RaschFit.of(students, stations, rows, USUAL.withRho(0.05));
        RaschFit resumed = RaschFit.resumed(students, whole.calibration(), rows);
        assertThat(resumed.difficulties()).isEqualTo(whole.difficulties());
        for (String student : students) {
            RaschFit.Placed again = resumed.ability(student);
            assertThat(again.logits()).isCloseTo(whole.ability(student).logits(), within(1e-6));
            assertThat(again.se()).isCloseTo(whole.ability(student).se(), within(1e-6));
            RaschFit.Expected chance = resumed.expected(student).get(7);
            assertThat(chance.upper()).isCloseTo(whole.expected(student).get(7).upper(), within(1e-6));
        }
    }

    @Test
    void someoneNewIsPlacedAmongTheStationsOfAnEarlierFit() {
        List<RaschFit.Row> rows = practice(new Random(13), 10, 0);
        Calibration known = RaschFit.of(students, stations, rows, USUAL).calibration();
        RaschFit resumed = RaschFit.resumed(
                List.of("student new"),
                known,
                List.of(new RaschFit.Row("student new", "station 2", "tonight", 12, 16, 0)));
        assertThat(resumed.ability("student new").logits()).isPositive();
    }

    @Test
    void stationsOfAnEarlierFitThatDoNotBelongTogetherAreRefused() {
        Calibration known = RaschFit.of(students, stations, List.of(), USUAL).calibration();
        double[] tooShort = Arrays.copyOf(known.unknowns(), 3);
        assertThatThrownBy(() -> new Calibration(known.stations(), known.belief(), tooShort, known.variance()))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("unknowns");
        double[] odd = known.unknowns().clone();
        odd[0] = Double.NaN;
        assertThatThrownBy(() -> new Calibration(known.stations(), known.belief(), odd, known.variance()))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("finite");
    }

    @Test
    void oneStudentsNewsLeadAsGoodAsTheWholeFit() {
        List<RaschFit.Row> rows = practice(new Random(11), 10, 0);
        RaschFit before = RaschFit.of(students, stations, rows, USUAL);
        List<RaschFit.Row> more = new ArrayList<>(rows);
        more.add(new RaschFit.Row("student 3", "station 5", "tonight", 14, 16, 0));
        RaschFit whole = RaschFit.of(students, stations, more, USUAL);
        RaschFit quick = before.withResultsOf(
                "student 3",
                more.stream().filter(row -> row.student().equals("student 3")).toList());
        RaschFit.Placed there = whole.ability("student 3");
        assertThat(quick.ability("student 3").logits()).isCloseTo(there.logits(), within(0.1 * there.se()));
        assertThat(quick.ability("student 3").se()).isCloseTo(there.se(), within(0.05 * there.se()));
        assertThat(quick.ability("student 3").logits())
                .isGreaterThan(before.ability("student 3").logits());
        assertThat(quick.ability("student 4")).isEqualTo(before.ability("student 4"));
    }

    @Test
    void anImproverIsFollowedThroughTheWeeks() {
        RaschFit fit = RaschFit.of(students, stations, practice(new Random(12), 16, 1.5), USUAL);
        int rose = 0;
        for (String student : students) {
            List<RaschFit.InWeek> weeks = fit.weeks(student);
            assertThat(weeks).hasSize(16);
            assertThat(weeks.get(0).weeksAgo()).isEqualTo(15);
            assertThat(weeks.get(15).logits()).isEqualTo(fit.ability(student).logits());
            double gained = weeks.get(15).logits() - weeks.get(0).logits();
            assertThat(gained).as(student).isBetween(0.3, 2.7);
            rose += fit.change(student).orElseThrow().logits() > 0 ? 1 : 0;
        }
        assertThat(rose).isEqualTo(STUDENTS);
        // Everybody gained, and the stations did not become easier by it.
        double moved = IntStream.range(0, STATIONS)
                .mapToDouble(i -> fit.difficulties().get(i).logits()
                        - fit.difficulties().get(i).prior())
                .average()
                .orElseThrow();
        assertThat(moved).isBetween(-0.35, 0.35);
    }

    @Test
    void fewTriesOnEitherSideTellNoChange() {
        List<RaschFit.Row> rows = practice(new Random(13), 6, 0);
        RaschFit fit = RaschFit.of(students, stations, rows, USUAL);
        assertThat(fit.change("student 0")).as("nothing before six weeks ago").isEmpty();
    }

    @Test
    void formOfTheDayIsFoundFromAFit() {
        Random random = new Random(14);
        List<RaschFit.Row> rows = new ArrayList<>();
        for (int s = 0; s < STUDENTS; s++) {
            for (int w = 0; w < 30; w++) {
                double form = 0.7 * random.nextGaussian();
                for (int k = 0; k < 3; k++) {
                    rows.add(row(random, s, (3 * w + k) % STATIONS, w, form));
                }
            }
        }
        double uneven =
                RaschFit.of(students, stations, rows, USUAL).formRho(rows).rho();
        List<RaschFit.Row> steady = practice(random, 30, 0);
        double even =
                RaschFit.of(students, stations, steady, USUAL).formRho(steady).rho();
        assertThat(uneven).isGreaterThan(even + 0.02);
    }

    @Test
    void aStrangerIsRefused() {
        RaschFit fit = RaschFit.of(students, stations, List.of(), USUAL);
        assertThatThrownBy(() -> fit.ability("nobody")).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() ->
                        fit.withResultsOf("student 0", List.of(new RaschFit.Row("student 0", "nowhere", "x", 1, 2, 0))))
                .isInstanceOf(InvalidInputException.class);
    }

    /** Two years of weekly practice, all made or all missed at one station: finite, and quick. */
    @Test
    void nothingIsInfinite() {
        for (int made : new int[] {0, 16}) {
            List<RaschFit.Row> rows = new ArrayList<>();
            for (int w = 0; w < 200; w++) {
                rows.add(new RaschFit.Row("student 0", "station 11", "session " + w, made, 16, 7.0 * w));
            }
            RaschFit fit = RaschFit.of(students, stations, rows, USUAL);
            assertThat(fit.ability("student 0").logits()).isFinite();
            assertThat(fit.ability("student 0").grade()).isBetween(0.0, 1000.0);
            assertThat(fit.weeks("student 0")).hasSize(AbilityWalk.MOST_WEEKS + 1);
            assertThat(fit.expected("student 0"))
                    .allSatisfy(one -> assertThat(one.p()).isBetween(0.0, 1.0));
        }
    }
}
