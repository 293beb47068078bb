/**
 * Plane geometry without a table or balls: points, directions and the shapes a target can have.
 *
 * <p>Lengths are millimetres, angles degrees, counter-clockwise from +x, in (-180, 180] unless said. Axes are
 * right-handed: turning from +x to +y is counter-clockwise; a screen with y down flips when drawing only.
 */
package amberrail.core.geometry;
