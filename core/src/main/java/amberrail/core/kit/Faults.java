package amberrail.core.kit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Finds readings that do not go with the others, and what slip would explain each: every one that looks odd is held against what the rest
 * says without it.
 */
final class Faults {
    /** Standard deviations beyond which somebody is asked. */
    private static final double ASKED_BEYOND = 4;
    /** Of a fit with it, beyond which it is looked at by itself. */
    private static final double ODD_BEYOND = 2.2;

    private static final int MOST = 6;
    /** A mended reading must go with the others, and far better than before. */
    private static final double GOES_WITHIN = 3;

    private static final double FAR_BETTER = 2;
    /** Inches for centimetres, millimetres for centimetres, centimetres for metres, feet for metres; either way round. */
    private static final double[] SLIPS = {2.54, 1 / 2.54, 10, 0.1, 100, 0.01, 0.3048, 1 / 0.3048};

    private final Function<Reading, ReadingModel> models;
    private final double[] priorMean;
    private final double[][] priorPrecision;

    Faults(Function<Reading, ReadingModel> models, double[] priorMean, double[][] priorPrecision) {
        this.models = models;
        this.priorMean = priorMean;
        this.priorPrecision = priorPrecision;
    }

    JointFit.Found fit(List<Reading> readings) {
        return JointFit.of(readings.stream().map(models).toList(), priorMean, priorPrecision);
    }

    /** Worst first. */
    List<Suspicion> among(List<Reading> readings, JointFit.Found all) {
        List<Integer> odd = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            if (Math.sqrt(all.chiSquares()[i]) > ODD_BEYOND) {
                odd.add(i);
            }
        }
        odd.sort(Comparator.comparing((Integer i) -> -all.chiSquares()[i]));
        List<Integer> apart = odd.subList(0, Math.min(MOST, odd.size()));
        // What is odd must not speak for or against each other: all of it is set aside first.
        JointFit.Found sound = fit(without(readings, apart));
        List<Suspicion> suspicions = new ArrayList<>();
        for (int i : apart) {
            double away = away(readings.get(i), sound);
            if (away > ASKED_BEYOND) {
                suspicions.add(new Suspicion(i, away, mend(readings.get(i), away, sound)));
            }
        }
        suspicions.sort(Comparator.comparing((Suspicion one) -> -one.standardDeviations()));
        return suspicions;
    }

    private static List<Reading> without(List<Reading> readings, List<Integer> apart) {
        List<Reading> left = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            if (!apart.contains(i)) {
                left.add(readings.get(i));
            }
        }
        return left;
    }

    /** How far a reading is from what the others say, which is its prior (standard deviations). */
    private double away(Reading reading, JointFit.Found others) {
        JointFit.Found alone = JointFit.of(List.of(models.apply(reading)), others.mode(), others.precision());
        double moved = 0;
        for (int a = 0; a < others.mode().length; a++) {
            for (int b = 0; b < others.mode().length; b++) {
                moved += (alone.mode()[a] - others.mode()[a])
                        * others.precision()[a][b]
                        * (alone.mode()[b] - others.mode()[b]);
            }
        }
        return Math.sqrt(alone.chiSquares()[0] + moved);
    }

    private Optional<Suspicion.Mend> mend(Reading reading, double away, JointFit.Found others) {
        Suspicion.Mend best = null;
        double least = Math.min(GOES_WITHIN, away / FAR_BETTER);
        for (String field : reading.fields()) {
            for (double slip : SLIPS) {
                Optional<Reading> mended = mended(reading, field, slip);
                double then = mended.map(one -> away(one, others)).orElse(Double.MAX_VALUE);
                if (then < least) {
                    least = then;
                    best = new Suspicion.Mend(field, slip, mended.get().value(field));
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Empty where the value would be none at all. */
    private static Optional<Reading> mended(Reading reading, String field, double slip) {
        double value = reading.value(field) / slip;
        boolean seconds = field.startsWith("seconds");
        // A stopwatch knows no inches; a point may be left out.
        if (seconds && slip != 10 && slip != 0.1 && slip != 100 && slip != 0.01) {
            return Optional.empty();
        }
        return seconds && (value < 0.05 || value > 120) ? Optional.empty() : Optional.of(reading.with(field, value));
    }
}
