package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.problem.Require;
import java.util.Objects;

/** A ball on the table before the shot (SI). */
public record TableBall(String id, BallState state, double radiusMetres, double massKilograms) {
    public TableBall {
        Require.text("id", id, 20);
        Objects.requireNonNull(state);
        Require.between("radiusMetres", radiusMetres, 0.005, 0.2);
        Require.between("massKilograms", massKilograms, 0.01, 2);
    }
}
