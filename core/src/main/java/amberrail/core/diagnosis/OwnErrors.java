package amberrail.core.diagnosis;

import amberrail.core.grading.Band;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.OwnSizes;
import amberrail.core.statistics.StrokeCell;
import amberrail.core.statistics.StrokeShape;
import amberrail.core.statistics.StrokeTable;
import amberrail.core.statistics.UnlikelyLandings;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A student's own error sizes, as far as they can be told; else those of their ability, everywhere.
 *
 * @param inUse    what advice, chances and review reckon with: at the reference pace
 * @param shape    whether now and then a stroke goes wild
 * @param sizes    one for each cause, told or not
 * @param biases   lasting ones that are more than chance, of told sizes only
 * @param attempts that they rest on
 * @see "statistics/methods.md, ownErrors"
 */
public record OwnErrors(ExecutionErrors inUse, StrokeShape shape, List<Size> sizes, List<Bias> biases, int attempts) {
    private static final double LOGITS_PER_BAND = 1.5;
    private static final double LN_SHRINK_PER_BAND = Math.log(1.6);
    private static final double LEAST_ABILITY_SE = 0.5;
    private static final double UNKNOWN_ABILITY_SE = 1.5;
    private static final double SD_LOG_OF_ONE_SIZE = 0.35;
    private static final double Z_90 = 1.645;
    private static final int MOST_BANDS = 3;
    private static final double TWO_SIDED_95 = 1.96;
    private static final double MOST_LOGITS = 6;

    /** A student's ability in logits; unknown: the reference student's, very unsure. */
    public record Ability(double logits, double se) {
        public static final Ability UNKNOWN = new Ability(0, UNKNOWN_ABILITY_SE);

        private ExecutionErrors sizes() {
            return ExecutionErrors.ofAbility(Math.max(-MOST_LOGITS, Math.min(MOST_LOGITS, logits)));
        }

        private Band band() {
            return nearest(logits);
        }
    }

    /**
     * One error size as a standard deviation at the reference pace, in the cause's unit.
     *
     * @param told  whether it is the student's own; else it is that of their ability, and no number of theirs is shown
     * @param lower end of its 90 % interval
     */
    public record Size(Cause cause, boolean told, double sd, double lower, double upper) {
        /** How unsure its logarithm is; of a size that is not told, as much as students of one ability differ. */
        double sdLog() {
            return told ? Math.log(upper / lower) / (2 * Z_90) : SD_LOG_OF_ONE_SIZE;
        }
    }

    /** A lasting bias in the cause's unit at the reference pace, with its standard deviation. */
    public record Bias(Cause cause, double value, double sd) {}

