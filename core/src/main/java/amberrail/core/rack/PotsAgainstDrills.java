package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Proportion;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Pots in racks against what the same student makes of pots of the same cut and distance in drills.
 *
 * @param shots    in racks, of kinds that were tried often enough in drills
 * @param made     of them
 * @param expected as many as the shares in drills give for this mix of kinds
 * @param more     made less expected, with its 90 % interval: chance in the racks, and few shots in the drills
 */
public record PotsAgainstDrills(int shots, int made, double expected, Interval more) {
    /** A share of fewer says next to nothing. */
    static final int LEAST_IN_DRILLS = 10;

    private static final double HALF_WIDTH = 1.645;

    /** What of one kind was played in the racks. */
    private static final class Tally {
        private int shots;
        private int made;
    }

    /** Empty where nothing can be compared. */
    static Optional<PotsAgainstDrills> of(List<RackReview.Rack> ended, Map<PotKind, Proportion> drills) {
        Map<PotKind, Tally> kinds = new LinkedHashMap<>();
        for (RackReview.Rack rack : ended) {
            for (int i = 0; i < rack.shots().size(); i++) {
                RecordedShot shot = rack.shots().get(i);
                kind(rack.played().before().get(i), shot).ifPresent(kind -> {
                    Tally tally = kinds.computeIfAbsent(kind, k -> new Tally());
                    tally.shots++;
                    tally.made += shot.outcome() == RecordedShot.Outcome.POTTED ? 1 : 0;
                });
            }
        }
        int shots = 0;
        int made = 0;
        double expected = 0;
        double variance = 0;
        for (Map.Entry<PotKind, Tally> one : kinds.entrySet()) {
            Proportion inDrills = drills.get(one.getKey());
            if (inDrills == null || inDrills.trials() < LEAST_IN_DRILLS) {
                continue;
            }
            int n = one.getValue().shots;
            shots += n;
            made += one.getValue().made;
            expected += (double) n * inDrills.successes() / inDrills.trials();
            // Half a success and half a failure more (Jeffreys), so that 10 of 10 is not taken for certainty.
            double share = (inDrills.successes() + 0.5) / (inDrills.trials() + 1);
            variance += share * (1 - share) * (n + (double) n * n / inDrills.trials());
        }
        if (shots == 0) {
            return Optional.empty();
        }
        double half = HALF_WIDTH * Math.sqrt(variance);
        return Optional.of(new PotsAgainstDrills(
                shots, made, expected, new Interval(made - expected - half, made - expected + half)));
    }

    private static Optional<PotKind> kind(RackPosition before, RecordedShot shot) {
        if (!shot.outcome().isPlayed()
                || shot.ball().isEmpty()
                || shot.pocket().isEmpty()
                || before.cue().isEmpty()) {
            return Optional.empty();
        }
        Point object = before.place(before.game().ballIndex(shot.ball().get()));
        Point pocket = before.table().plan.pocket(shot.pocket().get()).captureCentre();
        return PotKind.of(before.cue().get(), object, pocket, before.table().touching);
    }
}
