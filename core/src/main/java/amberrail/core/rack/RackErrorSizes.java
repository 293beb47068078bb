package amberrail.core.rack;

import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A student's own error sizes from shots of racks, each of which was played once.
 *
 * <p>Every planned stroke is played {@link #DRAWS} times with errors drawn wide, the same draws for all strokes. Weighed to any sizes (importance sampling), they say how likely it was that
 * the shot missed, or that it potted and the cue ball stopped about where it did (a normal kernel; a small share of anywhere, so that one slip of the hand does not decide). Sizes are
 * log-normal about what was believed; the largest posterior is found by turns over a grid.
 */
final class RackErrorSizes {
    /** Spread of the natural logarithm of a size about what was believed: an assumption. */
    private static final double BELIEF = 0.6;

    private static final int DRAWS = 600;
    /** Errors are drawn so many times as wide as believed. */
    private static final double WIDE = 1.8;
    /** Of the kernel (mm). */
    private static final double KERNEL = 60;

    private static final double ANYWHERE = 0.03;
    private static final int KINDS = 4;
    private static final int GRID = 49;
    private static final double REACH = 1.8;
    private static final int TURNS = 4;
    /** Fewer tell nothing. */
    private static final int FEWEST = 10;

    private final double[][] draws = draws();
    private final double[][] fits;
    private final double anywhere;

    private RackErrorSizes(List<RackShot> shots, ExecutionErrors believed) {
        ExecutionErrors wide = believed.times(WIDE);
        fits = shots.parallelStream().map(shot -> fits(shot, wide)).toArray(double[][]::new);
        RackTable table = shots.get(0).before().table();
        anywhere = ANYWHERE / (table.spec.lengthMillimetres() * table.spec.widthMillimetres());
    }

    /** Empty with fewer than ten shots. */
    static Optional<ExecutionErrors> of(List<RackShot> shots, ExecutionErrors believed) {
        return shots.size() < FEWEST
                ? Optional.empty()
                : Optional.of(new RackErrorSizes(shots, believed).best(believed));
    }

    private static double[][] draws() {
        double[][] draws = new double[DRAWS][];
        Random random = new Random(0x512E5);
        for (int i = 0; i < DRAWS; i++) {
            draws[i] = new double[RackDraws.EACH];
            for (int k = 0; k < RackDraws.EACH; k++) {
                draws[i][k] = random.nextGaussian();
            }
        }
        return draws;
    }

    /** How well each draw agrees with what was seen: 1 or 0 where only the pot was seen, else the kernel about the landing (1/mm²). */
    private double[] fits(RackShot shot, ExecutionErrors wide) {
        RackTable table = shot.before().table();
        ShotRunner runner = table.runner(shot.before());
        CueStrike strike = shot.stroke().onBall(table.cueBall.radiusMillimetres());
        int ball = indexOf(shot);
        double[] fits = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            boolean moved =
                    runner.playStraying(strike, shot.stroke().launchDegrees(), wide, table.spec.level(), draws[i]);
            fits[i] = moved ? fit(shot, runner.result(), ball) : shot.potted() ? 0 : 1;
        }
        return fits;
    }

    private static double fit(RackShot shot, PlayedShot played, int ball) {
        if (played.isPottedIn(ball, shot.pocket()) != shot.potted()) {
            return 0;
        }
        if (!shot.potted() || shot.landing().isEmpty()) {
            return 1;
        }
        if (played.isPotted(0)) {
            return 0;
        }
        double dx = played.xMillimetres(0) - shot.landing().get().xMillimetres();
        double dy = played.yMillimetres(0) - shot.landing().get().yMillimetres();
        return Math.exp(-0.5 * (dx * dx + dy * dy) / (KERNEL * KERNEL)) / (2 * Math.PI * KERNEL * KERNEL);
    }

    private static int indexOf(RackShot shot) {
        int ball = shot.before().game().ballIndex(shot.ball());
        int[] balls = shot.before().onTable();
        for (int i = 0; i < balls.length; i++) {
            if (balls[i] == ball) {
                return i + 1;
            }
        }
        throw new IllegalStateException("a ball that is not on the table was played");
    }

    private ExecutionErrors best(ExecutionErrors believed) {
        double[] logs = new double[KINDS];
        for (int turn = 0; turn < TURNS; turn++) {
            for (int kind = 0; kind < KINDS; kind++) {
                double best = Double.NEGATIVE_INFINITY;
                double at = logs[kind];
                for (int i = 0; i < GRID; i++) {
                    logs[kind] = REACH * (2.0 * i / (GRID - 1) - 1);
                    double posterior = logPosterior(logs);
                    if (posterior > best) {
                        best = posterior;
                        at = logs[kind];
                    }
                }
                logs[kind] = at;
            }
        }
        return new ExecutionErrors(
                believed.aimMilliradians() * Math.exp(logs[0]),
                believed.paceFraction() * Math.exp(logs[1]),
                believed.tipHeightMillimetres() * Math.exp(logs[2]),
                believed.tipSideMillimetres() * Math.exp(logs[3]));
    }

    private double logPosterior(double[] logs) {
        double sum = 0;
        for (double log : logs) {
            sum -= 0.5 * log * log / (BELIEF * BELIEF);
        }
        double[] weights = weights(logs);
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        for (double[] fit : fits) {
            double likelihood = 0;
            for (int i = 0; i < DRAWS; i++) {
                likelihood += weights[i] * fit[i];
            }
            sum += Math.log((1 - ANYWHERE) * likelihood / total + anywhere);
        }
        return sum;
    }

    /** Density of each draw under these sizes over that under which it was drawn. */
    private double[] weights(double[] logs) {
        double[] half = new double[KINDS];
        double constant = 1;
        for (int kind = 0; kind < KINDS; kind++) {
            double ratio = WIDE / Math.exp(logs[kind]);
            half[kind] = 0.5 * (ratio * ratio - 1);
            constant *= ratio;
        }
        double[] weights = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            double exponent = 0;
            for (int kind = 0; kind < KINDS; kind++) {
                exponent -= half[kind] * draws[i][kind] * draws[i][kind];
            }
            weights[i] = constant * Math.exp(exponent);
        }
        return weights;
    }
}
