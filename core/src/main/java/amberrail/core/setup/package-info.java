/**
 * One shot on one table as a thing of its own: what it is made of, and what is worked out for it once and then said everywhere.
 *
 * <p>Uses {@code drill}, {@code grading}, {@code recipe} and {@code simulation}; knows no student.
 */
package amberrail.core.setup;
