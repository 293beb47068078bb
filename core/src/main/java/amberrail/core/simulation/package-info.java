/**
 * Shots from event to event: between two events every ball moves on a parabola, and the next contact is the root of a
 * polynomial. No fixed time step anywhere.
 *
 * <p>SI units. One engine, {@code ShotWorkspace}, works on primitive arrays without making garbage;
 * {@link amberrail.core.simulation.ShotSimulator} reads it into values. Laws of motion and impact come from {@code motion} and
 * physics/model.md; where things are on the table from {@code table}.
 */
package amberrail.core.simulation;
