package amberrail.core.statistics;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which landings may be wild shots: robust centre and distances (orthogonalised Gnanadesikan-Kettenring, Maronna and Zamar 2002). A flag
 * asks, it does not delete.
 *
 * @param madLine   median absolute deviation across the way of travel, as a standard deviation (mm)
 * @param distances squared, one for each landing; empty where there are none
 * @param flagged   indices of those beyond the cutoff
 * @see "statistics/methods.md, robust"
 */
public record WildShots(
        int n,
        Optional<Point> centre,
        Optional<Double> madLine,
        Optional<Double> madSpeed,
        Optional<List<Double>> distances,
        Optional<Double> cutoff,
        List<Integer> flagged,
        Optional<Reason> reason) {
    private static final int FEWEST_FOR_MAD = 3;
    private static final int FEWEST_FOR_FLAGS = 8;
    private static final double NO_SPREAD = 1e-6;

    /** Simulated so that a clean session has a 5 % chance of any flag; straight lines between. */
    private static final double[][] CUTOFFS = {
        {8, 60}, {10, 45}, {12, 37}, {15, 33}, {20, 26}, {25, 24}, {30, 22}, {40, 20.7}, {60, 19.1}, {100, 18.4}
    };

    public static WildShots of(Direction arrival, List<Point> points) {
        int n = points.size();
        if (n == 0) {
            return without(0, Optional.empty(), Optional.empty(), Optional.empty(), Reason.NO_DATA);
        }
        Optional<Point> centre = Optional.of(SpatialMedian.of(points));
        if (n < FEWEST_FOR_MAD) {
            return without(n, centre, Optional.empty(), Optional.empty(), Reason.TOO_FEW);
        }
        Point origin = centre.get();
        double[] line = new double[n];
        double[] speed = new double[n];
        for (int i = 0; i < n; i++) {
            ArrivalError error = ArrivalError.of(origin, arrival, points.get(i));
            line[i] = error.lineMillimetres();
            speed[i] = error.speedMillimetres();
        }
        double madLine = Medians.absoluteDeviation(line);
        double madSpeed = Medians.absoluteDeviation(speed);
        Optional<Double> knownLine = Optional.of(madLine);
        Optional<Double> knownSpeed = Optional.of(madSpeed);
        if (n < FEWEST_FOR_FLAGS) {
            return without(n, centre, knownLine, knownSpeed, Reason.TOO_FEW);
        }
        if (madLine <= NO_SPREAD || madSpeed <= NO_SPREAD) {
            return without(n, centre, knownLine, knownSpeed, Reason.ZERO_SPREAD);
        }
        return flagged(centre, madLine, line, madSpeed, speed);
    }

    /** By the squared distances along the two diagonals, in which line and speed are made independent. */
    private static WildShots flagged(
            Optional<Point> centre, double madLine, double[] line, double madSpeed, double[] speed) {
        int n = line.length;
        Optional<Double> knownLine = Optional.of(madLine);
        Optional<Double> knownSpeed = Optional.of(madSpeed);
        double[] sum = new double[n];
        double[] difference = new double[n];
        for (int i = 0; i < n; i++) {
            sum[i] = (line[i] / madLine + speed[i] / madSpeed) / Math.sqrt(2);
            difference[i] = (line[i] / madLine - speed[i] / madSpeed) / Math.sqrt(2);
        }
        double madSum = Medians.absoluteDeviation(sum);
        double madDifference = Medians.absoluteDeviation(difference);
        if (madSum <= NO_SPREAD || madDifference <= NO_SPREAD) {
            return without(n, centre, knownLine, knownSpeed, Reason.ZERO_SPREAD);
        }
        double cutoff = cutoff(n);
        List<Double> distances = new ArrayList<>();
        List<Integer> flagged = new ArrayList<>();
        double middleSum = Medians.of(sum);
        double middleDifference = Medians.of(difference);
        for (int i = 0; i < n; i++) {
            double a = (sum[i] - middleSum) / madSum;
            double b = (difference[i] - middleDifference) / madDifference;
            distances.add(a * a + b * b);
            if (a * a + b * b > cutoff) {
                flagged.add(i);
            }
        }
        return new WildShots(
                n,
                centre,
                knownLine,
                knownSpeed,
                Optional.of(distances),
                Optional.of(cutoff),
                flagged,
                Optional.empty());
    }

    private static WildShots without(
            int n, Optional<Point> centre, Optional<Double> line, Optional<Double> speed, Reason reason) {
        return new WildShots(
                n, centre, line, speed, Optional.empty(), Optional.empty(), List.of(), Optional.of(reason));
    }

    private static double cutoff(int n) {
        for (int i = 1; i < CUTOFFS.length; i++) {
            if (n <= CUTOFFS[i][0]) {
                double share = (n - CUTOFFS[i - 1][0]) / (CUTOFFS[i][0] - CUTOFFS[i - 1][0]);
                return CUTOFFS[i - 1][1] + share * (CUTOFFS[i][1] - CUTOFFS[i - 1][1]);
            }
        }
        return CUTOFFS[CUTOFFS.length - 1][1];
    }
}
