package amberrail.core.simulation;

/**
 * How often a stroke succeeded in simulation.
 *
 * @param probability   share of successes, 0 to 1
 * @param standardError of that share, from the spread of independent batches
 */
public record SuccessRate(int shots, int successes, double probability, double standardError) {}
