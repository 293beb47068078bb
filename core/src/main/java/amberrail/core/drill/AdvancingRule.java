package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.List;

/**
 * When a student may step up. Tries that were not judged fill no place (answers.md, "The judge").
 *
 * <p>Each rule has a cap: the most tries of one session at a station and side, since any rule is passed in the end.
 */
public sealed interface AdvancingRule {
    int LONGEST_CAP = 200;

    /** Most tries in one session. */
    int capTries();

    /** Where a student stands after these tries, oldest first. */
    RuleProgress progress(List<TryResult> tries);

    /** {@code successes} in a row. */
    record InARow(int successes, int capTries) implements AdvancingRule {
        public InARow {
            Require.between("successes", successes, 1, 50);
            Require.between("capTries", capTries, successes, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryResult> tries) {
            int run = 0;
            boolean passed = false;
            for (TryResult result : tries) {
                if (result == TryResult.SUCCESS) {
                    run++;
                    passed = passed || run >= successes;
                } else if (result == TryResult.FAILURE) {
                    run = 0;
                }
            }
            return new RuleProgress(Math.min(run, successes), successes, passed, tries.size(), capTries);
        }
    }

    /** {@code successes} of a block of {@code outOf}; each block starts afresh. */
    record OfABlock(int successes, int outOf, int capTries) implements AdvancingRule {
        public OfABlock {
            Require.between("outOf", outOf, 1, 100);
            Require.between("successes", successes, 1, outOf);
            Require.between("capTries", capTries, outOf, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryResult> tries) {
            int place = 0;
            int made = 0;
            boolean passed = false;
            for (TryResult result : tries) {
                if (result == TryResult.NOT_JUDGED) {
                    continue;
                }
                if (place == outOf) {
                    place = 0;
                    made = 0;
                }
                place++;
                made += result == TryResult.SUCCESS ? 1 : 0;
                passed = passed || made >= successes;
            }
            return new RuleProgress(Math.min(made, successes), successes, passed, tries.size(), capTries);
        }
    }
}
