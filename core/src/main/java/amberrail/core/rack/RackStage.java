package amberrail.core.rack;

import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * What is on at one moment of a game, and what comes after it.
 *
 * @param id       name of the stage, unique in its game
 * @param group    the balls that may be struck first
 * @param pick     any of them, or only the lowest
 * @param comeBack whether a potted ball of the group comes back to its spot
 * @param called   whether the ball must drop into the pocket that was called
 * @param next     the stage after a pot
 * @param whenGone the stage after a pot when {@code next} has no ball left; empty: then all is cleared
 */
public record RackStage(
        String id, String group, Pick pick, boolean comeBack, boolean called, String next, String whenGone) {
    /** Which balls of the group. */
    public enum Pick {
        ANY,
        LOWEST
    }

    public RackStage {
        Require.text("id", id, 20);
        Require.text("group", group, 20);
        Objects.requireNonNull(pick);
        Require.text("next", next, 20);
        Objects.requireNonNull(whenGone);
    }
}
