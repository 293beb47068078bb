/**
 * What was seen of one played shot, and the judge that decides from it whether the shot succeeded.
 *
 * <p>Observation and judgement are kept apart: an attempt never says "success". mm on the table. Knows drills; knows nobody
 * who plays.
 */
package amberrail.core.attempt;
