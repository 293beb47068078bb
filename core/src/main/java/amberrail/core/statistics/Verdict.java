package amberrail.core.statistics;

import amberrail.core.problem.Require;

/** What a change may be called: decided by its interval alone, never by a p-value (methods.md, "Verdicts"). */
public enum Verdict {
    BETTER("better"),
    NO_CLEAR_CHANGE_YET("no clear change yet"),
    WORSE("worse");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    /** As methods.md writes it. */
    public String words() {
        return words;
    }

    /**
     * Of an interval of the change.
     *
     * @param noChange what no change would be: 0 for a difference, 1 for a ratio
     */
    public static Verdict of(double lower, double upper, double noChange, boolean higherIsBetter) {
        if (lower > noChange) {
            return higherIsBetter ? BETTER : WORSE;
        }
        if (upper < noChange) {
            return higherIsBetter ? WORSE : BETTER;
        }
        return NO_CLEAR_CHANGE_YET;
    }

    /** Whether the whole interval lies so near to no change that "about the same" may be added; all four in one unit. */
    public static boolean sameWithinMargin(double lower, double upper, double noChange, double margin) {
        Require.notNegative("margin", margin);
        return lower >= noChange - margin && upper <= noChange + margin;
    }
}
