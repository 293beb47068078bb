package amberrail.bench;

import amberrail.core.statistics.RaschFit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/** The joint model of 200 students and 300 stations: a whole fit, and one attempt more. */
final class AbilityFigures {
    private static final int STUDENTS = 200;
    private static final int STATIONS = 300;
    private static final int STATIONS_OF_A_DRILL = 5;
    private static final int SESSIONS = 50_000;
    private static final int TRIES = 20;
    private static final int WARM_UP = 3;
    private static final int ROUNDS = 7;

    private AbilityFigures() {}

    static void measure(Report report) {
        List<String> students = new ArrayList<>();
        for (int s = 0; s < STUDENTS; s++) {
            students.add("student " + s);
        }
        List<RaschFit.Station> stations = new ArrayList<>();
        Random random = new Random(1);
        for (int i = 0; i < STATIONS; i++) {
            stations.add(new RaschFit.Station(
                    "station " + i, "drill " + i / STATIONS_OF_A_DRILL, 0.1 + 0.8 * random.nextDouble(), 1));
        }
        List<RaschFit.Row> rows = new ArrayList<>();
        for (int n = 0; n < SESSIONS; n++) {
            int made = random.nextInt(TRIES + 1);
            rows.add(new RaschFit.Row(
                    students.get(random.nextInt(STUDENTS)),
                    stations.get(random.nextInt(STATIONS)).id(),
                    "session " + n,
                    made,
                    TRIES,
                    90 * random.nextDouble()));
        }
        List<Double> whole = new ArrayList<>();
        List<Double> oneMore = new ArrayList<>();
        for (int round = 0; round < WARM_UP + ROUNDS; round++) {
            long begun = System.nanoTime();
            RaschFit fit = RaschFit.of(students, stations, rows, RaschFit.Prior.USUAL);
            long fitted = System.nanoTime();
            String student = rows.get(round).student();
            List<RaschFit.Row> theirs = rows.stream()
                    .filter(row -> row.student().equals(student))
                    .collect(Collectors.toCollection(ArrayList::new));
            RaschFit.Row first = theirs.get(0);
            theirs.set(
                    0,
                    new RaschFit.Row(
                            student, first.station(), first.session(), first.made(), TRIES + 1, first.ageDays()));
            long gathered = System.nanoTime();
            fit.withResultsOf(student, theirs);
            long replaced = System.nanoTime();
            if (round >= WARM_UP) {
                whole.add((fitted - begun) / 1e9);
                oneMore.add((replaced - gathered) / 1e6);
            }
        }
        report.add(
                "ability model of 200 students and 300 stations fitted anew (50,000 results), median",
                "under 1 s",
                Percentiles.of(whole).median(),
                "s");
        report.add(
                "the same after one attempt more, median",
                "under 20 ms",
                Percentiles.of(oneMore).median(),
                "ms");
    }
}
