package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** One student's results by week and station, weighed for tries of one session hanging together; the weeks that count are those with tries, now, and six weeks ago. */
final class StudentResults {
    /** Weighted counts at one station in one week. */
    record Cell(int week, int station, double made, double attempts) {}

    private final int[] weeks;
    private final double[][] precision;
    private final List<Cell> cells;
    /** Unknowns of the stations and their drills that the student has tried, rising. */
    private final int[] touched;

    private final int[] counts = new int[2];
    private final int[] triesLately = new int[2];

    StudentResults(List<RaschFit.Row> rows, Map<String, Integer> stationAt, StationScale scale, RaschFit.Prior belief) {
        Map<String, Integer> triesOfSession = new HashMap<>();
        TreeSet<Integer> all = new TreeSet<>(List.of(0, AbilityWalk.SIX_WEEKS_AGO));
        for (RaschFit.Row row : rows) {
            require(row);
            triesOfSession.merge(row.session(), row.attempts(), Integer::sum);
            if (row.attempts() > 0) {
                all.add(AbilityWalk.week(row.ageDays()));
            }
        }
        weeks = all.stream().mapToInt(Integer::intValue).toArray();
        precision = AbilityWalk.precision(weeks, belief);
        Map<Long, double[]> sums = new LinkedHashMap<>();
        TreeSet<Integer> unknowns = new TreeSet<>();
        for (RaschFit.Row row : rows) {
            Integer station = stationAt.get(row.station());
            if (station == null) {
                throw new InvalidInputException(
                        ProblemCode.UNKNOWN_ID, "rows.station", row.station(), "must be one of those given");
            }
            if (row.attempts() == 0) {
                continue;
            }
            int week = Arrays.binarySearch(weeks, AbilityWalk.week(row.ageDays()));
            double weight = 1 / (1 + (triesOfSession.get(row.session()) - 1) * belief.rho());
            double[] sum = sums.computeIfAbsent((long) week << 32 | station, k -> new double[2]);
            sum[0] += weight * row.made();
            sum[1] += weight * row.attempts();
            counts[0] += row.made();
            counts[1] += row.attempts();
            triesLately[weeks[week] < AbilityWalk.SIX_WEEKS_AGO ? 0 : 1] += row.attempts();
            unknowns.add(scale.drillUnknown(station));
            unknowns.add(scale.stationUnknown(station));
        }
        List<Cell> found = new ArrayList<>();
        sums.forEach((key, sum) -> found.add(new Cell((int) (key >> 32), (int) (long) key, sum[0], sum[1])));
        cells = List.copyOf(found);
        touched = unknowns.stream().mapToInt(Integer::intValue).toArray();
    }

    private static void require(RaschFit.Row row) {
        if (row.made() < 0 || row.attempts() < 0 || row.made() > row.attempts()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_COUNT, "rows.made", row.made(), "must be from 0 to the attempts");
        }
        Require.notNegative("rows.ageDays", row.ageDays());
    }

    /** Rising; 0 is now. */
    int[] weeks() {
        return weeks;
    }

    double[][] precision() {
        return precision;
    }

    List<Cell> cells() {
        return cells;
    }

    int[] touched() {
        return touched;
    }

    /** Made and attempts, unweighted. */
    int[] counts() {
        return counts;
    }

    int triesInTheLastSixWeeks() {
        return triesLately[0];
    }

    int triesBefore() {
        return triesLately[1];
    }

    /** Penalised log likelihood at abilities by week and what data add to the stations. */
    double objective(double[] theta, double[] u, StationScale scale) {
        double sum = 0;
        for (Cell cell : cells) {
            double logit = scale.slope(cell.station()) * (theta[cell.week()] - scale.difficulty(u, cell.station()));
            sum -= cell.made() * softplus(-logit) + (cell.attempts() - cell.made()) * softplus(logit);
        }
        for (int i = 0; i < theta.length; i++) {
            for (int j = 0; j < theta.length; j++) {
                sum -= precision[i][j] * theta[i] * theta[j] / 2;
            }
        }
        return sum;
    }

    private static double softplus(double x) {
        return x > 30 ? x : Math.log1p(Math.exp(x));
    }
}
