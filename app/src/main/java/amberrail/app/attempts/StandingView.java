package amberrail.app.attempts;

import amberrail.core.drill.NextStep;
import amberrail.core.drill.RuleProgress;
import java.util.UUID;

/**
 * Where a student stands with the rule of one station and side.
 *
 * @param tries of this session, at this station and side
 * @param next  where the rule sends the student
 */
public record StandingView(
        UUID studentId,
        String drillId,
        int station,
        boolean mirrored,
        int reached,
        int needed,
        boolean passed,
        int tries,
        int capTries,
        boolean capReached,
        NextView next) {

    /** Where to play on, and why. */
    public record NextView(int station, boolean mirrored, NextStep.Why why) {}

    static StandingView of(
            UUID studentId, String drillId, int station, boolean mirrored, RuleProgress run, int tries, NextStep next) {
        return new StandingView(
                studentId,
                drillId,
                station,
                mirrored,
                run.reached(),
                run.needed(),
                run.passed(),
                tries,
                run.capTries(),
                tries >= run.capTries(),
                new NextView(next.station(), next.mirrored(), next.why()));
    }
}
