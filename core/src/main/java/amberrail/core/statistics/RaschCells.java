package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The results that {@link RaschFit} is fitted to, by student and station, and the likelihood of abilities and difficulties given them.
 *
 * <p>The unknowns x are the abilities, then what each drill adds to its stations' simulated difficulty, then what each station adds.
 */
final class RaschCells {
    private static final double LEAST_PREDICTED = 0.02;

    final List<String> students;
    final List<RaschFit.Station> stations;
    final double[] prior;
    final RaschFit.Prior belief;
    private final Map<String, Integer> studentAt;
    private final Map<String, Integer> stationAt;
    private final int[] drillOf;
    private final int drills;
    private final double[] precision;
    private final double[][] made;
    private final double[][] attempts;
    private final int[][] counts;

    RaschCells(List<String> students, List<RaschFit.Station> stations, List<RaschFit.Row> rows, RaschFit.Prior belief) {
        this.students = List.copyOf(students);
        this.stations = List.copyOf(stations);
        this.belief = belief;
        studentAt = indices("students", students);
        stationAt = indices(
                "stations.id", stations.stream().map(RaschFit.Station::id).toList());
        Map<String, Integer> drillAt = new HashMap<>();
        prior = new double[stations.size()];
        drillOf = new int[stations.size()];
        for (int i = 0; i < stations.size(); i++) {
            prior[i] = simulatedDifficulty(stations.get(i).predicted());
            drillOf[i] = drillAt.computeIfAbsent(stations.get(i).drill(), k -> drillAt.size());
        }
        drills = drillAt.size();
        precision = new double[students.size() + drills + stations.size()];
        Arrays.fill(precision, 0, students.size(), 1 / (belief.sdAbility() * belief.sdAbility()));
        Arrays.fill(precision, students.size(), students.size() + drills, 1 / (belief.sdDrill() * belief.sdDrill()));
        Arrays.fill(
                precision, students.size() + drills, precision.length, 1 / (belief.sdStation() * belief.sdStation()));
        made = new double[students.size()][stations.size()];
        attempts = new double[students.size()][stations.size()];
        counts = new int[students.size() + stations.size()][2];
        rows.forEach(row -> add(row, 1));
    }

    /** A copy with one row in another's place; the rest is shared, since nobody writes to it. */
    private RaschCells(RaschCells other, int student, int station) {
        students = other.students;
        stations = other.stations;
        belief = other.belief;
        prior = other.prior;
        studentAt = other.studentAt;
        stationAt = other.stationAt;
        drillOf = other.drillOf;
        drills = other.drills;
        precision = other.precision;
        made = copied(other.made, student);
        attempts = copied(other.attempts, student);
        counts = other.counts.clone();
        counts[student] = counts[student].clone();
        counts[students.size() + station] = counts[students.size() + station].clone();
    }

    private static double[][] copied(double[][] rows, int own) {
        double[][] copy = rows.clone();
        copy[own] = rows[own].clone();
        return copy;
    }

