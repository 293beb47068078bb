package amberrail.core.template;

import amberrail.core.statistics.MeanAndSpread;
import amberrail.core.statistics.Proportion;
import amberrail.core.table.Cushion;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * What marks beside their predictions say of the stroke: one pace for all of a day's marks, and the tip's height of each, all about what was called.
 * Normal throughout, so the answer is one linear system.
 *
 * @param pacePercent harder than called where positive, with its standard deviation; clear from 1.64 of these on
 * @param tips        higher than called where positive, in the order of the marks
 */
public record MarkReading(Deviation pacePercent, List<Deviation> tips) {
    /** People's lasting errors of tip and pace about what they call: assumptions. */
    private static final double TIP_SPREAD_MILLIMETRES = 1.5;

    private static final double PACE_SPREAD_PERCENT = 5;
    /** A finger puts a mark no more exactly than this. */
    private static final double PLACING_MILLIMETRES = 8;
    /** Two-sided 90 %. */
    private static final double CLEAR = 1.645;

    /** A deviation and how sure it is. */
    public record Deviation(double amount, double standardDeviation) {
        public boolean isClear() {
            return Math.abs(amount) > CLEAR * standardDeviation;
        }
    }

    /**
     * The mean of a tip's marks on a day.
     *
     * @param away          from the prediction, in sights
     * @param standardError of that mean, in sights
     */
    public record Observed(CushionMark predicted, double away, double standardError) {
        /**
         * Of marks on the cushion that the prediction meets; at least one.
         *
         * @param sights  along it
         * @param placing how exactly a mark is put there, as a standard deviation in sights
         */
        static Observed of(CushionMark predicted, List<Double> sights, double placing) {
            double mean =
                    MeanAndSpread.of(sights, Proportion.DEFAULT_LEVEL).mean().orElseThrow();
            return new Observed(
                    predicted,
                    mean - predicted.sights(),
                    Math.hypot(predicted.spreadSights(), placing) / Math.sqrt(sights.size()));
        }
    }

    /** A mark that somebody put on the nose of a cushion. */
    public record Mark<T>(T tip, Cushion cushion, double alongMillimetres) {}

    /**
     * What a day's marks say, by tip; empty where none lies on the cushion that its prediction meets.
     *
     * @param predicted by tip
     */
    public static <T> Optional<OfDay<T>> of(List<Mark<T>> marks, Map<T, CushionMark> predicted, TableSpec table) {
        Map<T, Observed> observed = new LinkedHashMap<>();
        predicted.forEach((tip, mark) -> {
            double sight = mark.cushion().sightMillimetres(table);
            List<Double> sights = marks.stream()
                    .filter(one -> one.tip().equals(tip) && one.cushion() == mark.cushion())
                    .map(one -> one.alongMillimetres() / sight)
                    .toList();
            if (!sights.isEmpty()) {
                observed.put(tip, Observed.of(mark, sights, PLACING_MILLIMETRES / sight));
            }
        });
        if (observed.isEmpty()) {
            return Optional.empty();
        }
        MarkReading reading = of(List.copyOf(observed.values()));
        Map<T, Deviation> tips = new LinkedHashMap<>();
        int i = 0;
        for (T tip : observed.keySet()) {
            tips.put(tip, reading.tips().get(i++));
        }
        return Optional.of(new OfDay<>(reading.pacePercent(), tips));
    }

    /** Of one day: one pace, and each tip's height. */
    public record OfDay<T>(Deviation pacePercent, Map<T, Deviation> tips) {}

    public static MarkReading of(List<Observed> marks) {
        int size = marks.size() + 1;
        double[][] precision = new double[size][size];
        double[] pull = new double[size];
        precision[0][0] = 1 / (PACE_SPREAD_PERCENT * PACE_SPREAD_PERCENT);
        for (int i = 0; i < marks.size(); i++) {
            Observed mark = marks.get(i);
            double weight = 1 / (mark.standardError() * mark.standardError());
            double tip = mark.predicted().sightsPerMillimetre();
            double pace = mark.predicted().sightsPerPercent();
            precision[i + 1][i + 1] = 1 / (TIP_SPREAD_MILLIMETRES * TIP_SPREAD_MILLIMETRES) + weight * tip * tip;
            precision[0][0] += weight * pace * pace;
            precision[0][i + 1] = precision[i + 1][0] = weight * tip * pace;
            pull[i + 1] = weight * tip * mark.away();
            pull[0] += weight * pace * mark.away();
        }
        RealMatrix matrix = new Array2DRowRealMatrix(precision, false);
        double[] found = new LUDecomposition(matrix)
                .getSolver()
                .solve(new ArrayRealVector(pull, false))
                .toArray();
        RealMatrix covariance = MatrixUtils.inverse(matrix);
        List<Deviation> tips = new ArrayList<>();
        for (int i = 1; i < size; i++) {
            tips.add(new Deviation(found[i], Math.sqrt(covariance.getEntry(i, i))));
        }
        return new MarkReading(new Deviation(found[0], Math.sqrt(covariance.getEntry(0, 0))), tips);
    }
}
