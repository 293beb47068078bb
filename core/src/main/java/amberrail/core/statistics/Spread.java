package amberrail.core.statistics;

import java.util.List;
import java.util.Optional;

/**
 * How far landings scatter about their mean (mm); from three landings on.
 *
 * @param sdLineInterval from five landings on (Bonett 2006), and only where they differ
 * @param correlation  of line with speed, -1 to 1; none unless both deviations exceed 1e-6 mm
 * @param lineSpeed    covariance in the order line, speed (mm²)
 * @param majorAngleDegrees direction of the greatest scatter from +x, [0, 180); none if all lie in one spot
 * @param cepAboutMeanMillimetres radius about the mean that holds half of the fitted cloud; leaves the bias out
 */
public record Spread(
        double sdLineMillimetres,
        double sdSpeedMillimetres,
        Optional<Interval> sdLineInterval,
        Optional<Interval> sdSpeedInterval,
        Interval biasLineInterval,
        Interval biasSpeedInterval,
        Estimate<Double> correlation,
        Covariance lineSpeed,
        double majorSdMillimetres,
        double minorSdMillimetres,
        Estimate<Double> majorAngleDegrees,
        Estimate<Double> cepAboutMeanMillimetres) {

    private static final double SMALLEST_SD_FOR_CORRELATION = 1e-6;

    static Spread of(
            List<ArrivalError> errors,
            Offset offset,
            Covariance lineSpeed,
            Covariance tableFrame,
            Optional<Reason> degenerate,
            double level) {
        int n = errors.size();
        double sdLine = Math.sqrt(lineSpeed.first());
        double sdSpeed = Math.sqrt(lineSpeed.second());
        boolean oneSpot = degenerate.filter(r -> r == Reason.ZERO_SPREAD).isPresent();
        double minor = degenerate.isPresent() ? 0 : tableFrame.minor();
        double major = oneSpot ? 0 : tableFrame.major();
        boolean correlated = Math.min(sdLine, sdSpeed) > SMALLEST_SD_FOR_CORRELATION;
        return new Spread(
                sdLine,
                sdSpeed,
                SdInterval.of(
                        errors.stream()
                                .mapToDouble(ArrivalError::lineMillimetres)
                                .toArray(),
                        level),
                SdInterval.of(
                        errors.stream()
                                .mapToDouble(ArrivalError::speedMillimetres)
                                .toArray(),
                        level),
                biasInterval(offset.biasLineMillimetres(), sdLine, n, level),
                biasInterval(offset.biasSpeedMillimetres(), sdSpeed, n, level),
                correlated
                        ? Estimate.known(lineSpeed.mixed() / (sdLine * sdSpeed))
                        : Estimate.notYet(Reason.ZERO_SPREAD),
                lineSpeed,
                Math.sqrt(major),
                Math.sqrt(minor),
                oneSpot ? Estimate.notYet(Reason.ZERO_SPREAD) : Estimate.known(tableFrame.majorAngleDegrees()),
                oneSpot
                        ? Estimate.notYet(Reason.ZERO_SPREAD)
                        : Estimate.known(CircularErrorProbable.radiusMillimetres(major, minor)));
    }

    /** b ± t s/√n. */
    private static Interval biasInterval(double bias, double sd, int n, double level) {
        return Interval.around(bias, Quantile.studentT(1 - (1 - level) / 2, n - 1) * sd / Math.sqrt(n));
    }
}
