/**
 * Potting in closed form: ghost ball, cut angle, how wide a pocket looks, where a rolling cue ball goes.
 *
 * <p>mm and degrees; a cut is positive when the object ball leaves to the left of the aim. Throw, squirt and swerve are
 * not in these formulas (physics/model.md section 9); the simulation adds them. Knows tables, not drills.
 */
package amberrail.core.aiming;
