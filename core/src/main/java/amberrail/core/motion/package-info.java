/**
 * The physical model of a shot in closed form: cue strike, sliding and rolling, impacts of balls and cushions.
 *
 * <p>SI units (m, s, rad, kg); azimuths in degrees where a person gives them. Formulas and letters are those of
 * physics/model.md. This package knows no table and no event loop; {@code simulation} puts the pieces together.
 */
package amberrail.core.motion;
