package amberrail.core.statistics;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether a student's ability has changed between two periods that share no attempts. Each period's ability is found from its own results alone
 * with hardly any prior, since the usual one would pull a period of few attempts towards the middle and so make a change of it. A station's
 * difficulty that is wrong in the same way for both periods cancels.
 *
 * @param logits   later less earlier; empty with a reason
 * @param interval 95 %
 */
public record AbilityChange(
        Optional<Double> logits, Optional<Interval> interval, Verdict verdict, Optional<Reason> reason) {
    /** Fewer tries in a period than this say nothing about a change. */
    public static final int FEWEST_TRIES = 20;

    private static final RaschFit.Prior HARDLY_ANY = new RaschFit.Prior(10, 0.6, 0.4, Optional.empty(), 0.05);
    private static final double TWO_SIDED_95 = Quantile.normal(0.975);

    /** One session's results at a station of known difficulty. */
    public record Result(String station, double difficulty, double difficultySe, int made, int attempts) {}

    public static AbilityChange of(List<Result> before, List<Result> after) {
        if (before.isEmpty() && after.isEmpty()) {
            return notYet(Reason.NO_DATA);
        }
        if (tries(before) < FEWEST_TRIES || tries(after) < FEWEST_TRIES || oneSided(before) || oneSided(after)) {
            return notYet(Reason.TOO_FEW);
        }
        Period earlier = Period.of(before);
        Period later = Period.of(after);
        Map<String, Double> pull = new HashMap<>();
        later.pull.forEach((station, share) -> pull.merge(station, share, Double::sum));
        earlier.pull.forEach((station, share) -> pull.merge(station, -share, Double::sum));
        Map<String, Double> se = new HashMap<>();
        before.forEach(one -> se.put(one.station(), one.difficultySe()));
        after.forEach(one -> se.put(one.station(), one.difficultySe()));
        double variance = earlier.variance + later.variance;
        for (Map.Entry<String, Double> one : pull.entrySet()) {
            double moved = one.getValue() * se.get(one.getKey());
            variance += moved * moved;
        }
        double change = later.ability - earlier.ability;
        Interval interval = Interval.around(change, TWO_SIDED_95 * Math.sqrt(variance));
        return new AbilityChange(
                Optional.of(change),
                Optional.of(interval),
                Verdict.of(interval.lower(), interval.upper(), 0, true),
                Optional.empty());
    }

    private static AbilityChange notYet(Reason reason) {
        return new AbilityChange(Optional.empty(), Optional.empty(), Verdict.NO_CLEAR_CHANGE_YET, Optional.of(reason));
    }

    private static int tries(List<Result> results) {
        return results.stream().mapToInt(Result::attempts).sum();
    }

    /** All made or all missed has no ability of its own: only "at least" or "at most". */
    private static boolean oneSided(List<Result> results) {
        int made = results.stream().mapToInt(Result::made).sum();
        return made == 0 || made == tries(results);
    }

    /** A period's ability, its variance at the given difficulties, and how far each station's difficulty pulls it. */
    private record Period(double ability, double variance, Map<String, Double> pull) {
        static Period of(List<Result> results) {
            List<AbilityThen.Result> plain = new ArrayList<>();
            results.forEach(
                    one -> plain.add(new AbilityThen.Result(one.difficulty(), 0, one.made(), one.attempts(), 0)));
            AbilityThen then = AbilityThen.of(plain, HARDLY_ANY).orElseThrow();
            double information = 1 / (then.se() * then.se());
            Map<String, Double> pull = new HashMap<>();
            for (Result one : results) {
                double p = RaschCells.logistic(then.logits() - one.difficulty());
                double weight = RaschCells.weight(new RaschFit.Row("", "", one.made(), one.attempts(), 0), HARDLY_ANY);
                pull.merge(one.station(), weight * one.attempts() * p * (1 - p) / information, Double::sum);
            }
            return new Period(then.logits(), then.se() * then.se(), pull);
        }
    }
}
