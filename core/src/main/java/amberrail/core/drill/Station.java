package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One step of a drill: its shots in order, the rule to move on, and the rule to step back if there is one. Each shot of a pattern is
 * played from where the last one left the cue ball ({@link #goesOnAt}); its own cue ball place is where that is planned to be.
 */
public record Station(String name, List<Shot> shots, AdvancingRule rule, Optional<StepBackRule> stepBack) {
    private static final int MOST_SHOTS = 16;

    public Station {
        Require.text("name", name, 80);
        shots = List.copyOf(shots);
        if (shots.isEmpty() || shots.size() > MOST_SHOTS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "shots", shots.size(), "must be 1 to " + MOST_SHOTS);
        }
        Objects.requireNonNull(rule);
        stepBack = stepBack == null ? Optional.empty() : stepBack;
    }

    public boolean hasSeveralShots() {
        return shots.size() > 1;
    }

    /**
     * Whether a shot (from 0) is played from where the one before it left the cue ball. Where the ball that was potted lies there again, everything is
     * set up anew: three answers to one question, not a pattern.
     */
    public boolean goesOnAt(int shot) {
        if (shot == 0) {
            return false;
        }
        return shots.get(shot - 1)
                .pot()
                .map(pot -> shots.get(shot).balls().stream()
                        .noneMatch(ball -> ball.label().equals(pot.ball())))
                .orElse(true);
    }
}
