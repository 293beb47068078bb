package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;

/**
 * Abilities of students and difficulties of stations on one scale: logit P(success) = ability - difficulty, with the simulated difficulty as
 * prior, so that a new station is graded before anybody has tried it and data take over.
 *
 * @see "statistics/methods.md, raschFit; Rasch 1960; Mislevy 1986"
 */
public final class RaschFit {
    private static final double STOP = 1e-13;
    private static final double STOP_REPLACED = 1e-9;
    private static final double LEAST_SHARE = 1e-12;
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

    private final RaschCells cells;
    private final double[] x;
    /** Of the unknowns, symmetric: the inverse of the negative second derivatives. */
    private final double[][] variance;

    private RaschFit(RaschCells cells, double[] x, double[][] variance) {
        this.cells = cells;
        this.x = x;
        this.variance = variance;
    }

    /**
     * @throws InvalidInputException {@code DUPLICATE_ID}, {@code UNKNOWN_ID}, {@code INVALID_COUNT}, {@code INVALID_PROBABILITY},
     *     {@code NEGATIVE_VALUE} or {@code INVALID_PARAMETER}
     */
    public static RaschFit of(List<String> students, List<Station> stations, List<Row> rows, Prior belief) {
        RaschCells cells = new RaschCells(students, stations, rows, belief);
        double[] x = new double[cells.unknowns()];
        return new RaschFit(cells, x, newton(cells, x));
    }

    /** Newton from 0 with halved steps; strictly concave, so there is one answer. Returns the inverse of the last Hessian. */
    private static double[][] newton(RaschCells cells, double[] x) {
        double value = cells.objective(x);
        CholeskyDecomposition hessian = null;
        for (int step = 0; step < MOST_STEPS; step++) {
            double[][] h = new double[x.length][x.length];
            double[] gradient = cells.gradient(x, h);
            hessian = new CholeskyDecomposition(new Array2DRowRealMatrix(h, false));
            double[] full = hessian.getSolver()
                    .solve(new ArrayRealVector(gradient, false))
                    .toArray();
            double share = 1;
            double[] next = moved(x, full, share);
            double found = cells.objective(next);
            while (found < value && share > LEAST_SHARE) {
                share /= 2;
                next = moved(x, full, share);
                found = cells.objective(next);
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
        return hessian.getSolver().getInverse().getData();
    }

    private static double[] moved(double[] x, double[] step, double share) {
        double[] next = x.clone();
        for (int j = 0; j < next.length; j++) {
            next[j] += share * step[j];
        }
        return next;
    }

    /**
     * The fit after one more attempt: a row of a student, station and session in place of what it was before. Far quicker than fitting anew,
     * and the same answer: the matrix of the last fit, brought up to date for the one changed cell (Sherman and Morrison 1950), leads to where
     * the gradient is 0. Standard errors are those at the last full fit's place but for that cell; the next full fit settles them.
     *
     * @param before what it was; empty for a session's first attempt at the station
     * @throws InvalidInputException as {@link #of}
     */
    public RaschFit replaced(Optional<Row> before, Row now) {
        RaschCells changed = cells.replaced(before.orElse(null), now);
        int s = changed.student(now);
        int i = changed.station(now);
        int[] at = {s, changed.drillUnknown(i), changed.stationUnknown(i)};
        double[][] inverse = rankOne(at, changed.information(x, s, i) - cells.information(x, s, i));
        double[] place = x.clone();
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] full = times(inverse, changed.gradient(place, null));
            double most = 0;
            for (int j = 0; j < place.length; j++) {
                place[j] += full[j];
                most = Math.max(most, Math.abs(full[j]));
            }
            if (most < STOP_REPLACED) {
                return new RaschFit(changed, place, inverse);
            }
        }
        // Too far from the last fit for its matrix to lead there.
        double[] fresh = new double[x.length];
        return new RaschFit(changed, fresh, newton(changed, fresh));
    }

