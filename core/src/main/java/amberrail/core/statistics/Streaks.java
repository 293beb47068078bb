package amberrail.core.statistics;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;

/**
 * Runs of makes and misses, and how likely luck alone makes a run as long.
 *
 * @param current       length of the run that is under way
 * @param currentIsMade what it is a run of; empty without outcomes
 * @param pLongestMade  chance that the longest run of makes is at least as long as the one seen, every order of these outcomes equally
 *     likely; below 0.05 is "streakier than luck"
 * @see "statistics/methods.md, streaks; Feller 1968"
 */
public record Streaks(
        int current,
        Optional<Boolean> currentIsMade,
        int longestMade,
        int longestMissed,
        Optional<Double> pLongestMade,
        Optional<Reason> reason) {
    private static final int JUDGED = 1000;

    public static Streaks of(List<Boolean> outcomes) {
        if (outcomes.isEmpty()) {
            return new Streaks(0, Optional.empty(), 0, 0, Optional.empty(), Optional.of(Reason.NO_DATA));
        }
        int run = 0;
        int longestMade = 0;
        int longestMissed = 0;
        boolean last = outcomes.get(0);
        for (boolean outcome : outcomes) {
            run = outcome == last ? run + 1 : 1;
            last = outcome;
            longestMade = outcome ? Math.max(longestMade, run) : longestMade;
            longestMissed = outcome ? longestMissed : Math.max(longestMissed, run);
        }
        return new Streaks(
                run,
                Optional.of(last),
                longestMade,
                longestMissed,
                Optional.of(chanceOfTheLast(outcomes)),
                Optional.empty());
    }

    /** Beyond {@value #JUDGED} outcomes the chance is that of the last {@value #JUDGED} alone, with their own longest run. */
    private static double chanceOfTheLast(List<Boolean> outcomes) {
        List<Boolean> judged = outcomes.subList(Math.max(0, outcomes.size() - JUDGED), outcomes.size());
        int made = 0;
        int run = 0;
        int longest = 0;
        for (boolean outcome : judged) {
            run = outcome ? run + 1 : 0;
            made += outcome ? 1 : 0;
            longest = Math.max(longest, run);
        }
        return atLeast(longest, judged.size(), made);
    }

    /** 1 - Σ (-1)^j C(f+1, j) C(s - jL + f, f) / C(n, s), in exact whole numbers. */
    private static double atLeast(int longest, int n, int made) {
        if (longest == 0) {
            return 1;
        }
        int missed = n - made;
        BigInteger shorter = BigInteger.ZERO;
        BigInteger gaps = BigInteger.ONE;
        BigInteger rest = choose(n, missed);
        int m = n;
        for (int j = 0; j <= Math.min(missed + 1, made / longest); j++) {
            if (j > 0) {
                // Each from the one before: with thousands of attempts the numbers have a thousand digits.
                gaps = gaps.multiply(BigInteger.valueOf(missed + 2L - j)).divide(BigInteger.valueOf(j));
                for (int step = 0; step < longest; step++, m--) {
                    rest = rest.multiply(BigInteger.valueOf(m - missed)).divide(BigInteger.valueOf(m));
                }
            }
            BigInteger term = gaps.multiply(rest);
            shorter = j % 2 == 0 ? shorter.add(term) : shorter.subtract(term);
        }
        BigInteger all = choose(n, made);
        return new BigDecimal(all.subtract(shorter))
                .divide(new BigDecimal(all), MathContext.DECIMAL64)
                .doubleValue();
    }

    private static BigInteger choose(int n, int k) {
        BigInteger result = BigInteger.ONE;
        for (int i = 1; i <= k; i++) {
            result = result.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
        }
        return result;
    }
}