    /** Before anything can be told. */
    public static OwnErrors ofAbility(Ability ability, int attempts) {
        ExecutionErrors sizes = ability.sizes();
        List<Size> untold = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            untold.add(new Size(cause, false, cause.of(sizes), cause.of(sizes), cause.of(sizes)));
        }
        return new OwnErrors(sizes, StrokeShape.NORMAL, untold, List.of(), attempts);
    }

    /**
     * @param cellsAt the newest attempts with their strokes' tables, played at this band's sizes; asked for another band where the sizes found lie
     *     nearer to it
     */
    public static OwnErrors of(Ability ability, Function<Band, List<StrokeCell>> cellsAt) {
        Band band = ability.band();
        OwnSizes fitted = null;
        int attempts = 0;
        for (int i = 0; i < MOST_BANDS; i++) {
            List<StrokeCell> cells = cellsAt.apply(band);
            attempts = cells.stream().mapToInt(cell -> cell.attempts().size()).sum();
            if (attempts == 0) {
                return ofAbility(ability, 0);
            }
            fitted = OwnSizes.of(cells, prior(ability, band));
            Band nearer = nearest(band.middleLogits() - meanLog(fitted.sizes()) * LOGITS_PER_BAND / LN_SHRINK_PER_BAND);
            if (nearer == band || i == MOST_BANDS - 1) {
                break;
            }
            band = nearer;
        }
        return told(ability, band, fitted);
    }

    private static double meanLog(double[] sizes) {
        double sum = 0;
        for (double size : sizes) {
            sum += Math.log(size);
        }
        return sum / sizes.length;
    }

    private static Band nearest(double logits) {
        Band found = Band.CHALK;
        for (Band band : Band.values()) {
            if (Math.abs(band.middleLogits() - logits) < Math.abs(found.middleLogits() - logits)) {
                found = band;
            }
        }
        return found;
    }

    /** The sizes of the student's ability over the band's, common doubt and doubt about each. */
    private static OwnSizes.Prior prior(Ability ability, Band band) {
        double perLogit = LN_SHRINK_PER_BAND / LOGITS_PER_BAND;
        double mean = -perLogit * (ability.logits() - band.middleLogits());
        double common = Math.pow(perLogit * Math.max(LEAST_ABILITY_SE, ability.se()), 2);
        int n = Cause.values().length;
        double[] means = new double[n];
        double[][] covariance = new double[n][n];
        for (int i = 0; i < n; i++) {
            means[i] = mean;
            for (int j = 0; j < n; j++) {
                covariance[i][j] = common + (i == j ? SD_LOG_OF_ONE_SIZE * SD_LOG_OF_ONE_SIZE : 0);
            }
        }
        return new OwnSizes.Prior(means, covariance);
    }

    private static OwnErrors told(Ability ability, Band band, OwnSizes fitted) {
        ExecutionErrors ofBand = ofBand(band);
        ExecutionErrors ofAbility = ability.sizes();
        boolean rich = fitted.leastEffective() >= OwnSizes.FEWEST_EFFECTIVE;
        double[] inUse = new double[Cause.values().length];
        List<Size> sizes = new ArrayList<>();
        List<Bias> biases = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            int j = cause.ordinal();
            double unit = cause.of(ofBand);
            boolean told = rich && fitted.told()[j];
            inUse[j] = told ? fitted.sizes()[j] * unit : cause.of(ofAbility);
            sizes.add(
                    told
                            ? new Size(cause, true, inUse[j], unit * fitted.lower()[j], unit * fitted.upper()[j])
                            : new Size(cause, false, inUse[j], inUse[j], inUse[j]));
            if (told && Math.abs(fitted.bias()[j]) > TWO_SIDED_95 * fitted.biasSd()[j]) {
                biases.add(new Bias(cause, unit * fitted.bias()[j], unit * fitted.biasSd()[j]));
            }
        }
        double height = inUse[Cause.HEIGHT.ordinal()];
        return new OwnErrors(
                new ExecutionErrors(
                        inUse[Cause.AIM.ordinal()],
                        inUse[Cause.PACE.ordinal()] / 100,
                        height,
                        height * ofBand.tipSideMillimetres() / ofBand.tipHeightMillimetres()),
                fitted.heavyProbability() > 0.5 ? StrokeShape.HEAVY : StrokeShape.NORMAL,
                sizes,
                biases,
                fitted.attempts());
    }

    /** The error sizes that a band's tables are played with. */
    public static ExecutionErrors ofBand(Band band) {
        return ExecutionErrors.ofAbility(band.middleLogits());
    }

    /** The band whose tables serve best for the sizes in use. */
    public Band band() {
        double[] over = relativeTo(Band.SLATE);
        return nearest(-meanLog(over) * LOGITS_PER_BAND / LN_SHRINK_PER_BAND);
    }

    /** The sizes in use over a band's: aim, pace, height. */
    public double[] relativeTo(Band band) {
        double[] relative = new double[Cause.values().length];
        for (Cause cause : Cause.values()) {
            relative[cause.ordinal()] = cause.of(inUse) / cause.of(ofBand(band));
        }
        return relative;
    }

    /** Which clean landings of a stroke nobody would expect at these sizes; the table must be of their band. */
    public Optional<UnlikelyLandings> unlikely(StrokeTable table) {
        return UnlikelyLandings.of(table, components(relativeTo(band())), shape());
    }

    /** The four components of a stroke table's sizes: side errs as height does. */
    static double[] components(double[] relative) {
        int height = Cause.HEIGHT.ordinal();
        double[] sizes = Arrays.copyOf(relative, relative.length + 1);
        sizes[relative.length] = relative[height];
        return sizes;
    }

    /** Those components with one cause's size changed. */
    static double[] times(double[] components, Cause cause, double times) {
        double[] other = components.clone();
        other[cause.ordinal()] *= times;
        if (cause == Cause.HEIGHT) {
            other[components.length - 1] *= times;
        }
        return other;
    }
}
