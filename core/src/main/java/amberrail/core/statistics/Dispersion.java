package amberrail.core.statistics;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Where the landings lie about the target: bias, spread, ellipses, each only from the number of landings that bears it.
 *
 * <p>Any landing: the {@link Offset}. From 3: the {@link Spread}. From 5: the 50 % and the mean's ellipse and the bias test.
 * From 10: the 95 % ellipse. Landings in one spot ({@code ZERO_SPREAD}) or on one line ({@code COLLINEAR}) have no ellipses.
 *
 * @param landings    how many
 * @param offset      mean and distances; {@code NO_DATA} without landings
 * @param spread      standard deviations; {@code TOO_FEW} under 3
 * @param spread50    where the next landing is expected with 50 %
 * @param spread95    where the next landing is expected with 95 %
 * @param meanEllipse where the true mean lies, at the level asked for
 * @param biasTest    whether the bias is real
 * @param reason      the first thing that stands in the way of the whole, if anything does
 * @see "methods.md, dispersion"
 */
public record Dispersion(
        int landings,
        Estimate<Offset> offset,
        Estimate<Spread> spread,
        Estimate<SpreadEllipse> spread50,
        Estimate<SpreadEllipse> spread95,
        Estimate<SpreadEllipse> meanEllipse,
        Estimate<BiasTest> biasTest,
        Optional<Reason> reason) {

    private static final int SMALLEST_FOR_SPREAD = 3;
    private static final int SMALLEST_FOR_ELLIPSE = 5;
    private static final int SMALLEST_FOR_SPREAD_95 = 10;
    private static final double ONE_SPOT_SQUARE_MILLIMETRES = 1e-12;
    private static final double ONE_LINE_RATIO = 1e-9;

    /**
     * @param target  what was aimed for (mm)
     * @param arrival the way the cue ball travels when it gets there
     * @param points  landings of made pots (mm)
     * @param level   of the intervals and the mean's ellipse, [0.5, 1)
     */
    public static Dispersion of(Point target, Direction arrival, List<Point> points, double level) {
        Require.level(level);
        int n = points.size();
        if (n == 0) {
            return without(0, Estimate.notYet(Reason.NO_DATA), Reason.NO_DATA);
        }
        List<ArrivalError> errors =
                points.stream().map(p -> ArrivalError.of(target, arrival, p)).toList();
        Offset offset = Offset.of(points, errors);
        if (n < SMALLEST_FOR_SPREAD) {
            return without(n, Estimate.known(offset), Reason.TOO_FEW);
        }
        Covariance tableFrame = Covariance.of(points, Point::xMillimetres, Point::yMillimetres);
        Covariance lineSpeed = Covariance.of(errors, ArrivalError::lineMillimetres, ArrivalError::speedMillimetres);
        Optional<Reason> degenerate = degenerate(tableFrame);
        Spread spread = Spread.of(errors, offset, lineSpeed, tableFrame, degenerate, level);
        Optional<Reason> noEllipse =
                degenerate.or(() -> n < SMALLEST_FOR_ELLIPSE ? Optional.of(Reason.TOO_FEW) : Optional.empty());
        return new Dispersion(
                n,
                Estimate.known(offset),
                Estimate.known(spread),
                unless(noEllipse, () -> SpreadEllipse.predicting(tableFrame, n, 0.5)),
                unless(
                        noEllipse.or(() -> n < SMALLEST_FOR_SPREAD_95 ? Optional.of(Reason.TOO_FEW) : Optional.empty()),
                        () -> SpreadEllipse.predicting(tableFrame, n, 0.95)),
                unless(noEllipse, () -> SpreadEllipse.ofMean(tableFrame, n, level)),
                unless(
                        noEllipse,
                        () -> BiasTest.of(lineSpeed, offset.biasLineMillimetres(), offset.biasSpeedMillimetres(), n)),
                noEllipse);
    }

    private static Optional<Reason> degenerate(Covariance tableFrame) {
        if (tableFrame.major() <= ONE_SPOT_SQUARE_MILLIMETRES) {
            return Optional.of(Reason.ZERO_SPREAD);
        }
        boolean oneLine = tableFrame.minor() <= ONE_LINE_RATIO * tableFrame.major();
        return oneLine ? Optional.of(Reason.COLLINEAR) : Optional.empty();
    }

    private static <T> Estimate<T> unless(Optional<Reason> reason, Supplier<T> figure) {
        return reason.<Estimate<T>>map(Estimate::notYet).orElseGet(() -> Estimate.known(figure.get()));
    }

    private static Dispersion without(int n, Estimate<Offset> offset, Reason reason) {
        return new Dispersion(
                n,
                offset,
                Estimate.notYet(reason),
                Estimate.notYet(reason),
                Estimate.notYet(reason),
                Estimate.notYet(reason),
                Estimate.notYet(reason),
                Optional.of(reason));
    }
}
