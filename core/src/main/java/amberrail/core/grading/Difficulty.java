package amberrail.core.grading;

import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.SuccessSimulation;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.ItemSlope;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;

/**
 * The ability (logit) at which a station succeeds half the time with its usual recipe (grading.md).
 *
 * <p>Success is simulated over a grid of abilities with common random numbers; a station of several shots succeeds with the product of
 * their rates. Few strokes over the whole grid find where half lies, then many strokes at the abilities about it. The rates are made to rise with
 * ability by pooling neighbours (isotonic regression, Ayer et al. 1955), and half is read off between the two that hold it. The
 * standard error is that of the rate there over the slope.
 *
 * @param abilityLogits where half is reached; the grid's end where {@code decided} is false
 * @param standardError in logits
 * @param decided       false where even the ends of the scale do not decide: over 1000, or under 0
 * @param slope         how steeply success rises with ability about it ({@link ItemSlope}); 1 where the scale does not decide
 */
public record Difficulty(double abilityLogits, double standardError, boolean decided, double slope) {
    private static final double LOWEST = -6;
    private static final double STEP = 0.75;
    private static final int STEPS = 17;
    private static final int FINE_REACH = 2;
    private static final double SLOPE_FROM = -4.5;
    private static final double SLOPE_TO = 4.5;

    /** A shot with the stroke that is its usual recipe. */
    public record Played(ShotTask task, PlannedStroke stroke) {}

    /** On the scale, not clipped. */
    public double grade() {
        return GradeScale.grade(abilityLogits);
    }

    /** With the same strokes everywhere. */
    public static Difficulty of(List<Played> shots, StrokeNoise noise) {
        return of(shots, ExecutionErrors::ofAbility, noise, noise, () -> false);
    }

    /**
     * @param errors    what a student of an ability errs by
     * @param rough     strokes to find the place with
     * @param fine      strokes to read it off with
     * @param cancelled asked between abilities; {@code CancellationException} once true
     */
    public static Difficulty of(
            List<Played> shots,
            DoubleFunction<ExecutionErrors> errors,
            StrokeNoise rough,
            StrokeNoise fine,
            BooleanSupplier cancelled) {
        Curve curve = new Curve(shots, errors, cancelled);
        for (int i = 0; i < STEPS; i++) {
            curve.simulate(i, rough);
        }
        if (fine != rough) {
            int about = curve.firstAtHalf();
            for (int i = Math.max(0, about - FINE_REACH); i < Math.min(STEPS, about + FINE_REACH); i++) {
                curve.simulate(i, fine);
            }
        }
        return curve.halfWay();
    }

    /** Success over the grid of abilities, as far as it was simulated. */
    private static final class Curve {
        private final List<Played> shots;
        private final DoubleFunction<ExecutionErrors> errors;
        private final BooleanSupplier cancelled;
        private final double[] rates = new double[STEPS];
        private final double[] standardErrors = new double[STEPS];

        Curve(List<Played> shots, DoubleFunction<ExecutionErrors> errors, BooleanSupplier cancelled) {
            this.shots = shots;
            this.errors = errors;
            this.cancelled = cancelled;
        }

        void simulate(int index, StrokeNoise noise) {
            double rate = 1;
            double relative = 0;
            for (Played shot : shots) {
                SuccessRate one = rate(shot, errors.apply(LOWEST + index * STEP), noise, cancelled);
                rate *= one.probability();
                relative += one.probability() > 0 ? Math.pow(one.standardError() / one.probability(), 2) : 0;
            }
            rates[index] = rate;
            standardErrors[index] = rate * Math.sqrt(relative);
        }

        int firstAtHalf() {
            double[] fitted = isotonic(rates);
            int index = 0;
            while (index < STEPS && fitted[index] < 0.5) {
                index++;
            }
            return index;
        }

        Difficulty halfWay() {
            double[] fitted = isotonic(rates);
            if (fitted[STEPS - 1] < 0.5) {
                return new Difficulty(LOWEST + (STEPS - 1) * STEP, 0, false, 1);
            }
            if (fitted[0] >= 0.5) {
                return new Difficulty(LOWEST, 0, false, 1);
            }
            int above = firstAtHalf();
            double rise = fitted[above] - fitted[above - 1];
            double share = (0.5 - fitted[above - 1]) / rise;
            double error = standardErrors[above - 1] * (1 - share) + standardErrors[above] * share;
            double place = LOWEST + (above - 1 + share) * STEP;
            return new Difficulty(place, error * STEP / rise, true, slopeAbout(place));
        }

        /** Over the middle of the scale; the very ends, where nobody plays, would bend it. */
        private double slopeAbout(double place) {
            int from = (int) Math.round((SLOPE_FROM - LOWEST) / STEP);
            int to = (int) Math.round((SLOPE_TO - LOWEST) / STEP) + 1;
            double[] abilities = IntStream.range(from, to)
                    .mapToDouble(i -> LOWEST + i * STEP)
                    .toArray();
            return ItemSlope.of(place, abilities, Arrays.copyOfRange(rates, from, to))
                    .slope();
        }
    }

    private static SuccessRate rate(Played shot, ExecutionErrors errors, StrokeNoise noise, BooleanSupplier cancelled) {
        ShotTask task = shot.task();
        double radius = task.balls().get(task.cueBall()).radiusMillimetres();
        return new SuccessSimulation(task.table(), task.physics(), task.balls(), task.cueBall())
                .estimate(
                        shot.stroke().onBall(radius),
                        task.errors(errors),
                        noise,
                        task.success(),
                        cancelled,
                        done -> {});
    }

    /** Pool adjacent violators: the rising sequence nearest to the given one. */
    static double[] isotonic(double... values) {
        double[] level = new double[values.length];
        int[] weight = new int[values.length];
        int blocks = 0;
        for (double value : values) {
            level[blocks] = value;
            weight[blocks++] = 1;
            while (blocks > 1 && level[blocks - 2] > level[blocks - 1]) {
                int together = weight[blocks - 2] + weight[blocks - 1];
                level[blocks - 2] =
                        (level[blocks - 2] * weight[blocks - 2] + level[blocks - 1] * weight[blocks - 1]) / together;
                weight[blocks - 2] = together;
                blocks--;
            }
        }
        double[] fitted = new double[values.length];
        int at = 0;
        for (int b = 0; b < blocks; b++) {
            for (int i = 0; i < weight[b]; i++) {
                fitted[at++] = level[b];
            }
        }
        return fitted;
    }
}
