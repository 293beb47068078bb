package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.Objects;

/** One ball of a set-up. */
public record BallPlacement(String label, Role role, Position position) {
    /** What the ball is there for; decides its colour on the drawing. */
    public enum Role {
        CUE,
        OBJECT,
        NEXT,
        BLOCKER
    }

    public BallPlacement {
        Require.text("label", label, 20);
        Objects.requireNonNull(role);
        Objects.requireNonNull(position);
    }
}
