package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Whether one cause stands out: in the last shot alone, and as a lasting bias in the run so far.
 *
 * @param last   of the last attempt; empty without one
 * @param looks  after 5, 10 and 20 attempts, as far as the run goes; nowhere else, since whoever looks again and again finds something
 * @param reason {@code NO_DATA} without an attempt
 * @see "statistics/methods.md, adviceEvidence; Ville 1939"
 */
public record AdviceEvidence(Optional<OfLast> last, List<Look> looks, Optional<Reason> reason) {
    public static final List<Integer> LOOKS = List.of(5, 10, 20);

    private static final double ORDINARY = 0.7;
    private static final double OUT_OF_THE_USUAL_TIMES = 3;
    private static final double SINGLE = 0.8;
    private static final double[] BIASES = {-2, -1.5, -1, -0.5, 0.5, 1, 1.5, 2};
    private static final double NAMED_EVIDENCE = 5;
    private static final double NAMED_SHARE = 0.6;

    /** What strays. */
    public enum Strayed {
        AIM,
        PACE,
        HEIGHT
    }

    /**
     * The last shot by itself.
     *
     * @param ordinary probability that it is as usual
     * @param causes   that aim, pace or height was three times its size
     * @param single   the cause that is sure enough
     * @param error    by how much aim, pace or height was off if it was that one: its mean, in the band's sizes
     */
    public record OfLast(double ordinary, List<Double> causes, Optional<Strayed> single, List<Double> error) {}

    /**
     * The run up to so many shots.
     *
     * @param evidence likelihood of a lasting bias over that of none
     * @param share    of aim, pace and height in it
     * @param named    the cause that stands out
     * @param bias     of aim, pace and height if it was that one: its mean, in the band's sizes
     */
    public record Look(int shots, double evidence, List<Double> share, Optional<Strayed> named, List<Double> bias) {}

    /**
     * @param cell  the run of one stroke (station, side, call), oldest first
     * @param sizes of aim, pace and height in the band's sizes; side as height
     */
    public static AdviceEvidence of(StrokeCell cell, double[] sizes, StrokeShape shape) {
        return of(cell, sizes, shape, true);
    }

    /** The same where the run has just come to a look; else only of the last shot, which is all that may be spoken of then. */
    public static AdviceEvidence now(StrokeCell cell, double[] sizes, StrokeShape shape) {
        return of(cell, sizes, shape, LOOKS.contains(cell.attempts().size()));
    }

    private static AdviceEvidence of(StrokeCell cell, double[] sizes, StrokeShape shape, boolean withLooks) {
        if (sizes.length != Strayed.values().length) {
            throw new InvalidInputException(
                    ProblemCode.DIMENSION_MISMATCH, "sizes", sizes.length, "must have three entries");
        }
        Arrays.stream(sizes).forEach(size -> Require.positive("sizes", size));
        int n = cell.attempts().size();
        if (n == 0) {
            return new AdviceEvidence(Optional.empty(), List.of(), Optional.of(Reason.NO_DATA));
        }
        double[] usual = cell.likelihoods(four(sizes), new double[0], shape);
        return new AdviceEvidence(
                Optional.of(ofLast(cell, sizes, shape, usual[n - 1])),
                withLooks ? looks(cell, sizes, shape, usual) : List.of(),
                Optional.empty());
    }

    private static OfLast ofLast(StrokeCell cell, double[] sizes, StrokeShape shape, double usual) {
        int causes = sizes.length;
        double[] weight = new double[causes];
        List<Double> error = new ArrayList<>();
        double sum = ORDINARY * usual;
        for (int j = 0; j < causes; j++) {
            double[] strayed = four(sizes);
            strayed[j] *= OUT_OF_THE_USUAL_TIMES;
            double[] likelihoods = cell.likelihoods(strayed, new double[0], shape);
            weight[j] = (1 - ORDINARY) / causes * likelihoods[likelihoods.length - 1];
            sum += weight[j];
            error.add(cell.meanOfLast(j, strayed, shape));
        }
        double all = sum;
        List<Double> shares = Arrays.stream(weight).mapToObj(w -> w / all).toList();
        Optional<Strayed> single = Arrays.stream(Strayed.values())
                .filter(one -> shares.get(one.ordinal()) >= SINGLE)
                .findFirst();
        return new OfLast(ORDINARY * usual / all, shares, single, error);
    }

    private static List<Look> looks(StrokeCell cell, double[] sizes, StrokeShape shape, double[] usual) {
        int n = usual.length;
        List<Integer> at = LOOKS.stream().filter(shots -> shots <= n).toList();
        if (at.isEmpty()) {
            return List.of();
        }
        int causes = sizes.length;
        double[][] evidence = new double[at.size()][causes];
        double[][] moment = new double[at.size()][causes];
        for (int j = 0; j < causes; j++) {
            for (double g : BIASES) {
                double[] bias = new double[causes];
                bias[j] = g * sizes[j];
                double[] biased = cell.likelihoods(four(sizes), bias, shape);
                double ln = 0;
                int look = 0;
                for (int t = 0; t < n && look < at.size(); t++) {
                    ln += Math.log(biased[t] / usual[t]);
                    if (t + 1 == at.get(look)) {
                        evidence[look][j] += Math.exp(ln) / BIASES.length;
                        moment[look++][j] += Math.exp(ln) / BIASES.length * bias[j];
                    }
                }
            }
        }
        List<Look> looks = new ArrayList<>();
        for (int look = 0; look < at.size(); look++) {
            looks.add(look(at.get(look), evidence[look], moment[look]));
        }
        return looks;
    }

    private static Look look(int shots, double[] evidence, double[] moment) {
        double sum = Arrays.stream(evidence).sum();
        double mean = sum / evidence.length;
        List<Double> share = Arrays.stream(evidence)
                .mapToObj(one -> sum > 0 ? one / sum : 1.0 / evidence.length)
                .toList();
        int greatest = 0;
        for (int j = 1; j < evidence.length; j++) {
            greatest = evidence[j] > evidence[greatest] ? j : greatest;
        }
        boolean named = mean >= NAMED_EVIDENCE && share.get(greatest) >= NAMED_SHARE;
        List<Double> bias = new ArrayList<>();
        for (int j = 0; j < evidence.length; j++) {
            bias.add(evidence[j] > 0 ? moment[j] / evidence[j] : 0);
        }
        return new Look(shots, mean, share, named ? Optional.of(Strayed.values()[greatest]) : Optional.empty(), bias);
    }

    private static double[] four(double[] sizes) {
        return new double[] {sizes[0], sizes[1], sizes[2], sizes[2]};
    }
}
