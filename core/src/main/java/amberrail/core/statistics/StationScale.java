package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The stations of a fit: their simulated difficulties and slopes, and the unknowns that data add to them, first what each drill adds to all of its
 * stations, then what each station adds.
 *
 * @see "statistics/methods.md, raschFit"
 */
final class StationScale {
    private static final double LEAST_PREDICTED = 0.02;

    private final List<RaschFit.Station> stations;
    private final double[] simulated;
    private final double[] slope;
    private final int[] drillOf;
    private final int drills;
    private final double[] precision;

    StationScale(List<RaschFit.Station> given, RaschFit.Prior belief) {
        stations = List.copyOf(given);
        simulated = new double[stations.size()];
        slope = new double[stations.size()];
        drillOf = new int[stations.size()];
        Map<String, Integer> drillAt = new HashMap<>();
        for (int i = 0; i < stations.size(); i++) {
            simulated[i] = simulatedDifficulty(stations.get(i).predicted());
            slope[i] = slope(stations.get(i).slope());
            drillOf[i] = drillAt.computeIfAbsent(stations.get(i).drill(), k -> drillAt.size());
        }
        drills = drillAt.size();
        precision = new double[drills + stations.size()];
        for (int j = 0; j < precision.length; j++) {
            double sd = j < drills ? belief.sdDrill() : belief.sdStation();
            precision[j] = 1 / (sd * sd);
        }
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

    private static double slope(double slope) {
        if (!(slope >= ItemSlope.LEAST && slope <= ItemSlope.GREATEST)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "stations.slope", slope, "must be from 0.3 to 2");
        }
        return slope;
    }

    List<RaschFit.Station> stations() {
        return stations;
    }

    int unknowns() {
        return precision.length;
    }

    int drillUnknown(int station) {
        return drillOf[station];
    }

    int stationUnknown(int station) {
        return drills + station;
    }

    double precision(int unknown) {
        return precision[unknown];
    }

    double simulated(int station) {
        return simulated[station];
    }

    double slope(int station) {
        return slope[station];
    }

    double difficulty(double[] u, int station) {
        return simulated[station] + u[drillUnknown(station)] + u[stationUnknown(station)];
    }
}
