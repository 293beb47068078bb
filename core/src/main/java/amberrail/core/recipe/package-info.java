/**
 * How to play a shot: the aim that pots in the full simulation, and with time the pace and tip height for a wanted landing.
 *
 * <p>Degrees, m/s; thick and thin by the sign of the cut. Uses {@code simulation}; knows no drill and no student.
 */
package amberrail.core.recipe;
