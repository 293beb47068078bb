package amberrail.app.ability;

import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.core.statistics.RaschFit;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** The joint model of one skill at one time. Never changed: an attempt more makes another one. */
final class SkillFit {
    private static final double SECONDS_PER_DAY = 86_400;

    private final Instant asOf;
    private final RaschFit fit;
    private final Map<String, RaschFit.Row> rows;
    private final Map<StationOnTable, Integer> stations;
    private final Map<String, Integer> students;
    private final List<RaschFit.Placed> difficulties;

    private SkillFit(
            Instant asOf,
            RaschFit fit,
            Map<String, RaschFit.Row> rows,
            Map<StationOnTable, Integer> stations,
            Map<String, Integer> students) {
        this.asOf = asOf;
        this.fit = fit;
        this.rows = rows;
        this.stations = stations;
        this.students = students;
        difficulties = fit.difficulties();
    }

    /** Of all results of the skill; {@code simulated} are the stations that they can be at, with the success rate that simulation predicts. */
    static SkillFit of(
            Instant asOf, List<UUID> students, Map<StationOnTable, Double> simulated, List<StationResult> results) {
        Map<StationOnTable, Integer> at = new HashMap<>();
        List<RaschFit.Station> stations = new ArrayList<>();
        simulated.forEach((station, predicted) -> {
            at.put(station, stations.size());
            stations.add(new RaschFit.Station(station.id(), station.drill(), predicted));
        });
        Map<String, Integer> who = new HashMap<>();
        students.forEach(id -> who.put(id.toString(), who.size()));
        Map<String, RaschFit.Row> rows = new LinkedHashMap<>();
        results.stream().filter(one -> one.count().tries() > 0).forEach(one -> rows.put(key(one), row(asOf, one)));
        RaschFit fit = RaschFit.of(
                students.stream().map(UUID::toString).toList(),
                stations,
                List.copyOf(rows.values()),
                RaschFit.Prior.USUAL);
        return new SkillFit(asOf, fit, rows, at, who);
    }

    boolean knows(StationResult result) {
        return students.containsKey(result.studentId().toString()) && stations.containsKey(result.station());
    }

    /** With one result in place of what it was before. */
    SkillFit with(StationResult result) {
        Map<String, RaschFit.Row> changed = new LinkedHashMap<>(rows);
        RaschFit.Row now = row(asOf, result);
        RaschFit.Row before = changed.put(key(result), now);
        return now.equals(before)
                ? this
                : new SkillFit(asOf, fit.replaced(Optional.ofNullable(before), now), changed, stations, students);
    }

    Optional<RaschFit.Placed> ability(UUID student) {
        return Optional.ofNullable(students.get(student.toString()))
                .map(index -> fit.abilities().get(index));
    }

    Optional<RaschFit.Placed> difficulty(StationOnTable station) {
        return Optional.ofNullable(stations.get(station)).map(difficulties::get);
    }

    /** The student's chance at every station of the fit. */
    Map<StationOnTable, RaschFit.Expected> chances(UUID student) {
        if (!students.containsKey(student.toString())) {
            return Map.of();
        }
        List<RaschFit.Expected> expected = fit.expected(student.toString());
        Map<StationOnTable, RaschFit.Expected> chances = new LinkedHashMap<>();
        stations.forEach((station, index) -> chances.put(station, expected.get(index)));
        return chances;
    }

    private static String key(StationResult one) {
        return one.studentId() + " " + one.place().sessionId() + " "
                + one.station().id();
    }

    private static RaschFit.Row row(Instant asOf, StationResult one) {
        double age = Duration.between(one.startedAt(), asOf).toSeconds() / SECONDS_PER_DAY;
        return new RaschFit.Row(
                one.studentId().toString(),
                one.station().id(),
                one.count().successes(),
                one.count().tries(),
                Math.max(0, age));
    }
}
