/**
 * How hard a station is before anybody has tried it: its shots as tasks for the recipe solver, and the ability at which the usual recipe
 * succeeds half the time.
 *
 * <p>Abilities are logits, grades 500 + 100 logits. Uses drills, the judge, recipes and the simulator; knows nobody who plays.
 */
package amberrail.core.grading;
