package amberrail.core.kit;

import amberrail.core.motion.Physics;
import amberrail.core.simulation.TableLengths;
import amberrail.core.table.TablePlan;
import java.util.List;

/**
 * What changing a table's numbers moves, shown on strokes that every player knows.
 *
 * @param beforeMillimetres with the numbers that it has
 * @param afterMillimetres  with the others
 */
public record KitEffect(Stroke stroke, double beforeMillimetres, double afterMillimetres) {
    private static final double LAG_LENGTHS = 2;
    private static final double FASTEST_METRES_PER_SECOND = 9;
    private static final int HALVINGS = 40;

    /** The strokes. */
    public enum Stroke {
        /** A slow ball that before came one table length: how far it comes. */
        SOFT_ROLL,
        /** Up the table and back, two lengths in all before: how far it travels. */
        LAG,
        /** A slow ball over one table length: how far it strays. */
        STRAY
    }

    public static List<KitEffect> of(CheckedTable table, Physics before, Physics after) {
        TablePlan plan = TablePlan.of(table.spec());
        double length = table.spec().lengthMillimetres();
        double lag = lagPace(plan, before.withDrift(0, 0));
        return List.of(
                new KitEffect(
                        Stroke.SOFT_ROLL,
                        length,
                        length
                                * (before.rollingFriction() * before.gravity())
                                / (after.rollingFriction() * after.gravity())),
                new KitEffect(
                        Stroke.LAG, LAG_LENGTHS * length, length * TableLengths.of(lag, plan, after.withDrift(0, 0))),
                new KitEffect(
                        Stroke.STRAY,
                        TableVerdict.straysMillimetres(table, before),
                        TableVerdict.straysMillimetres(table, after)));
    }

    /** The launch speed that travels two table lengths (m/s). */
    private static double lagPace(TablePlan plan, Physics physics) {
        double slow = 0;
        double fast = FASTEST_METRES_PER_SECOND;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (slow + fast) / 2;
            if (TableLengths.of(middle, plan, physics) < LAG_LENGTHS) {
                slow = middle;
            } else {
                fast = middle;
            }
        }
        return (slow + fast) / 2;
    }
}
