package amberrail.app.attempts;

import amberrail.core.drill.RuleProgress;

/** Where a student stands with the rule of one station and side. */
public record StandingView(
        int station,
        boolean mirrored,
        int reached,
        int needed,
        boolean passed,
        int tries,
        int capTries,
        boolean capReached) {
    static StandingView of(int station, boolean mirrored, RuleProgress progress) {
        return new StandingView(
                station,
                mirrored,
                progress.reached(),
                progress.needed(),
                progress.passed(),
                progress.tries(),
                progress.capTries(),
                progress.capReached());
    }
}
