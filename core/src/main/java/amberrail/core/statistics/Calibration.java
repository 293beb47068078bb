package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.List;

/**
 * What a whole fit has found of its stations, and of nobody: enough to go on from without fitting anew (calibrated items held fixed while persons are
 * placed, Lord 1980).
 *
 * @param stations in the order of the fit
 * @param unknowns what data add to the simulated difficulties in logits, each drill's first, then each station's
 * @param variance of the unknowns, square, logits squared
 * @see RaschFit#resumed
 */
public record Calibration(
        List<RaschFit.Station> stations, RaschFit.Prior belief, double[] unknowns, double[][] variance) {
    /** @throws InvalidInputException {@code INVALID_PARAMETER} where the sizes do not belong together or a number is not finite */
    public Calibration {
        stations = List.copyOf(stations);
        int wanted =
                (int) stations.stream().map(RaschFit.Station::drill).distinct().count() + stations.size();
        if (unknowns.length != wanted || variance.length != wanted) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "unknowns",
                    unknowns.length,
                    "must be one a drill and one a station");
        }
        requireFinite("unknowns", unknowns);
        for (double[] row : variance) {
            if (row.length != wanted) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, "variance", row.length, "must be square");
            }
            requireFinite("variance", row);
        }
    }

    private static void requireFinite(String field, double[] values) {
        for (double value : values) {
            if (!Double.isFinite(value)) {
                throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, value, "must be finite");
            }
        }
    }
}
