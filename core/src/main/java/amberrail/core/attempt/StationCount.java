package amberrail.core.attempt;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.TryScore;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.PooledSpread;
import amberrail.core.statistics.PottingResult;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * What a student's attempts at one station of one session come to, original and mirror together.
 *
 * @param pots       attempts of which a pot was asked
 * @param tries      judged runs through the station's shots
 * @param landings   of made pots (where no pot is asked, of every attempt) that were seen
 * @param line       spread across the way of arrival, about the mean of each side and shot
 * @param speed      along it
 * @param radialLogs sum over the landings of ln(distance from the target in mm, at least 1 mm) (methods.md, theilSen)
 * @param passed     the station's rule was met on every side that was played
 */
public record StationCount(
        int attempts,
        int pots,
        int potted,
        int thick,
        int thin,
        int tries,
        int successes,
        int landings,
        PooledSpread line,
        PooledSpread speed,
        double radialLogs,
        boolean passed) {
    private static final double NEAREST_MILLIMETRES = 1;

    /** One attempt as it was judged. */
    public record Counted(
            Object tryId,
            int shot,
            boolean mirrored,
            boolean asksForAPot,
            PotOutcome outcome,
            Judgement judgement,
            Optional<ArrivalError> error) {
        /** Where the ball went on its way is only to be compared among shots that were struck as asked. */
        boolean landedAsAsked() {
            return error.isPresent() && (outcome.potted() || outcome == PotOutcome.CONTACT_AS_ASKED);
        }
    }

    /** Of attempts in their order; {@code shots} is how many a try has. */
    public static StationCount of(List<Counted> attempts, int shots, AdvancingRule rule) {
        Map<Boolean, List<Tries.PlayedOne>> bySide = new LinkedHashMap<>();
        Map<List<Object>, List<ArrivalError>> errors = new LinkedHashMap<>();
        double logs = 0;
        int landings = 0;
        for (Counted one : attempts) {
            bySide.computeIfAbsent(one.mirrored(), side -> new ArrayList<>())
                    .add(new Tries.PlayedOne(one.tryId(), one.shot(), one.judgement()));
            if (one.landedAsAsked()) {
                ArrivalError error = one.error().orElseThrow();
                errors.computeIfAbsent(List.of(one.mirrored(), one.shot()), k -> new ArrayList<>())
                        .add(error);
                logs += Math.log(Math.max(NEAREST_MILLIMETRES, error.radialMillimetres()));
                landings++;
            }
        }
        int tries = 0;
        int successes = 0;
        boolean passed = !bySide.isEmpty();
        for (List<Tries.PlayedOne> side : bySide.values()) {
            List<TryScore> scores = Tries.of(side, shots);
            tries += count(scores, score -> score.result() != TryResult.NOT_JUDGED);
            successes += count(scores, score -> score.result() == TryResult.SUCCESS);
            passed = passed && rule.progress(scores).passed();
        }
        return new StationCount(
                attempts.size(),
                count(attempts, Counted::asksForAPot),
                count(attempts, one -> one.asksForAPot() && one.outcome().potted()),
                count(attempts, one -> one.outcome().pot() == PottingResult.Pot.THICK),
                count(attempts, one -> one.outcome().pot() == PottingResult.Pot.THIN),
                tries,
                successes,
                landings,
                pooled(errors, ArrivalError::lineMillimetres),
                pooled(errors, ArrivalError::speedMillimetres),
                logs,
                passed);
    }

    private static PooledSpread pooled(
            Map<List<Object>, List<ArrivalError>> groups, ToDoubleFunction<ArrivalError> part) {
        return groups.values().stream()
                .map(group ->
                        PooledSpread.of(group.stream().mapToDouble(part).boxed().toList()))
                .reduce(PooledSpread.NONE, PooledSpread::and);
    }

    private static <T> int count(List<T> items, java.util.function.Predicate<T> test) {
        return (int) items.stream().filter(test).count();
    }
}
