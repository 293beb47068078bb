package amberrail.app.ability;

import amberrail.app.drills.KnownGrades.Simulated;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.core.statistics.RaschFit;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** The joint model of one skill at one time. Never changed: another result of a student makes another one. */
final class SkillFit {
    private static final double SECONDS_PER_DAY = 86_400;

    private final Instant asOf;
    private final RaschFit fit;
    private final Map<String, Map<String, RaschFit.Row>> rowsOfStudent;
    private final Map<StationOnTable, Integer> stations;
    private final List<RaschFit.Placed> difficulties;

    private SkillFit(
            Instant asOf,
            RaschFit fit,
            Map<String, Map<String, RaschFit.Row>> rowsOfStudent,
            Map<StationOnTable, Integer> stations,
            List<RaschFit.Placed> difficulties) {
        this.asOf = asOf;
        this.fit = fit;
        this.rowsOfStudent = rowsOfStudent;
        this.stations = stations;
        this.difficulties = difficulties;
    }

    /** Of all results of the skill; {@code simulated} are the stations that they can be at, with what simulation says of them. */
    static SkillFit of(
            Instant asOf,
            List<UUID> students,
            Map<StationOnTable, Simulated> simulated,
            List<StationResult> results,
            double rho) {
        Map<String, Map<String, RaschFit.Row>> rows = rows(asOf, students, results);
        return new SkillFit(
                asOf,
                RaschFit.of(ids(students), stations(simulated), all(rows), RaschFit.Prior.USUAL.withRho(rho)),
                rows,
                simulated);
    }

    /** The same from what the last whole fit has found of the stations; empty where simulation says something else of them by now. */
    static Optional<SkillFit> resumed(
            StoredFit stored,
            List<UUID> students,
            Map<StationOnTable, Simulated> simulated,
            List<StationResult> results) {
        if (!stored.calibration().stations().equals(stations(simulated))) {
            return Optional.empty();
        }
        Map<String, Map<String, RaschFit.Row>> rows = rows(stored.asOf(), students, results);
        return Optional.of(new SkillFit(
                stored.asOf(), RaschFit.resumed(ids(students), stored.calibration(), all(rows)), rows, simulated));
    }

    private SkillFit(
            Instant asOf,
            RaschFit fit,
            Map<String, Map<String, RaschFit.Row>> rowsOfStudent,
            Map<StationOnTable, Simulated> simulated) {
        this(asOf, fit, rowsOfStudent, places(simulated), fit.difficulties());
    }

    private static Map<StationOnTable, Integer> places(Map<StationOnTable, Simulated> simulated) {
        Map<StationOnTable, Integer> at = new HashMap<>();
        simulated.keySet().forEach(station -> at.put(station, at.size()));
        return at;
    }

    private static List<RaschFit.Station> stations(Map<StationOnTable, Simulated> simulated) {
        return simulated.entrySet().stream()
                .map(one -> new RaschFit.Station(
                        one.getKey().id(),
                        one.getKey().drill(),
                        one.getValue().predicted(),
                        one.getValue().slope()))
                .toList();
    }

    private static List<String> ids(List<UUID> students) {
        return students.stream().map(UUID::toString).toList();
    }

    private static Map<String, Map<String, RaschFit.Row>> rows(
            Instant asOf, List<UUID> students, List<StationResult> results) {
        Map<String, Map<String, RaschFit.Row>> rows = new HashMap<>();
        students.forEach(id -> rows.put(id.toString(), new LinkedHashMap<>()));
        results.forEach(one -> rows.get(one.studentId().toString()).put(key(one), row(asOf, one)));
        return rows;
    }

    private static List<RaschFit.Row> all(Map<String, Map<String, RaschFit.Row>> rows) {
        return rows.values().stream().flatMap(own -> own.values().stream()).toList();
    }

    StoredFit stored() {
        return new StoredFit(asOf, fit.calibration());
    }

    boolean knows(StationResult result) {
        return rowsOfStudent.containsKey(result.studentId().toString()) && stations.containsKey(result.station());
    }

    /** With one result in place of what it was before: only that student moves. */
    SkillFit with(StationResult result) {
        String student = result.studentId().toString();
        Map<String, RaschFit.Row> own = new LinkedHashMap<>(rowsOfStudent.get(student));
        RaschFit.Row now = row(asOf, result);
        if (now.equals(own.put(key(result), now))) {
            return this;
        }
        Map<String, Map<String, RaschFit.Row>> rows = new HashMap<>(rowsOfStudent);
        rows.put(student, own);
        return new SkillFit(asOf, fit.withResultsOf(student, List.copyOf(own.values())), rows, stations, difficulties);
    }

    /** How alike the tries of one session are, for the next whole fit. */
    double formRho() {
        return fit.formRho(all(rowsOfStudent)).rho();
    }

    private boolean knows(UUID student) {
        return rowsOfStudent.containsKey(student.toString());
    }

    Optional<RaschFit.Placed> ability(UUID student) {
        return knows(student) ? Optional.of(fit.ability(student.toString())) : Optional.empty();
    }

    List<RaschFit.InWeek> weeks(UUID student) {
        return knows(student) ? fit.weeks(student.toString()) : List.of();
    }

    Optional<RaschFit.Change> change(UUID student) {
        return knows(student) ? fit.change(student.toString()) : Optional.empty();
    }

    Optional<RaschFit.Placed> difficulty(StationOnTable station) {
        return Optional.ofNullable(stations.get(station)).map(difficulties::get);
    }

    /** The student's chance at every station of the fit. */
    Map<StationOnTable, RaschFit.Expected> chances(UUID student) {
        if (!knows(student)) {
            return Map.of();
        }
        List<RaschFit.Expected> expected = fit.expected(student.toString());
        Map<StationOnTable, RaschFit.Expected> chances = new LinkedHashMap<>();
        stations.forEach((station, index) -> chances.put(station, expected.get(index)));
        return chances;
    }

    private static String key(StationResult one) {
        return one.place().sessionId() + " " + one.station().id();
    }

    private static RaschFit.Row row(Instant asOf, StationResult one) {
        double age = Duration.between(one.startedAt(), asOf).toSeconds() / SECONDS_PER_DAY;
        return new RaschFit.Row(
                one.studentId().toString(),
                one.station().id(),
                one.place().sessionId().toString(),
                one.count().successes(),
                one.count().tries(),
                Math.max(0, age));
    }
}
