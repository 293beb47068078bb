package amberrail.core.statistics;

import amberrail.core.geometry.Zone;
import java.util.List;
import java.util.function.Predicate;

/**
 * Attempts sorted by what their landings may be used for: the landings of made and of missed pots are different
 * populations and never pooled.
 *
 * @param successes     made, landed inside the zone, no foul
 * @param successTrials all attempts less those made without a seen landing
 * @see "methods.md, partition"
 */
public record LandingPartition(
        int attempts,
        Group made,
        Group missed,
        int thick,
        int thin,
        int other,
        int fouls,
        int successes,
        int successTrials) {

    /** One population: n = landed + inOffs + unrecorded. */
    public record Group(int n, int landed, int inOffs, int unrecorded) {
        static Group of(List<PottingResult> results) {
            return new Group(
                    results.size(),
                    count(results, r -> r.landing().isPresent()),
                    count(results, PottingResult::inOff),
                    count(results, PottingResult::unrecorded));
        }
    }

    public static LandingPartition of(List<PottingResult> results, Zone zone) {
        Group made = Group.of(results.stream().filter(PottingResult::made).toList());
        Group missed = Group.of(results.stream().filter(r -> !r.made()).toList());
        return new LandingPartition(
                results.size(),
                made,
                missed,
                count(results, r -> r.pot() == PottingResult.Pot.THICK),
                count(results, r -> r.pot() == PottingResult.Pot.THIN),
                count(results, r -> r.pot() == PottingResult.Pot.OTHER),
                count(results, PottingResult::anyFoul),
                count(
                        results,
                        r -> r.made()
                                && !r.anyFoul()
                                && r.landing().filter(zone::contains).isPresent()),
                results.size() - made.unrecorded());
    }

    private static int count(List<PottingResult> results, Predicate<PottingResult> test) {
        return (int) results.stream().filter(test).count();
    }
}
