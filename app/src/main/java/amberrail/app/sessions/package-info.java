/** A student's practice at one table: who, what, on which numbers, from when to when. */
package amberrail.app.sessions;
