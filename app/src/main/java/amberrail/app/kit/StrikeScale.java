package amberrail.app.kit;

import amberrail.core.simulation.TableLengths;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a stroke on a table is read against: tips, per cent of where the tip slips off, and pace as table lengths.
 *
 * @param tipDiameterMillimetres   one tip
 * @param mostTipOffsetMillimetres where the tip slips off
 * @param paces                    rising; straight lines between them are right to two hundredths of a length
 */
public record StrikeScale(double tipDiameterMillimetres, double mostTipOffsetMillimetres, List<PaceInLengths> paces) {
    private static final double STEP_METRES_PER_SECOND = 0.25;
    private static final double MOST_METRES_PER_SECOND = 9;

    /** A launch speed, and the total travel of a centre-ball shot along the table over the table's length. */
    public record PaceInLengths(double paceMetresPerSecond, double tableLengths) {}

    static StrikeScale of(TableSpec spec, double tipDiameterMillimetres) {
        TablePlan plan = TablePlan.of(spec);
        var physics = spec.physics();
        return new StrikeScale(
                tipDiameterMillimetres,
                physics.miscueLimit() * spec.balls().cueBall().radiusMillimetres(),
                IntStream.rangeClosed(1, (int) (MOST_METRES_PER_SECOND / STEP_METRES_PER_SECOND))
                        .mapToDouble(n -> n * STEP_METRES_PER_SECOND)
                        .mapToObj(pace -> new PaceInLengths(pace, TableLengths.of(pace, plan, physics)))
                        .toList());
    }
}
