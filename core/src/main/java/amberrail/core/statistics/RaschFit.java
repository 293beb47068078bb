package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * Abilities of students and difficulties of stations on one scale: logit P(success) = ability - difficulty, with the simulated difficulty as
 * prior, so that a new station is graded before anybody has tried it and data take over.
 *
 * @see "statistics/methods.md, raschFit; Rasch 1960; Mislevy 1986"
 */
public final class RaschFit {
    private static final double LEAST_PREDICTED = 0.02;
    private static final double STOP = 1e-13;
    private static final int MOST_STEPS = 200;
    private static final double MIDDLE_GRADE = 500;
    private static final double POINTS_PER_LOGIT = 100;
    private static final double TWO_SIDED_95 = Quantile.normal(0.975);

    /** A station, the drill it belongs to, and its simulated success rate 1/(1 + e^a) (grading.md). */
    public record Station(String id, String drill, double predicted) {}

    /** Tries of one student at one station in one session. */
    public record Row(String student, String station, int made, int attempts, double ageDays) {}

    /**
     * What is believed before there are data.
     *
     * @param halfLifeDays after which a result counts half; empty: results do not fade
     * @param rho          how alike attempts of one session are
     */
    public record Prior(double sdAbility, double sdDrill, double sdStation, Optional<Double> halfLifeDays, double rho) {
        public static final Prior USUAL = new Prior(1.5, 0.6, 0.4, Optional.of(45.0), 0.05);

        public Prior {
            positive("prior.sdAbility", sdAbility);
            positive("prior.sdDrill", sdDrill);
            positive("prior.sdStation", sdStation);
            halfLifeDays.ifPresent(days -> positive("prior.halfLifeDays", days));
            Require.between("prior.rho", rho, 0, 1);
        }

