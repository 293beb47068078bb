package amberrail.core.grading;

import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.SuccessSimulation;
import java.util.ArrayList;
import java.util.List;

/**
 * The ability (logit) at which a station succeeds half the time with its usual recipe (grading.md).
 *
 * <p>Success is simulated over a grid of abilities with common random numbers; a station of several shots succeeds with the product of
 * their rates. The rates are made to rise with ability by pooling neighbours (isotonic regression, Ayer et al. 1955), and half is read off
 * between the two that hold it. The standard error is that of the rate there over the slope.
 *
 * @param abilityLogits where half is reached; the grid's end where {@code decided} is false
 * @param standardError in logits
 * @param decided       false where even the ends of the scale do not decide: over 1000, or under 0
 */
public record Difficulty(double abilityLogits, double standardError, boolean decided) {
    private static final double LOWEST = -6;
    private static final double STEP = 0.75;
    private static final int STEPS = 17;
    private static final double GRADE_AT_ZERO = 500;
    private static final double GRADE_PER_LOGIT = 100;

    /** A shot with the stroke that is its usual recipe. */
    public record Played(ShotTask task, PlannedStroke stroke) {}

    /** 500 + 100 logits, not clipped. */
    public double grade() {
        return GRADE_AT_ZERO + GRADE_PER_LOGIT * abilityLogits;
    }

    public static Difficulty of(List<Played> shots, StrokeNoise noise) {
        List<Double> rates = new ArrayList<>();
        List<Double> errors = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            double rate = 1;
            double relative = 0;
            for (Played shot : shots) {
                SuccessRate one = rate(shot, ExecutionErrors.ofAbility(LOWEST + i * STEP), noise);
                rate *= one.probability();
                relative += one.probability() > 0 ? Math.pow(one.standardError() / one.probability(), 2) : 0;
            }
            rates.add(rate);
            errors.add(rate * Math.sqrt(relative));
        }
        return halfWay(isotonic(rates), errors);
    }

    private static SuccessRate rate(Played shot, ExecutionErrors errors, StrokeNoise noise) {
        ShotTask task = shot.task();
        double radius = 1000 * task.balls().get(task.cueBall()).radiusMetres();
        return new SuccessSimulation(task.table(), task.physics(), task.balls(), task.cueBall())
                .estimate(shot.stroke().onBall(radius), errors, noise, task.success(), () -> false, done -> {});
    }

    private static Difficulty halfWay(double[] rates, List<Double> errors) {
        if (rates[STEPS - 1] < 0.5) {
            return new Difficulty(LOWEST + (STEPS - 1) * STEP, 0, false);
        }
        if (rates[0] >= 0.5) {
            return new Difficulty(LOWEST, 0, false);
        }
        int above = 1;
        while (rates[above] < 0.5) {
            above++;
        }
        double rise = rates[above] - rates[above - 1];
        double share = (0.5 - rates[above - 1]) / rise;
        double error = errors.get(above - 1) * (1 - share) + errors.get(above) * share;
        return new Difficulty(LOWEST + (above - 1 + share) * STEP, error * STEP / rise, true);
    }

    /** Pool adjacent violators: the rising sequence nearest to the given one. */
    static double[] isotonic(List<Double> values) {
        double[] level = new double[values.size()];
        int[] weight = new int[values.size()];
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
        double[] fitted = new double[values.size()];
        int at = 0;
        for (int b = 0; b < blocks; b++) {
            for (int i = 0; i < weight[b]; i++) {
                fitted[at++] = level[b];
            }
        }
        return fitted;
    }
}
