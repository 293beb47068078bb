package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a {@link RaschFit} is made of: everybody's results by student, and what was made and tried at each station.
 *
 * @param studentAt     the place of each student in the order given; {@code stationAt} likewise
 * @param stationCounts of each station tries that succeeded, and tries
 */
record RaschData(
        List<String> students,
        StationScale scale,
        Map<String, Integer> studentAt,
        Map<String, Integer> stationAt,
        List<StudentResults> results,
        int[][] stationCounts) {
    static RaschData of(
            List<String> students, List<RaschFit.Station> stations, List<RaschFit.Row> rows, RaschFit.Prior belief) {
        Map<String, Integer> studentAt = indices("students", students);
        Map<String, Integer> stationAt = indices(
                "stations.id", stations.stream().map(RaschFit.Station::id).toList());
        StationScale scale = new StationScale(stations, belief);
        List<List<RaschFit.Row>> byStudent = new ArrayList<>();
        students.forEach(one -> byStudent.add(new ArrayList<>()));
        int[][] stationCounts = new int[stations.size()][2];
        for (RaschFit.Row row : rows) {
            Integer s = studentAt.get(row.student());
            if (s == null) {
                throw new InvalidInputException(
                        ProblemCode.UNKNOWN_ID, "rows.student", row.student(), "must be one of those given");
            }
            byStudent.get(s).add(row);
            Integer i = stationAt.get(row.station());
            if (i != null) {
                stationCounts[i][0] += row.made();
                stationCounts[i][1] += row.attempts();
            }
        }
        List<StudentResults> results = byStudent.stream()
                .map(own -> new StudentResults(own, stationAt, scale, belief))
                .toList();
        return new RaschData(List.copyOf(students), scale, studentAt, stationAt, results, stationCounts);
    }

    private static Map<String, Integer> indices(String field, List<String> ids) {
        Map<String, Integer> at = new HashMap<>();
        for (int i = 0; i < ids.size(); i++) {
            if (at.put(ids.get(i), i) != null) {
                throw new InvalidInputException(ProblemCode.DUPLICATE_ID, field, ids.get(i), "must be there only once");
            }
        }
        return at;
    }

    /** With one student's results in place of what they were. */
    RaschData with(int student, StudentResults now) {
        List<StudentResults> others = new ArrayList<>(results);
        others.set(student, now);
        return new RaschData(students, scale, studentAt, stationAt, others, stationCounts);
    }

    /** The place of a student; {@code UNKNOWN_ID} if there is none. */
    int student(String id) {
        Integer s = studentAt.get(id);
        if (s == null) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "student", id, "must be one of those fitted");
        }
        return s;
    }
}