        private static void positive(String field, double value) {
            if (!(value > 0 && Double.isFinite(value))) {
                throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, value, "must be more than 0");
            }
        }
    }

    /** Where the raw counts leave no room on one side: "at least" or "at most". */
    public enum Note {
        ALL_MADE,
        ALL_MISSED,
        NO_DATA
    }

    /** An ability or a difficulty in logits, and as a grade cut to 0..1000; {@code prior} is the simulated difficulty, 0 for a student. */
    public record Placed(
            String id, double prior, double logits, double se, double grade, double gradeSe, Optional<Note> note) {}

    /** The chance of a student at a station, with its 95 % limits. */
    public record Expected(String student, String station, double p, double lower, double upper) {}

    private final List<String> students;
    private final List<Station> stations;
    private final double[] prior;
    private final int[] drillOf;
    private final int drills;
    /** Abilities, then drills, then stations. */
    private final double[] precision;

    private final double[][] madeWeighted;
    private final double[][] attemptsWeighted;
    private final int[][] counts;
    private final double[] x;
    private final RealMatrix variance;

    private RaschFit(List<String> students, List<Station> stations, List<Row> rows, Prior belief) {
        this.students = List.copyOf(students);
        this.stations = List.copyOf(stations);
        Map<String, Integer> studentAt = indices("students", students);
        Map<String, Integer> stationAt =
                indices("stations.id", stations.stream().map(Station::id).toList());
        Map<String, Integer> drillAt = new HashMap<>();
        prior = new double[stations.size()];
        drillOf = new int[stations.size()];
        for (int i = 0; i < stations.size(); i++) {
            double predicted = stations.get(i).predicted();
            if (!(predicted >= 0 && predicted <= 1)) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PROBABILITY, "stations.predicted", predicted, "must be from 0 to 1");
            }
            double clipped = Math.min(1 - LEAST_PREDICTED, Math.max(LEAST_PREDICTED, predicted));
            prior[i] = -Math.log(clipped / (1 - clipped));
            drillOf[i] = drillAt.computeIfAbsent(stations.get(i).drill(), k -> drillAt.size());
        }
        drills = drillAt.size();
        int n = students.size();
        precision = new double[n + drills + stations.size()];
        java.util.Arrays.fill(precision, 0, n, 1 / (belief.sdAbility * belief.sdAbility));
        java.util.Arrays.fill(precision, n, n + drills, 1 / (belief.sdDrill * belief.sdDrill));
        java.util.Arrays.fill(precision, n + drills, precision.length, 1 / (belief.sdStation * belief.sdStation));
        madeWeighted = new double[n][stations.size()];
        attemptsWeighted = new double[n][stations.size()];
        counts = new int[n + stations.size()][2];
        for (Row row : rows) {
            take(row, belief, studentAt, stationAt);
        }
        x = new double[precision.length];
        variance = newton();
    }

    /**
     * @throws InvalidInputException {@code DUPLICATE_ID}, {@code UNKNOWN_ID}, {@code INVALID_COUNT}, {@code INVALID_PROBABILITY},
     *     {@code NEGATIVE_VALUE} or {@code INVALID_PARAMETER}
     */
    public static RaschFit of(List<String> students, List<Station> stations, List<Row> rows, Prior belief) {
        return new RaschFit(students, stations, rows, belief);
    }

    private void take(Row row, Prior belief, Map<String, Integer> studentAt, Map<String, Integer> stationAt) {
        int s = known("rows.student", row.student(), studentAt);
        int i = known("rows.station", row.station(), stationAt);
        if (row.made() < 0 || row.attempts() < 0 || row.made() > row.attempts()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_COUNT, "rows.made", row.made(), "must be from 0 to the attempts");
        }
        Require.notNegative("rows.ageDays", row.ageDays());
        double faded = belief.halfLifeDays()
                .map(days -> Math.pow(0.5, row.ageDays() / days))
                .orElse(1.0);
        double weight = faded / (1 + (Math.max(1, row.attempts()) - 1) * belief.rho());
        madeWeighted[s][i] += weight * row.made();
        attemptsWeighted[s][i] += weight * row.attempts();
        for (int where : new int[] {s, students.size() + i}) {
            counts[where][0] += row.made();
            counts[where][1] += row.attempts();
        }
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

    private double difficulty(double[] at, int station) {
        return prior[station] + at[students.size() + drillOf[station]] + at[students.size() + drills + station];
    }

    private double objective(double[] at) {
        double sum = 0;
        for (int s = 0; s < students.size(); s++) {
            for (int i = 0; i < stations.size(); i++) {
                if (attemptsWeighted[s][i] > 0) {
                    double logit = at[s] - difficulty(at, i);
                    double missed = attemptsWeighted[s][i] - madeWeighted[s][i];
                    sum -= madeWeighted[s][i] * softplus(-logit) + missed * softplus(logit);
                }
            }
        }
        for (int j = 0; j < at.length; j++) {
            sum -= precision[j] * at[j] * at[j] / 2;
        }
        return sum;
    }

    /** Newton from 0 with halved steps; strictly concave, so there is one answer. Returns the inverse of the last Hessian. */
    private RealMatrix newton() {
        double value = objective(x);
        CholeskyDecomposition hessian = null;
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] gradient = new double[x.length];
            hessian = new CholeskyDecomposition(hessianAndGradient(gradient));
            double[] full = hessian.getSolver()
                    .solve(new ArrayRealVector(gradient, false))
                    .toArray();
            double share = 1;
            double[] next = moved(full, share);
            double found = objective(next);
            while (found < value && share > 1e-12) {
                share /= 2;
                next = moved(full, share);
                found = objective(next);
            }
            double most = 0;
            for (int j = 0; j < x.length; j++) {
                most = Math.max(most, Math.abs(next[j] - x[j]));
            }
            System.arraycopy(next, 0, x, 0, x.length);
            value = found;
            if (most < STOP) {
                break;
            }
        }
        return hessian.getSolver().getInverse();
    }

    private double[] moved(double[] step, double share) {
        double[] next = x.clone();
        for (int j = 0; j < next.length; j++) {
            next[j] += share * step[j];
        }
        return next;
    }

    private RealMatrix hessianAndGradient(double[] gradient) {
        int n = students.size();
        double[][] h = new double[x.length][x.length];
        for (int j = 0; j < x.length; j++) {
            h[j][j] = precision[j];
            gradient[j] = -precision[j] * x[j];
        }
        for (int s = 0; s < n; s++) {
            for (int i = 0; i < stations.size(); i++) {
                double attempts = attemptsWeighted[s][i];
                if (attempts > 0) {
                    double p = logistic(x[s] - difficulty(x, i));
                    double residual = madeWeighted[s][i] - attempts * p;
                    double w = attempts * p * (1 - p);
                    int[] at = {s, n + drillOf[i], n + drills + i};
                    int[] sign = {1, -1, -1};
                    for (int a = 0; a < at.length; a++) {
                        gradient[at[a]] += sign[a] * residual;
                        for (int b = 0; b < at.length; b++) {
                            h[at[a]][at[b]] += sign[a] * sign[b] * w;
                        }
                    }
                }
            }
        }
        return new Array2DRowRealMatrix(h, false);
    }

    /** In the order given. */
    public List<Placed> abilities() {
        List<Placed> placed = new ArrayList<>();
        for (int s = 0; s < students.size(); s++) {
            placed.add(placed(students.get(s), 0, x[s], variance.getEntry(s, s), counts[s]));
        }
        return placed;
    }

    /** In the order given; the error is of drill and station together. */
    public List<Placed> difficulties() {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            int g = students.size() + drillOf[i];
            int e = students.size() + drills + i;
            double v = variance.getEntry(g, g) + variance.getEntry(e, e) + 2 * variance.getEntry(g, e);
            placed.add(placed(stations.get(i).id(), prior[i], difficulty(x, i), v, counts[students.size() + i]));
        }
        return placed;
    }

    private static Placed placed(String id, double prior, double logits, double variance, int[] counts) {
        double se = Math.sqrt(variance);
        double grade = MIDDLE_GRADE + POINTS_PER_LOGIT * logits;
        return new Placed(
                id, prior, logits, se, Math.min(1000, Math.max(0, grade)), POINTS_PER_LOGIT * se, note(counts));
    }

    private static Optional<Note> note(int[] counts) {
        if (counts[1] == 0) {
            return Optional.of(Note.NO_DATA);
        }
        if (counts[0] == counts[1]) {
            return Optional.of(Note.ALL_MADE);
        }
        return counts[0] == 0 ? Optional.of(Note.ALL_MISSED) : Optional.empty();
    }

    /** Every student at every station, students outer. */
    public List<Expected> expected() {
        List<Expected> expected = new ArrayList<>();
        for (int s = 0; s < students.size(); s++) {
            for (int i = 0; i < stations.size(); i++) {
                expected.add(expected(s, i));
            }
        }
        return expected;
    }

    private Expected expected(int s, int i) {
        int g = students.size() + drillOf[i];
        int e = students.size() + drills + i;
        double m = x[s] - difficulty(x, i);
        double v = variance.getEntry(s, s)
                + variance.getEntry(g, g)
                + variance.getEntry(e, e)
                + 2 * variance.getEntry(g, e)
                - 2 * variance.getEntry(s, g)
                - 2 * variance.getEntry(s, e);
        double half = TWO_SIDED_95 * Math.sqrt(v);
        return new Expected(
                students.get(s),
                stations.get(i).id(),
                logistic(m / Math.sqrt(1 + Math.PI * v / 8)),
                logistic(m - half),
                logistic(m + half));
    }

    private static double logistic(double value) {
        return 1 / (1 + Math.exp(-value));
    }

    private static double softplus(double value) {
        return value > 30 ? value : Math.log1p(Math.exp(value));
    }
}
