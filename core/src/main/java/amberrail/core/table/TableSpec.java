package amberrail.core.table;

import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * The measures of one table.
 *
 * @param id                    stable name, such as "pool-9ft"
 * @param lengthMillimetres     L, nose to nose
 * @param widthMillimetres      W, nose to nose
 * @param noseHeightMillimetres h, height of the cushion nose above the cloth
 * @param balls                 the set it is usually played with
 */
public record TableSpec(
        String id,
        TableKind kind,
        double lengthMillimetres,
        double widthMillimetres,
        double noseHeightMillimetres,
        PocketShape corner,
        PocketShape side,
        BallSet balls) {
    public TableSpec {
        Require.text("id", id, 60);
        Objects.requireNonNull(kind);
        Require.positive("lengthMillimetres", lengthMillimetres);
        Require.positive("widthMillimetres", widthMillimetres);
        Require.positive("noseHeightMillimetres", noseHeightMillimetres);
        Objects.requireNonNull(corner);
        Objects.requireNonNull(side);
        Objects.requireNonNull(balls);
    }

    /** Horizontal distance from a ball's centre to the nose when they touch: c = √(h(2R - h)). */
    public double noseDistanceMillimetres(BallSpec ball) {
        return Math.sqrt(noseHeightMillimetres * (ball.diameterMillimetres() - noseHeightMillimetres));
    }

    /** The same table with other balls on it. */
    public TableSpec withBalls(BallSet others) {
        return new TableSpec(
                id, kind, lengthMillimetres, widthMillimetres, noseHeightMillimetres, corner, side, others);
    }
}
