package amberrail.core.rack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a shot went that was to drive balls free which are tied together. */
public enum BreakOut {
    /** It met them. */
    HIT,
    /** It did not. */
    MISSED;

    /** Balls of a cluster that lie free of it after a shot. */
    static List<String> driven(RackPosition before, RackPosition after) {
        List<List<String>> tied = Clusters.of(after);
        List<String> driven = new ArrayList<>();
        for (List<String> cluster : Clusters.of(before)) {
            for (String id : cluster) {
                if (isMoved(before, after, id) && tied.stream().noneMatch(one -> one.contains(id))) {
                    driven.add(id);
                }
            }
        }
        return driven;
    }

    /** Empty where the shot as it was meant drives nothing free. */
    static Optional<BreakOut> of(RackPosition before, RackPosition meant, RackPosition played) {
        List<String> wanted = driven(before, meant);
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        boolean hit = wanted.stream()
                .anyMatch(id -> isMoved(before, played, id)
                        || !played.isOnTable(played.game().ballIndex(id)));
        return Optional.of(hit ? HIT : MISSED);
    }

    private static boolean isMoved(RackPosition before, RackPosition after, String id) {
        int ball = before.game().ballIndex(id);
        return after.isOnTable(ball) && !after.place(ball).equals(before.place(ball));
    }
}
