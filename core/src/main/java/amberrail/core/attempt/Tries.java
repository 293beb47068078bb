package amberrail.core.attempt;

import amberrail.core.drill.TryResult;
import amberrail.core.drill.TryScore;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Attempts put together to tries: one run through a station's shots each (answers.md, "Words of the model"). */
public final class Tries {
    private Tries() {}

    /** One attempt: which try it belongs to, which of the station's shots it was (from 0), and what the judge says. */
    public record PlayedOne(Object tryId, int shot, Judgement judgement) {}

    /**
     * The tries in the order in which they began.
     *
     * <p>A try fails with its first shot that fails, and succeeds when every shot of the station has succeeded; its points add up. Where a
     * shot was not judged and none failed, it is not judged. A try that is still under way (the last one, not failed, shots
     * to go) is left out; one that was left for another is not judged.
     *
     * @param shots how many shots the station has, from 1
     */
    public static List<TryScore> of(List<PlayedOne> attempts, int shots) {
        Map<Object, SoFar> byTry = new LinkedHashMap<>();
        for (PlayedOne one : attempts) {
            byTry.computeIfAbsent(one.tryId(), id -> new SoFar()).add(one);
        }
        List<TryScore> scores = new ArrayList<>(byTry.size());
        int left = byTry.size();
        for (SoFar one : byTry.values()) {
            left--;
            boolean complete = one.played.cardinality() >= shots;
            if (one.failed) {
                scores.add(TryScore.FAILURE);
            } else if (complete && !one.unjudged) {
                scores.add(new TryScore(TryResult.SUCCESS, one.points));
            } else if (complete || left > 0) {
                scores.add(TryScore.NOT_JUDGED);
            }
        }
        return scores;
    }

    /** What is known of one try so far: this is worked out over a whole visit at every recorded shot, so it keeps sums and no lists. */
    private static final class SoFar {
        private final BitSet played = new BitSet();
        private boolean failed;
        private boolean unjudged;
        private int points;

        private void add(PlayedOne one) {
            played.set(one.shot());
            points += one.judgement().points();
            failed |= one.judgement().result() == TryResult.FAILURE;
            unjudged |= one.judgement().result() == TryResult.NOT_JUDGED;
        }
    }
}
