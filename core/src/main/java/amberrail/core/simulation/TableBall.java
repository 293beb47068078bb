package amberrail.core.simulation;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.motion.BallState;
import amberrail.core.problem.Require;
import amberrail.core.table.BallSpec;
import java.util.Objects;

/** A ball on the table before the shot (SI). */
public record TableBall(String id, BallState state, double radiusMetres, double massKilograms) {
    public TableBall {
        Require.text("id", id, 20);
        Objects.requireNonNull(state);
        Require.between("radiusMetres", radiusMetres, 0.005, 0.2);
        Require.between("massKilograms", massKilograms, 0.01, 2);
    }

    public double radiusMillimetres() {
        return Units.millimetres(radiusMetres);
    }

    /** A ball at rest at a place given in mm. */
    public static TableBall atRest(String id, Point place, BallSpec spec) {
        return new TableBall(
                id,
                BallState.atRest(Units.metres(place.xMillimetres()), Units.metres(place.yMillimetres())),
                Units.metres(spec.radiusMillimetres()),
                spec.massKilograms());
    }
}
