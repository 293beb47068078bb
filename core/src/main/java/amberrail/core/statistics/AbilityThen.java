package amberrail.core.statistics;

import java.util.List;
import java.util.Optional;

/**
 * A student's ability at one time, given the stations' difficulties: with those of the joint fit and today's ages it is that fit's ability. So
 * the past can be drawn without fitting the whole club anew for every week.
 *
 * @param logits most likely value under the prior N(0, sdAbility²)
 * @param se     of it, with what is not known of the difficulties
 * @see "statistics/methods.md, raschFit: the same likelihood, weights and prior"
 */
public record AbilityThen(double logits, double se, int made, int attempts) {
    private static final double STOP = 1e-12;
    private static final int MOST_STEPS = 100;

    /** Results of one session at one station of known difficulty; {@code ageDays} at the time that is asked about. */
    public record Result(double difficulty, double difficultySe, int made, int attempts, double ageDays) {}

    /** Empty without any attempt: the prior alone is no news about a student. */
    public static Optional<AbilityThen> of(List<Result> results, RaschFit.Prior belief) {
        int attempts = results.stream().mapToInt(Result::attempts).sum();
        if (attempts == 0) {
            return Optional.empty();
        }
        double[] weights = results.stream()
                .mapToDouble(one ->
                        RaschCells.weight(new RaschFit.Row("", "", one.made(), one.attempts(), one.ageDays()), belief))
                .toArray();
        double precision = 1 / (belief.sdAbility() * belief.sdAbility());
        double ability = 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            double gradient = -precision * ability;
            double information = precision;
            for (int i = 0; i < weights.length; i++) {
                Result one = results.get(i);
                double p = RaschCells.logistic(ability - one.difficulty());
                gradient += weights[i] * (one.made() - one.attempts() * p);
                information += weights[i] * one.attempts() * p * (1 - p);
            }
            // At most 2 logits a step: far from the answer the curvature is too flat to trust.
            double move = Math.max(-2, Math.min(2, gradient / information));
            ability += move;
            if (Math.abs(move) < STOP) {
                break;
            }
        }
        return Optional.of(new AbilityThen(
                ability,
                standardError(results, weights, precision, ability),
                results.stream().mapToInt(Result::made).sum(),
                attempts));
    }

    /** A difficulty that is wrong by d moves the ability by its share of the information times d. */
    private static double standardError(List<Result> results, double[] weights, double precision, double ability) {
        double information = precision;
        double[] own = new double[weights.length];
        for (int i = 0; i < weights.length; i++) {
            double p = RaschCells.logistic(ability - results.get(i).difficulty());
            own[i] = weights[i] * results.get(i).attempts() * p * (1 - p);
            information += own[i];
        }
        double variance = 1 / information;
        for (int i = 0; i < weights.length; i++) {
            double moved = own[i] / information * results.get(i).difficultySe();
            variance += moved * moved;
        }
        return Math.sqrt(variance);
    }
}
