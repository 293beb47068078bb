package amberrail.core.kit;

import amberrail.core.motion.Physics;
import amberrail.core.table.TableSpec;

/**
 * Which way a table draws a slow ball, and how far over one table length.
 *
 * @param degrees     counter-clockwise from +x
 * @param millimetres across to its travel
 */
public record DriftSaid(double degrees, double millimetres) {
    /** As much as players notice: less is lost in the strokes. */
    static final double NOTICED_MILLIMETRES = 10;

    public static DriftSaid of(TableSpec table) {
        Physics physics = table.physics();
        return new DriftSaid(
                Math.toDegrees(Math.atan2(physics.driftY(), physics.driftX())),
                Math.abs(TableVerdict.straysMillimetres(CheckedTable.of(table), physics)));
    }

    public boolean isNoticed() {
        return millimetres >= NOTICED_MILLIMETRES;
    }
}
