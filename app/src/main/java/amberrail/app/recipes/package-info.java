/** The ways to play a shot, side by side, with their chances for a student; and what a target or a rule asks of one. */
package amberrail.app.recipes;
