package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.List;

/**
 * When a student goes back a station: {@code failures} among the last {@code outOf} judged tries.
 */
public record StepBackRule(int failures, int outOf) {
    public StepBackRule {
        Require.between("outOf", outOf, 1, 50);
        Require.between("failures", failures, 1, outOf);
    }

    /** Whether these tries, oldest first, say so. */
    public boolean saysBack(List<TryScore> tries) {
        List<TryScore> judged = tries.stream()
                .filter(score -> score.result() != TryResult.NOT_JUDGED)
                .toList();
        return judged.subList(Math.max(0, judged.size() - outOf), judged.size()).stream()
                        .filter(score -> score.result() == TryResult.FAILURE)
                        .count()
                >= failures;
    }
}
