/**
 * Checks of tables and cues: the readings as they were written down, and what they tell.
 *
 * <p>A thing is checked in one check at a time, which everybody at the table joins; what it has found holds from the moment that somebody takes it.
 */
package amberrail.app.kitcheck;
