package amberrail.core.simulation;

/**
 * When a shot is given up; reached only by a fault of the engine.
 *
 * @param mostEvents     a full-rack break has a few hundred
 * @param longestSeconds a ball rolls for under a minute
 */
public record SimulationLimits(int mostEvents, double longestSeconds) {
    public static final SimulationLimits USUAL = new SimulationLimits(200_000, 600);
}
