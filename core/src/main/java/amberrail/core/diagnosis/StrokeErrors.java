package amberrail.core.diagnosis;

import amberrail.core.simulation.ExecutionErrors;

/**
 * A student's own error sizes as standard deviations, at the reference pace of 2 m/s unless said.
 *
 * @param pacePercent     of the launch speed
 * @param heightMillimetres of the tip's height
 * @param aimMilliradians of the launch direction
 */
public record StrokeErrors(double pacePercent, double heightMillimetres, double aimMilliradians) {
    /** What is believed before there are data (methods.md, mapCause). */
    public static final StrokeErrors PRIOR = new StrokeErrors(6, 2, 1.5);

    /** In the order of {@link Cause}. */
    public double[] sds() {
        return new double[] {pacePercent, heightMillimetres, aimMilliradians};
    }

    /** Of a stroke at this launch speed (grading.md, "How errors grow with the stroke"). */
    public StrokeErrors at(double speedMetresPerSecond) {
        ExecutionErrors at = forSimulation().at(speedMetresPerSecond);
        return new StrokeErrors(100 * at.paceFraction(), at.tipHeightMillimetres(), at.aimMilliradians());
    }

    /** For the simulator; the side error keeps its share of the height's, since no landing here tells of it alone. */
    public ExecutionErrors forSimulation() {
        double side = heightMillimetres
                * ExecutionErrors.REFERENCE.tipSideMillimetres()
                / ExecutionErrors.REFERENCE.tipHeightMillimetres();
        return new ExecutionErrors(aimMilliradians, pacePercent / 100, heightMillimetres, side);
    }
}