    /** The inverse after {@code weight} was added to the information along one row of the design. */
    private double[][] rankOne(int[] at, double weight) {
        double[] column = new double[x.length];
        for (int a = 0; a < at.length; a++) {
            for (int j = 0; j < column.length; j++) {
                column[j] += RaschCells.SIGN[a] * variance[at[a]][j];
            }
        }
        double own = 0;
        for (int a = 0; a < at.length; a++) {
            own += RaschCells.SIGN[a] * column[at[a]];
        }
        double scale = weight / (1 + weight * own);
        double[][] inverse = new double[x.length][];
        for (int j = 0; j < column.length; j++) {
            double[] row = variance[j].clone();
            double times = scale * column[j];
            for (int k = 0; k < row.length; k++) {
                row[k] -= times * column[k];
            }
            inverse[j] = row;
        }
        return inverse;
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[vector.length];
        for (int j = 0; j < product.length; j++) {
            double sum = 0;
            double[] row = matrix[j];
            for (int k = 0; k < row.length; k++) {
                sum += row[k] * vector[k];
            }
            product[j] = sum;
        }
        return product;
    }

    /** In the order given. */
    public List<Placed> abilities() {
        List<Placed> placed = new ArrayList<>();
        for (int s = 0; s < cells.students.size(); s++) {
            placed.add(placed(cells.students.get(s), 0, x[s], variance[s][s], cells.countsOfStudent(s)));
        }
        return placed;
    }

    /** In the order given; the error is of drill and station together. */
    public List<Placed> difficulties() {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < cells.stations.size(); i++) {
            int g = cells.drillUnknown(i);
            int e = cells.stationUnknown(i);
            double v = variance[g][g] + variance[e][e] + 2 * variance[g][e];
            placed.add(placed(
                    cells.stations.get(i).id(), cells.prior[i], cells.difficulty(x, i), v, cells.countsOfStation(i)));
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
        return cells.students.stream()
                .flatMap(student -> expected(student).stream())
                .toList();
    }

    /** One student at every station, in the stations' order; {@code UNKNOWN_ID} if the fit has no such student. */
    public List<Expected> expected(String student) {
        int s = cells.students.indexOf(student);
        if (s < 0) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "student", student, "must be one of those fitted");
        }
        List<Expected> expected = new ArrayList<>();
        for (int i = 0; i < cells.stations.size(); i++) {
            expected.add(expected(s, i));
        }
        return expected;
    }

    /**
     * The chance of a student of this ability at a station whose drill nobody has tried: simulation alone speaks for it, with all that a drill and a
     * station may add to it.
     *
     * @param ability   in logits, with its standard error
     * @param predicted simulated success rate 1/(1 + e^a)
     */
    public static Expected untried(
            String student, double ability, double abilitySe, String station, double predicted, Prior belief) {
        double v =
                abilitySe * abilitySe + belief.sdDrill() * belief.sdDrill() + belief.sdStation() * belief.sdStation();
        return expected(student, station, ability - RaschCells.simulatedDifficulty(predicted), v);
    }

    private Expected expected(int s, int i) {
        int g = cells.drillUnknown(i);
        int e = cells.stationUnknown(i);
        double m = x[s] - cells.difficulty(x, i);
        double v = variance[s][s]
                + variance[g][g]
                + variance[e][e]
                + 2 * variance[g][e]
                - 2 * variance[s][g]
                - 2 * variance[s][e];
        return expected(cells.students.get(s), cells.stations.get(i).id(), m, v);
    }

    /** Of ability less difficulty with its variance. */
    private static Expected expected(String student, String station, double m, double v) {
        double half = TWO_SIDED_95 * Math.sqrt(v);
        return new Expected(
                student,
                station,
                RaschCells.logistic(m / Math.sqrt(1 + Math.PI * v / 8)),
                RaschCells.logistic(m - half),
                RaschCells.logistic(m + half));
    }
}
