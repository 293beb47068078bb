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
    /** The same where a known slip explains it wholly. */
    private static final double ASKED_BEYOND_WITH_A_SLIP = 3;

    private static final double WHOLLY_WITHIN = 1.8;
    /** A mended reading must go with the others, and far better than before. */
    private static final double GOES_WITHIN = 4.5;

    private static final double FAR_BETTER = 2;

    /** A slip of the unit, and how much rarer than the first it is, as -2 ln of the ratio. An assumption: of two that explain a reading the commoner one is offered. */
    private record Slip(double factor, double rarity) {}

    /** Inches for centimetres, millimetres for centimetres, centimetres for metres, feet for metres; either way round. */
    private static final List<Slip> LENGTHS = List.of(
            new Slip(2.54, 0),
            new Slip(1 / 2.54, 0),
            new Slip(10, 1),
            new Slip(0.1, 1),
            new Slip(100, 1),
            new Slip(0.01, 1),
            new Slip(0.3048, 8),
            new Slip(1 / 0.3048, 8));

    /** A stopwatch knows no inches; a point may be left out or put in. */
    private static final List<Slip> SECONDS =
            List.of(new Slip(10, 6), new Slip(0.1, 6), new Slip(100, 6), new Slip(0.01, 6));

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
        if (odd.isEmpty()) {
            return List.of();
        }
        odd.sort(Comparator.comparing((Integer i) -> -all.chiSquares()[i]));
        List<Integer> apart = odd.subList(0, Math.min(MOST, odd.size()));
        // What is odd must not speak for or against each other: all of it is set aside first.
        JointFit.Found sound = JointFit.from(
                all.mode(), without(readings, apart).stream().map(models).toList(), priorMean, priorPrecision);
        List<Suspicion> suspicions = new ArrayList<>();
        for (int i : apart) {
            double away = away(readings.get(i), sound);
            if (away <= ASKED_BEYOND_WITH_A_SLIP) {
                continue;
            }
            Optional<Explained> slip = slip(readings.get(i), away, sound);
            boolean wholly = slip.filter(one -> one.away < WHOLLY_WITHIN && !isSeconds(one.mend.field()))
                    .isPresent();
            if (away > ASKED_BEYOND || wholly) {
                suspicions.add(new Suspicion(i, away, slip.map(Explained::mend)));
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

    private static boolean isSeconds(String field) {
        return field.startsWith("seconds");
    }

    /** A slip that would explain a reading, and how far from the others it is then. */
    private record Explained(Suspicion.Mend mend, double away, double worth) {}

    private Optional<Explained> slip(Reading reading, double away, JointFit.Found others) {
        double within = Math.min(GOES_WITHIN, away / FAR_BETTER);
        List<Explained> found = new ArrayList<>();
        for (String field : reading.fields()) {
            boolean seconds = isSeconds(field);
            for (Slip slip : seconds ? SECONDS : LENGTHS) {
                double value = reading.value(field) / slip.factor;
                if (seconds && !Reading.isPlausible(value)) {
                    continue;
                }
                double then = away(reading.with(field, value), others);
                if (then < within) {
                    found.add(new Explained(
                            new Suspicion.Mend(field, slip.factor, value), then, then * then + slip.rarity));
                }
            }
        }
        return found.stream().min(Comparator.comparing(Explained::worth));
    }
}
