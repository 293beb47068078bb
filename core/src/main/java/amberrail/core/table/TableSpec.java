package amberrail.core.table;

import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * One table as all that predicts takes it: its measures and its numbers.
 *
 * @param id                    stable name, such as "pool-9ft"
 * @param lengthMillimetres     L, nose to nose
 * @param widthMillimetres      W, nose to nose
 * @param noseHeightMillimetres h, height of the cushion nose above the cloth
 * @param balls                 the set it is usually played with
 * @param physics               its cloth, balls and cushions: of its kind's preset, or as they were measured
 * @param level                 what is known of its slope beside {@code physics}
 */
public record TableSpec(
        String id,
        TableKind kind,
        double lengthMillimetres,
        double widthMillimetres,
        double noseHeightMillimetres,
        PocketShape corner,
        PocketShape side,
        BallSet balls,
        Physics physics,
        TableLevel level) {
    /** What was written before tables had numbers of their own is read as the preset's. */
    public TableSpec {
        Require.text("id", id, 60);
        Objects.requireNonNull(kind);
        Require.positive("lengthMillimetres", lengthMillimetres);
        Require.positive("widthMillimetres", widthMillimetres);
        Require.positive("noseHeightMillimetres", noseHeightMillimetres);
        Objects.requireNonNull(corner);
        Objects.requireNonNull(side);
        Objects.requireNonNull(balls);
        physics = physics == null ? kind.usualPhysics() : physics;
        level = level == null ? TableLevel.NEVER_CHECKED : level;
    }

    /** A table that nobody has measured. */
    public TableSpec(
            String id,
            TableKind kind,
            double lengthMillimetres,
            double widthMillimetres,
            double noseHeightMillimetres,
            PocketShape corner,
            PocketShape side,
            BallSet balls) {
        this(id, kind, lengthMillimetres, widthMillimetres, noseHeightMillimetres, corner, side, balls, null, null);
    }

    /** Horizontal distance from a ball's centre to the nose when they touch: c = √(h(2R - h)). */
    public double noseDistanceMillimetres(BallSpec ball) {
        return Math.sqrt(noseHeightMillimetres * (ball.diameterMillimetres() - noseHeightMillimetres));
    }

    /** The same table with other balls on it. */
    public TableSpec withBalls(BallSet others) {
        return new TableSpec(
                id,
                kind,
                lengthMillimetres,
                widthMillimetres,
                noseHeightMillimetres,
                corner,
                side,
                others,
                physics,
                level);
    }

    /** The same table with the mouths of its pockets and the height of its noses as somebody took them. */
    public TableSpec measuring(double cornerMouthMillimetres, double sideMouthMillimetres, double noseMillimetres) {
        return new TableSpec(
                id,
                kind,
                lengthMillimetres,
                widthMillimetres,
                noseMillimetres,
                corner.withMouth(cornerMouthMillimetres),
                side.withMouth(sideMouthMillimetres),
                balls,
                physics,
                level);
    }

    /** The same table as it was measured. */
    public TableSpec with(Physics measured, TableLevel measuredLevel) {
        return new TableSpec(
                id,
                kind,
                lengthMillimetres,
                widthMillimetres,
                noseHeightMillimetres,
                corner,
                side,
                balls,
                measured,
                measuredLevel);
    }

    /** The same table with the numbers that go with its kind. */
    public TableSpec withPreset() {
        return with(kind.usualPhysics(), TableLevel.NEVER_CHECKED);
    }

    /** As it would be seen in a mirror that stands along its length: all the same but for the way it slopes. */
    public TableSpec mirrored() {
        return physics.driftY() == 0 ? this : with(physics.withDrift(physics.driftX(), -physics.driftY()), level);
    }
}