    /** In logits, of a predicted success rate; cut off where simulation can no longer tell. */
    static double simulatedDifficulty(double predicted) {
        if (!(predicted >= 0 && predicted <= 1)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PROBABILITY, "stations.predicted", predicted, "must be from 0 to 1");
        }
        double clipped = Math.min(1 - LEAST_PREDICTED, Math.max(LEAST_PREDICTED, predicted));
        return -Math.log(clipped / (1 - clipped));
    }

    RaschCells replaced(RaschFit.Row before, RaschFit.Row now) {
        RaschCells changed = new RaschCells(this, student(now), station(now));
        if (before != null) {
            changed.add(before, -1);
        }
        changed.add(now, 1);
        return changed;
    }

    private void add(RaschFit.Row row, int sign) {
        int s = student(row);
        int i = station(row);
        double weight = sign * weight(row, belief);
        made[s][i] += weight * row.made();
        attempts[s][i] += weight * row.attempts();
        for (int where : new int[] {s, students.size() + i}) {
            counts[where][0] += sign * row.made();
            counts[where][1] += sign * row.attempts();
        }
    }

    /** How much a result counts: less with age, and attempts of one session hang together. */
    static double weight(RaschFit.Row row, RaschFit.Prior belief) {
        if (row.made() < 0 || row.attempts() < 0 || row.made() > row.attempts()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_COUNT, "rows.made", row.made(), "must be from 0 to the attempts");
        }
        Require.notNegative("rows.ageDays", row.ageDays());
        double faded = belief.halfLifeDays()
                .map(days -> Math.pow(0.5, row.ageDays() / days))
                .orElse(1.0);
        return faded / (1 + (Math.max(1, row.attempts()) - 1) * belief.rho());
    }

    int student(RaschFit.Row row) {
        return known("rows.student", row.student(), studentAt);
    }

    int station(RaschFit.Row row) {
        return known("rows.station", row.station(), stationAt);
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

    private static int known(String field, String id, Map<String, Integer> at) {
        Integer index = at.get(id);
        if (index == null) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, field, id, "must be one of those given");
        }
        return index;
    }

    int unknowns() {
        return precision.length;
    }

    int drillUnknown(int station) {
        return students.size() + drillOf[station];
    }

    int stationUnknown(int station) {
        return students.size() + drills + station;
    }

    /** Made and attempts of a student. */
    int[] countsOfStudent(int student) {
        return counts[student];
    }

    int[] countsOfStation(int station) {
        return counts[students.size() + station];
    }

    double difficulty(double[] x, int station) {
        return prior[station] + x[drillUnknown(station)] + x[stationUnknown(station)];
    }

    /** The information that a student's results at a station carry: weighted attempts times p(1 - p). */
    double information(double[] x, int student, int station) {
        double p = logistic(x[student] - difficulty(x, station));
        return attempts[student][station] * p * (1 - p);
    }

    /** The penalised log likelihood. */
    double objective(double[] x) {
        double sum = 0;
        for (int s = 0; s < students.size(); s++) {
            for (int i = 0; i < stations.size(); i++) {
                if (attempts[s][i] > 0) {
                    double logit = x[s] - difficulty(x, i);
                    sum -= made[s][i] * softplus(-logit) + (attempts[s][i] - made[s][i]) * softplus(logit);
                }
            }
        }
        for (int j = 0; j < x.length; j++) {
            sum -= precision[j] * x[j] * x[j] / 2;
        }
        return sum;
    }

    /** Its gradient, and with {@code hessian} the negative of its second derivatives, added to the zeros given. */
    double[] gradient(double[] x, double[][] hessian) {
        double[] gradient = new double[x.length];
        for (int j = 0; j < x.length; j++) {
            gradient[j] = -precision[j] * x[j];
            if (hessian != null) {
                hessian[j][j] = precision[j];
            }
        }
        for (int s = 0; s < students.size(); s++) {
            for (int i = 0; i < stations.size(); i++) {
                if (attempts[s][i] > 0) {
                    double p = logistic(x[s] - difficulty(x, i));
                    double residual = made[s][i] - attempts[s][i] * p;
                    int[] at = {s, drillUnknown(i), stationUnknown(i)};
                    for (int a = 0; a < at.length; a++) {
                        gradient[at[a]] += SIGN[a] * residual;
                    }
                    if (hessian != null) {
                        addOuter(hessian, at, attempts[s][i] * p * (1 - p));
                    }
                }
            }
        }
        return gradient;
    }

    /** A row of the design: the student's ability, less what drill and station add. */
    static final int[] SIGN = {1, -1, -1};

    private static void addOuter(double[][] hessian, int[] at, double weight) {
        for (int a = 0; a < at.length; a++) {
            for (int b = 0; b < at.length; b++) {
                hessian[at[a]][at[b]] += SIGN[a] * SIGN[b] * weight;
            }
        }
    }

    static double logistic(double value) {
        return 1 / (1 + Math.exp(-value));
    }

    private static double softplus(double value) {
        return value > 30 ? value : Math.log1p(Math.exp(value));
    }
}
