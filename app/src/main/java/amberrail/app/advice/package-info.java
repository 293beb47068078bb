/**
 * What to tell a student after a shot, and a student's own error sizes: recorded attempts put to core's diagnosis with the stroke that was
 * called, or the usual one.
 */
package amberrail.app.advice;
