/**
 * Rack runs (racks.md): games as data, how balls lie, what can be seen of a layout, the search for a plan, the chance to clear it and what is learnt from
 * racks that were played.
 *
 * <p>Places in mm, strokes in m/s. Uses {@code recipe}, {@code simulation} and {@code aiming}; knows no student but their error sizes, and no storage.
 */
package amberrail.core.rack;
