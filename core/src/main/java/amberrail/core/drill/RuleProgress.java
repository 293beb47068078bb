package amberrail.core.drill;

/**
 * Where a student stands with a rule.
 *
 * @param reached successes that count at this moment, 0 to {@code needed}
 * @param passed  whether the rule was met at any time among these tries
 * @param tries   all tries, not judged ones included
 */
public record RuleProgress(int reached, int needed, boolean passed, int tries, int capTries) {
    public boolean capReached() {
        return tries >= capTries;
    }
}
