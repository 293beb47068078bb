/** Practice plans: what to play in a session, why, and what a goal asks of a student. */
package amberrail.core.plan;
