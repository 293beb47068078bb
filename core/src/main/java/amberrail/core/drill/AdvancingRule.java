package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * When a student may step up. Tries that were not judged fill no place (answers.md, "The judge").
 *
 * <p>Each rule has a cap: the most tries of one session at a station and side, since any rule is passed in the end. A rule that cannot be
 * met within its cap is refused when it is made.
 */
public sealed interface AdvancingRule {
    int LONGEST_CAP = 200;

    /** Most tries in one session. */
    int capTries();

    /** Where a student stands after these tries, oldest first. */
    RuleProgress progress(List<TryScore> tries);

    /** {@code successes} in a row. */
    record InARow(int successes, int capTries) implements AdvancingRule {
        public InARow {
            Require.between("successes", successes, 1, 50);
            Require.between("capTries", capTries, successes, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryScore> tries) {
            int run = 0;
            boolean passed = false;
            for (TryScore one : tries) {
                if (one.result() == TryResult.SUCCESS) {
                    run++;
                    passed = passed || run >= successes;
                } else if (one.result() == TryResult.FAILURE) {
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
        public RuleProgress progress(List<TryScore> tries) {
            return inBlocks(tries, outOf, successes, capTries, one -> one.result() == TryResult.SUCCESS ? 1 : 0);
        }
    }

    /** {@code successes} of the last {@code outOf} (or of the fewer so far). */
    record OfTheLast(int successes, int outOf, int capTries) implements AdvancingRule {
        public OfTheLast {
            Require.between("outOf", outOf, 1, 16);
            Require.between("successes", successes, 1, outOf);
            Require.between("capTries", capTries, successes, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryScore> tries) {
            Deque<Integer> window = new ArrayDeque<>();
            int made = 0;
            boolean passed = false;
            for (TryScore one : tries) {
                if (one.result() == TryResult.NOT_JUDGED) {
                    continue;
                }
                int success = one.result() == TryResult.SUCCESS ? 1 : 0;
                window.addLast(success);
                made += success;
                if (window.size() > outOf) {
                    made -= window.removeFirst();
                }
                passed = passed || made >= successes;
            }
            return new RuleProgress(Math.min(made, successes), successes, passed, tries.size(), capTries);
        }
    }

    /** One whole run through all the station's shots without a miss; a miss sets everything up again. */
    record WholeRun(int capTries) implements AdvancingRule {
        public WholeRun {
            Require.between("capTries", capTries, 1, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryScore> tries) {
            boolean passed = tries.stream().anyMatch(one -> one.result() == TryResult.SUCCESS);
            return new RuleProgress(passed ? 1 : 0, 1, passed, tries.size(), capTries);
        }
    }

    /** {@code points} in a block of {@code outOf} tries; each block starts afresh. */
    record PointsTotal(int points, int outOf, int capTries) implements AdvancingRule {
        public PointsTotal {
            Require.between("outOf", outOf, 1, 100);
            Require.between("points", points, 1, 100 * outOf);
            Require.between("capTries", capTries, outOf, LONGEST_CAP);
        }

        @Override
        public RuleProgress progress(List<TryScore> tries) {
            return inBlocks(tries, outOf, points, capTries, TryScore::points);
        }
    }

    /** Blocks of {@code outOf} judged tries, each summed afresh; the sum that counts is the last block's. */
    private static RuleProgress inBlocks(
            List<TryScore> tries, int outOf, int needed, int capTries, ToIntFunction<TryScore> worth) {
        int place = 0;
        int sum = 0;
        boolean passed = false;
        for (TryScore one : tries) {
            if (one.result() == TryResult.NOT_JUDGED) {
                continue;
            }
            if (place == outOf) {
                place = 0;
                sum = 0;
            }
            place++;
            sum += worth.applyAsInt(one);
            passed = passed || sum >= needed;
        }
        return new RuleProgress(Math.min(sum, needed), needed, passed, tries.size(), capTries);
    }
}
